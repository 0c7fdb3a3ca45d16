import { type ChildProcess, spawn } from 'node:child_process';
import { closeSync, openSync } from 'node:fs';
import { copyFile, stat, truncate } from 'node:fs/promises';
import { CONFIG, dataPath } from '../server/config.ts';

/** A program that is started again whenever it ends. */
export interface Kept {
  /** The process that runs now; null while it is being started again. */
  child(): ChildProcess | null;
  /** Ends it, and does not start it again. */
  stop(): Promise<void>;
}

/** Milliseconds. A program that ended right after its start is given time, so that it does not go round and round. */
const RESTART = { soonMs: 300, laterMs: 3000, hurriedMs: 3000 } as const;

/**
 * Starts a program and starts it again when it ends. The first start has to succeed; a later one is tried until it does.
 * patienceMs: how long it may take to end when it is asked to.
 */
export async function keepRunning(
  name: string,
  start: () => ChildProcess | Promise<ChildProcess>,
  say: (line: string) => void,
  patienceMs: number,
): Promise<Kept> {
  let child: ChildProcess | null = null;
  let stopping = false;
  let again: NodeJS.Timeout | null = null;
  const watch = (started: ChildProcess) => {
    child = started;
    const began = Date.now();
    started.once('exit', (code, signal) => {
      child = null;
      if (stopping) return;
      say(
        `The ${name} stopped (${code ?? signal}) and is started again; its log is ${dataPath(`${name}.log`)}`,
      );
      later(Date.now() - began < RESTART.hurriedMs ? RESTART.laterMs : RESTART.soonMs);
    });
  };
  const later = (ms: number) => {
    again = setTimeout(async () => {
      try {
        const started = await start();
        if (stopping) await endProcess(started, patienceMs);
        else watch(started);
      } catch (e) {
        if (stopping) return;
        say(`The ${name} could not be started again, which is tried once more: ${(e as Error).message}`);
        later(RESTART.laterMs);
      }
    }, ms);
  };
  watch(await start());
  return {
    child: () => child,
    async stop() {
      stopping = true;
      if (again) clearTimeout(again);
      if (child) await endProcess(child, patienceMs);
    },
  };
}

/** Starts one of our own programs, its output in a log; it ends when this process does. */
export function startNode(name: string, args: readonly string[]): ChildProcess {
  const log = openSync(dataPath(`${name}.log`), 'a', 0o600);
  const child = spawn('setpriv', ['--pdeathsig', 'SIGTERM', process.execPath, ...args], {
    cwd: CONFIG.root,
    stdio: ['ignore', log, log],
    detached: true,
    env: { ...process.env, NODE_ENV: 'production', NABBET_ROOT: CONFIG.root, NABBET_DATA: CONFIG.data },
  });
  closeSync(log);
  return child;
}

/** Asks a process to end, and makes it end when it does not. */
export async function endProcess(child: ChildProcess, patienceMs: number): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = new Promise((r) => child.once('exit', r));
  child.kill('SIGTERM');
  const timer = setTimeout(() => child.kill('SIGKILL'), patienceMs);
  await gone;
  clearTimeout(timer);
}

/** The largest log, bytes; what is older stands in one more file. */
const LARGEST_LOG = 8_000_000;

/** Keeps logs small: one that has grown is copied to "name.log.1" and begun anew. Programs append, so they go on writing. */
export async function rotateLogs(names: readonly string[], largest = LARGEST_LOG): Promise<void> {
  for (const name of names) {
    const file = dataPath(`${name}.log`);
    const info = await stat(file).catch(() => null);
    if (!info || info.size <= largest) continue;
    await copyFile(file, `${file}.1`);
    await truncate(file, 0);
  }
}
