import { type ChildProcess, spawn } from 'node:child_process';

/** A program ended with an error or ran too long; the message says which and what it printed last. */
export class ProgramError extends Error {
  override name = 'ProgramError';
}

export interface RunOptions {
  input?: Uint8Array | string;
  /** Milliseconds until it is killed. */
  timeoutMs?: number;
  cwd?: string;
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
  stdio: ('pipe' | 'ignore' | 'inherit')[],
  cwd?: string,
): ChildProcess {
  return spawn('setpriv', ['--pdeathsig', 'SIGKILL', program, ...args], { stdio, ...(cwd ? { cwd } : {}) });
}

/** Runs a program to its end and gives what it printed. */
export async function run(
  program: string,
  args: readonly string[],
  options: RunOptions = {},
): Promise<{ stdout: Buffer; stderr: string }> {
  const child = start(program, args, ['pipe', 'pipe', 'pipe'], options.cwd);
  const out: Buffer[] = [];
  const err: Buffer[] = [];
  child.stdout?.on('data', (d: Buffer) => out.push(d));
  child.stderr?.on('data', (d: Buffer) => err.push(d));
  child.stdin?.on('error', () => {
    // The program ended before it had read everything: its exit code says why.
  });
  child.stdin?.end(options.input ?? '');
  let timedOut = false;
  const timer = setTimeout(() => {
    timedOut = true;
    child.kill('SIGKILL');
  }, options.timeoutMs ?? 120_000);
  const code = await new Promise<number | null>((resolve, reject) => {
    child.on('error', (e) => reject(new ProgramError(`${program} cannot be started: ${e.message}`)));
    child.on('close', resolve);
  }).finally(() => clearTimeout(timer));
  const stderr = Buffer.concat(err).toString('utf8');
  if (timedOut)
    throw new ProgramError(`${program} was stopped after ${(options.timeoutMs ?? 120_000) / 1000} s.`);
  if (code === null || !(options.accept ?? [0]).includes(code))
    throw new ProgramError(
      `${program} ended with code ${code}: ${stderr.trim().split('\n').slice(-3).join(' / ')}`,
    );
  return { stdout: Buffer.concat(out), stderr };
}
