import { writeSync } from 'node:fs';
import pino from 'pino';

/**
 * What a log keeps of an error: its kind, its code, and where it happened. Messages can carry words of a piece (a statement
 * with its values, the beginning of a text that is no JSON), so only those of the system (files, ports, programs) are kept.
 */
export function loggedError(e: unknown): object {
  if (!(e instanceof Error)) return { kind: typeof e };
  const { code } = e as NodeJS.ErrnoException;
  const system = /^E[A-Z]+$/.test(code ?? '');
  return {
    kind: e.name,
    code,
    message: system ? e.message : undefined,
    at: (e.stack ?? '')
      .split('\n')
      .filter((line) => /^\s+at /.test(line))
      .slice(0, 12)
      .map((line) => line.trim()),
    cause: e.cause === undefined ? undefined : loggedError(e.cause),
  };
}

/** A line that cannot be written (the disk is full) is lost; whoever wanted to write it goes on. */
const lose = (): void => undefined;
for (const stream of [process.stdout, process.stderr])
  if (!stream.listeners('error').some((l) => l.name === lose.name)) stream.on('error', lose);
const destination = {
  write(line: string): void {
    try {
      writeSync(2, line);
    } catch {
      // As above; and nobody could be told.
    }
  },
};

/** Structured logs: one JSON object a line, to standard error. NABBET_LOG sets the level. */
export const log = pino(
  {
    level: process.env.NABBET_LOG ?? 'info',
    base: { pid: process.pid },
    serializers: { err: loggedError },
  },
  destination,
);
