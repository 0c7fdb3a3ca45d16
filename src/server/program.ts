import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import type { Stream } from 'node:stream';

/** A program ended with an error or ran too long; the message says which and what it printed last. */
export class ProgramError extends Error {
  override name = 'ProgramError';
  /** As the system says it, where the program passes that on. */
  readonly code: string | undefined;

  constructor(message: string) {
    super(message);
    this.code = /No space left on device/i.test(message) ? 'ENOSPC' : undefined;
  }
}

export interface RunOptions {
  input?: Uint8Array | string | AsyncIterable<Uint8Array> | Iterable<Uint8Array>;
  /** Milliseconds until it is killed. */
  timeoutMs?: number;
  cwd?: string;
  /** Ends it before its time. */
  signal?: AbortSignal;
  /** Exit codes that are no error. */
  accept?: readonly number[];
}

/**
 * Starts a program with a list of arguments, never through a shell. It dies with this process, even when this process
 * is killed outright.
 */
export function start(
  program: string,
  args: readonly string[],
  stdio: ('pipe' | 'ignore' | 'inherit' | Stream)[],
  cwd?: string,
): ChildProcess {
  return spawn('setpriv', ['--pdeathsig', 'SIGKILL', program, ...args], { stdio, ...(cwd ? { cwd } : {}) });
}

/** Writes to a program as fast as it reads. A program that ended before is no error here. */
async function feed(
  child: ChildProcess,
  input: AsyncIterable<Uint8Array> | Iterable<Uint8Array>,
): Promise<void> {
  for await (const part of input) {
    const into = child.stdin;
    if (!into?.writable) return;
    if (into.write(part)) continue;
    // Whichever comes, nothing keeps listening for the other.
    const waiting = new AbortController();
    const { signal } = waiting;
    await Promise.race([once(into, 'drain', { signal }), once(child, 'close', { signal })]).catch(
      () => undefined,
    );
    waiting.abort();
  }
  child.stdin?.end();
}

/** Runs a program to its end and gives what it printed. */
export async function run(
  program: string,
  args: readonly string[],
  options: RunOptions = {},
): Promise<{ stdout: Buffer; stderr: string }> {
  const child = start(program, args, ['pipe', 'pipe', 'pipe'], options.cwd);
  let failed: Error | null = null;
  const out: Buffer[] = [];
  const err: Buffer[] = [];
  child.stdout?.on('data', (d: Buffer) => out.push(d));
  child.stderr?.on('data', (d: Buffer) => err.push(d));
  child.stdin?.on('error', () => {
    // The program ended before it had read everything: its exit code says why.
  });
  const { input = '' } = options;
  const fed =
    typeof input === 'string' || input instanceof Uint8Array
      ? child.stdin?.end(input)
      : feed(child, input).catch((e: Error) => {
          // What was to be read failed, not the program.
          failed = e;
          child.kill('SIGKILL');
        });
  let timedOut = false;
  const timer = setTimeout(() => {
    timedOut = true;
    child.kill('SIGKILL');
  }, options.timeoutMs ?? 120_000);
  const stop = () => child.kill('SIGKILL');
  options.signal?.addEventListener('abort', stop, { once: true });
  if (options.signal?.aborted) stop();
  const code = await new Promise<number | null>((resolve, reject) => {
    child.on('error', (e) => reject(new ProgramError(`${program} cannot be started: ${e.message}`)));
    child.on('close', resolve);
  }).finally(() => {
    clearTimeout(timer);
    options.signal?.removeEventListener('abort', stop);
  });
  const stderr = Buffer.concat(err).toString('utf8');
  await fed;
  if (failed) throw failed;
  if (timedOut)
    throw new ProgramError(`${program} was stopped after ${(options.timeoutMs ?? 120_000) / 1000} s.`);
  if (code === null || !(options.accept ?? [0]).includes(code))
    throw new ProgramError(
      `${program} ended with code ${code}: ${stderr.trim().split('\n').slice(-3).join(' / ')}`,
    );
  return { stdout: Buffer.concat(out), stderr };
}
