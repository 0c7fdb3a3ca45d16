import { spawn } from 'node:child_process';
import { mkdir, mkdtemp, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { nanoid } from 'nanoid';
import { LOOK_NAMES, type LookName } from '../core/look/looks.ts';
import { draftFromLines } from '../core/outline/draft.ts';
import { cutScript } from '../core/text/script.ts';
import { CONFIG } from '../server/config.ts';
import { run } from '../server/program.ts';
import { nabPiece } from '../server/shelf/shelf.ts';
import { benchAlignment } from './bench-align.ts';
import { benchEachLook } from './bench-each-look.ts';
import { benchLooks } from './bench-looks.ts';
import { round } from './bench-measure.ts';
import { benchReading } from './bench-read.ts';
import { benchRender, demoPiece } from './bench-render.ts';
import { benchShelf } from './bench-shelf.ts';
import { benchVoices } from './bench-voices.ts';
import { copyHelpers } from './helper-programs.ts';
import { LOADER } from './node-arguments.ts';
import { UsageError } from './usage.ts';

const say = (line: string) => process.stdout.write(`${line}\n`);

export const BENCH_USAGE = 'usage: nabbet bench [--photos FOLDER | --each-look [LOOK ...]]';

/**
 * nabbet bench: measures side by side in one run, prints ratios, and writes them to .bench/bench.json. --photos FOLDER: only
 * how well words can be read over photographs, which do not ship. --each-look: only what a render costs
 * in each look, or in those that are named.
 */
export async function bench(argv: string[]): Promise<void> {
  const { values, positionals } = readArgs(argv);
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-bench-'));
  try {
    if (values.photos !== undefined) {
      process.exitCode = await overPhotos(path.resolve(values.photos), folder);
      return;
    }
    await copyHelpers(folder, CONFIG.data);
    if (values['each-look']) {
      const ratios = await benchEachLook(folder, await demoPiece(), looksOf(positionals), say);
      say(`least ${Math.min(...Object.values(ratios))}`);
      return;
    }
    const results = {
      machine: (await run('uname', ['-sr'])).stdout.toString().trim(),
      reading: await benchReading(say),
      shelf: await benchShelf(say),
      looks: await benchLooks(say),
      voices: await benchVoices(say),
      alignment: await benchAlignment(say),
      draft: await draft(),
      render: await benchRender(folder, say),
    };
    await mkdir(path.join(CONFIG.root, '.bench'), { recursive: true });
    await writeFile(path.join(CONFIG.root, '.bench/bench.json'), `${JSON.stringify(results, null, 2)}\n`);
    say(JSON.stringify(results, null, 2));
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

function readArgs(argv: string[]) {
  try {
    const args = parseArgs({
      args: argv,
      options: { photos: { type: 'string' }, 'each-look': { type: 'boolean' } },
      allowPositionals: true,
    });
    if (args.positionals.length && !args.values['each-look']) throw new Error('Only looks can be named');
    return args;
  } catch (e) {
    throw new UsageError(`${(e as Error).message.split('.')[0]}. ${BENCH_USAGE}`);
  }
}

/** Those that are named, or all. */
function looksOf(names: readonly string[]): readonly LookName[] {
  const unknown = names.find((n) => !(LOOK_NAMES as readonly string[]).includes(n));
  if (unknown) throw new UsageError(`There is no look ${unknown}. Looks: ${LOOK_NAMES.join(', ')}.`);
  return names.length ? LOOK_NAMES.filter((n) => names.includes(n)) : LOOK_NAMES;
}

/** In a process with data of its own, so that the photographs come nowhere else. Gives its exit code. */
async function overPhotos(photos: string, data: string): Promise<number> {
  if (!(await stat(photos).catch(() => null))?.isDirectory())
    throw new UsageError(`There is no folder ${photos}. ${BENCH_USAGE}`);
  const child = spawn(process.execPath, [...LOADER, 'src/cli/bench-photos.ts', photos], {
    cwd: CONFIG.root,
    env: { ...process.env, NABBET_DATA: data, NABBET_ROOT: CONFIG.root },
    stdio: 'inherit',
  });
  return new Promise((done) => child.once('exit', (code) => done(code ?? 1)));
}

/** A first draft of 30 lines: cut, pictures for all of them; cold with the model loaded from disk, then again. */
async function draft() {
  const script = Array.from(
    { length: 30 },
    (_, i) =>
      `Line ${i}: ${['the baker opens at six', 'a boat passes the bridge', 'nobody knew the answer', 'the lanterns were lit', 'it costs nine pounds'][i % 5]} in year ${i}.`,
  ).join('\n');
  const make = async () => {
    const began = performance.now();
    const piece = draftFromLines(
      cutScript(script, 'line'),
      { format: '9:16', voice: 'maud', mood: 'gentle' },
      () => nanoid(10),
    );
    await nabPiece(piece);
    return round((performance.now() - began) / 1000);
  };
  const [coldSeconds, knownSeconds] = [await make(), await make()];
  say(`30 lines to pictures: ${coldSeconds} s cold, ${knownSeconds} s with known lines`);
  return { lines: 30, coldSeconds, knownSeconds };
}
