import { type ChildProcess, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { closeSync, openSync } from 'node:fs';
import { chmod, mkdir, readdir, readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { cutScript } from '../core/text/script.ts';
import { CONFIG, dataPath } from '../server/config.ts';
import { closeDatabase } from '../server/db/client.ts';
import { portFree, StartError, startMariaDb } from '../server/db/mariadb.ts';
import { migrateDatabase } from '../server/db/migrate.ts';
import { isLoopback, provideToken, TOKEN_COOKIE, TOKEN_PARAMETER } from '../server/http/doors.ts';
import { runningBeat } from '../server/jobs/renders.ts';
import { DEMO_SCRIPTS } from '../server/seed/scripts.ts';
import { LOADER, PAINTING } from './node-arguments.ts';
import { type Kept, keepRunning, rotateLogs, startNode } from './supervise.ts';

const NEXT = path.join(CONFIG.root, 'node_modules/next/dist/bin/next');

/** A running Nabbet: database, web server and render worker. */
export interface Stack {
  url: string;
  /** Stops web and worker first, the database last. */
  stop(): Promise<void>;
  /** Processes, for tests that kill them. */
  web(): ChildProcess | null;
  worker(): ChildProcess | null;
  database(): ChildProcess | null;
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
  for (const f of ['src/proxy.ts', 'package-lock.json', 'next.config.ts', 'tsconfig.json'])
    hash.update(await readFile(path.join(CONFIG.root, f)));
  return hash.digest('hex');
}

/** Megabytes of objects that the web server may hold: what is heavy is done in other processes. */
const WEB_HEAP_MB = 480;

const PROGRAMS = ['mariadb', 'web', 'worker', 'shop', 'speakers'] as const;
/** As long as a browser keeps an idle connection: one that the server closes first may be lost under a request. */
const IDLE_MS = 300_000;
/** Made-up services of others, each unless the setting names real ones. */
const STAND_INS = [
  { program: 'shop', unless: 'NABBET_LIBRARIES' },
  { program: 'speakers', unless: 'NABBET_VOICES' },
] as const;
/** How often logs are looked at, and the worker's heart. */
const LOOK_MS = 30_000;

/** Starts everything in order; seed runs after the migrations and before the web server. */
export async function startStack(say: (line: string) => void, seed: () => Promise<void>): Promise<Stack> {
  // What is stored is its owner's: nobody else on this machine can read it.
  process.umask(0o077);
  await mkdir(CONFIG.data, { recursive: true });
  await chmod(CONFIG.data, 0o700);
  const token = isLoopback(CONFIG.host) ? null : neededToken(say);
  if (!(await portFree(CONFIG.port, CONFIG.host)))
    throw new StartError(
      `Port ${CONFIG.port} is taken. Is Nabbet running already? Otherwise set NABBET_PORT to a free port.`,
    );
  await rotateLogs(PROGRAMS);
  say('Starting the database');
  const database = await keepRunning('mariadb', startMariaDb, say, 15_000);
  const programs: Kept[] = [];
  let looking: NodeJS.Timeout | null = null;
  let stopped: Promise<void> | null = null;
  const stop = () => {
    stopped ??= (async () => {
      if (looking) clearInterval(looking);
      await Promise.all(programs.map((p) => p.stop()));
      await closeDatabase();
      await database.stop();
    })();
    return stopped;
  };
  try {
    await migrateDatabase(say);
    await seed();
    await build(say);
    say('Starting the web server and the render worker');
    const web = [
      `--max-old-space-size=${WEB_HEAP_MB}`,
      NEXT,
      'start',
      '-H',
      CONFIG.host,
      '-p',
      String(CONFIG.port),
      '--keepAliveTimeout',
      String(IDLE_MS),
    ];
    const server = await keepRunning('web', () => startNode('web', web), say, 8000);
    programs.push(server);
    const work = [...PAINTING, path.join(CONFIG.root, 'src/server/jobs/worker.ts')];
    const worker = await keepRunning('worker', () => startNode('worker', work), say, 8000);
    programs.push(worker);
    for (const { program, unless } of STAND_INS)
      if (!process.env[unless]) {
        const args = [...LOADER, path.join(CONFIG.root, `src/stand-in/${program}.ts`)];
        programs.push(await keepRunning(program, () => startNode(program, args), say, 2000));
      }
    const look = heartWatch(() => worker.child()?.kill('SIGKILL'), say);
    looking = setInterval(() => {
      void rotateLogs(PROGRAMS).catch((e) => say(`Logs could not be shortened: ${(e as Error).message}`));
      void look();
    }, LOOK_MS);
    const url = `http://${reachedAt(CONFIG.host)}:${CONFIG.port}`;
    const cookie = token === null ? '' : `${TOKEN_COOKIE}=${token}`;
    await healthy(`${url}/api/health`, cookie);
    void warmUp(url, cookie);
    const entrance = token === null ? url : `${url}/?${TOKEN_PARAMETER}=${token}`;
    return {
      url: entrance,
      stop,
      web: () => server.child(),
      worker: () => worker.child(),
      database: () => database.child(),
    };
  } catch (e) {
    await stop();
    throw e;
  }
}

/**
 * Looks whether the worker's heart beats: a render that is under way and whose beat is the same at two looks belongs to a
 * worker that hangs.
 */
function heartWatch(kill: () => void, say: (line: string) => void): () => Promise<void> {
  let seen = '';
  return async () => {
    const beat = await runningBeat().catch(() => null);
    if (beat !== null && beat === seen) {
      say('The render worker does not move any more and is started again.');
      kill();
    }
    seen = beat ?? '';
  };
}

async function healthy(url: string, cookie: string): Promise<void> {
  for (let i = 0; i < 300; i++) {
    const ok = await fetch(url, { headers: { cookie } }).then(
      (r) => r.ok,
      () => false,
    );
    if (ok) return;
    await new Promise((r) => setTimeout(r, 200));
  }
  throw new StartError(`The web server does not answer at ${url}. Its log is ${dataPath('web.log')}.`);
}

/** Pages, readers and the sentence model are loaded at their first use; this is it, so that nobody waits for it. */
async function warmUp(url: string, cookie: string): Promise<void> {
  const lines = cutScript(DEMO_SCRIPTS[0]?.script ?? '', 'line');
  const ask = [
    ...['/', '/begin', '/piece/none', '/api/pieces', '/api/shelf', '/api/renders'].map((p) =>
      fetch(url + p, { headers: { cookie } }),
    ),
    fetch(`${url}/api/scripts?name=first.md`, { method: 'PUT', body: '# A first line', headers: { cookie } }),
    fetch(`${url}/api/shelf/warm`, { method: 'POST', body: JSON.stringify({ lines }), headers: { cookie } }),
  ];
  await Promise.allSettled(ask);
}

/** An address that means every address is reached by this machine's own. */
const reachedAt = (host: string) => (host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host);

/** Beyond loopback nobody comes in without the token. */
function neededToken(say: (line: string) => void): string {
  try {
    const token = provideToken();
    say(
      `Nabbet will answer other machines too (NABBET_HOST=${CONFIG.host}). Whoever has the address below with its token can read and change everything; it is not encrypted on its way. Give it only to people you trust.`,
    );
    return token;
  } catch (e) {
    throw new StartError(
      `Nabbet does not listen beyond this machine without an access token: ${(e as Error).message} Set NABBET_TOKEN to 16 letters or more, or leave NABBET_HOST out.`,
    );
  }
}
