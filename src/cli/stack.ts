import { type ChildProcess, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { closeSync, openSync } from 'node:fs';
import { mkdir, readdir, readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { cutScript } from '../core/text/script.ts';
import { CONFIG, dataPath } from '../server/config.ts';
import { closeDatabase, migrateDatabase } from '../server/db/client.ts';
import { portFree, StartError, startMariaDb } from '../server/db/mariadb.ts';
import { DEMO_SCRIPTS } from '../server/seed/scripts.ts';

const TSX = [
  '--expose-gc',
  '--import',
  `file://${path.join(CONFIG.root, 'node_modules/tsx/dist/loader.mjs')}`,
];
const NEXT = path.join(CONFIG.root, 'node_modules/next/dist/bin/next');

/** A running Nabbet: database, web server and render worker. */
export interface Stack {
  url: string;
  /** Stops web and worker first, the database last. */
  stop(): Promise<void>;
  /** The worker's process, for tests that kill it. */
  worker(): ChildProcess | null;
}

/** Builds the web application when its sources have changed since the last build. */
async function build(say: (line: string) => void): Promise<void> {
  const stamp = await sourceStamp();
  const file = path.join(CONFIG.root, '.next', 'nabbet-stamp');
  if ((await readFile(file, 'utf8').catch(() => '')) === stamp) return;
  say('Building the web application (about a minute, only after changes)');
  const log = dataPath('build.log');
  await mkdir(CONFIG.data, { recursive: true });
  const out = openSync(log, 'w');
  const child = spawn('setpriv', ['--pdeathsig', 'SIGKILL', process.execPath, NEXT, 'build'], {
    cwd: CONFIG.root,
    stdio: ['ignore', out, out],
    env: { ...process.env, NODE_ENV: 'production' },
  });
  const code = await new Promise((r) => child.on('close', r));
  closeSync(out);
  if (code !== 0)
    throw new StartError(`The web application could not be built. What the builder said is in ${log}.`);
  await writeFile(file, stamp);
}

async function sourceStamp(): Promise<string> {
  const hash = createHash('sha256');
  const walk = async (dir: string): Promise<void> => {
    for (const e of (await readdir(dir, { withFileTypes: true })).sort((a, b) =>
      a.name < b.name ? -1 : 1,
    )) {
      const full = path.join(dir, e.name);
      if (e.isDirectory()) await walk(full);
      else if (!/\.test\.tsx?$/.test(e.name))
        hash.update(full.slice(CONFIG.root.length)).update(await readFile(full));
    }
  };
  for (const dir of ['api', 'app', 'core', 'server', 'ui', 'wording', 'workers'].map((d) => `src/${d}`))
    await walk(path.join(CONFIG.root, dir));
  for (const f of ['package-lock.json', 'next.config.ts', 'tsconfig.json'])
    hash.update(await readFile(path.join(CONFIG.root, f)));
  return hash.digest('hex');
}

/** Starts everything in order; seed runs after the migrations and before the web server. */
export async function startStack(say: (line: string) => void, seed: () => Promise<void>): Promise<Stack> {
  if (!(await portFree(CONFIG.port, CONFIG.host)))
    throw new StartError(
      `Port ${CONFIG.port} is taken. Is Nabbet running already? Otherwise set NABBET_PORT to a free port.`,
    );
  say('Starting the database');
  const database = await startMariaDb();
  const children = new Map<string, ChildProcess>();
  let stopping = false;
  const stop = async () => {
    if (stopping) return;
    stopping = true;
    await Promise.all([...children.values()].map((c) => endProcess(c, 8000)));
    await closeDatabase();
    await endProcess(database, 15_000);
  };
  const keepRunning = (name: string, args: string[]) => {
    const log = openSync(dataPath(`${name}.log`), 'a');
    const child = spawn('setpriv', ['--pdeathsig', 'SIGTERM', process.execPath, ...args], {
      cwd: CONFIG.root,
      stdio: ['ignore', log, log],
      detached: true,
      env: { ...process.env, NODE_ENV: 'production', NABBET_ROOT: CONFIG.root, NABBET_DATA: CONFIG.data },
    });
    closeSync(log);
    children.set(name, child);
    const began = Date.now();
    child.once('exit', (code) => {
      if (stopping) return;
      say(`The ${name} stopped (code ${code}) and is started again; its log is ${dataPath(`${name}.log`)}`);
      setTimeout(() => !stopping && keepRunning(name, args), Date.now() - began < 3000 ? 3000 : 300);
    });
  };
  try {
    await migrateDatabase();
    await seed();
    await build(say);
    say('Starting the web server and the render worker');
    keepRunning('web', [NEXT, 'start', '-H', CONFIG.host, '-p', String(CONFIG.port)]);
    keepRunning('worker', [...TSX, path.join(CONFIG.root, 'src/server/jobs/worker.ts')]);
    const url = `http://${CONFIG.host}:${CONFIG.port}`;
    await healthy(`${url}/api/health`);
    void warmUp(url);
    return { url, stop, worker: () => children.get('worker') ?? null };
  } catch (e) {
    await stop();
    throw e;
  }
}

async function healthy(url: string): Promise<void> {
  for (let i = 0; i < 300; i++) {
    const ok = await fetch(url).then(
      (r) => r.ok,
      () => false,
    );
    if (ok) return;
    await new Promise((r) => setTimeout(r, 200));
  }
  throw new StartError(`The web server does not answer at ${url}. Its log is ${dataPath('web.log')}.`);
}

/** Pages and the sentence model are loaded at their first use; this is it, so that nobody waits for it. */
async function warmUp(url: string): Promise<void> {
  const lines = cutScript(DEMO_SCRIPTS[0]?.script ?? '', 'line');
  const ask = [
    ...['/', '/begin', '/piece/none', '/api/pieces', '/api/shelf', '/api/renders'].map((p) => fetch(url + p)),
    fetch(`${url}/api/shelf/warm`, { method: 'POST', body: JSON.stringify({ lines }) }),
  ];
  await Promise.allSettled(ask);
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
