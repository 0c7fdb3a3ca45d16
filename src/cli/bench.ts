import { spawn } from 'node:child_process';
import { mkdir, mkdtemp, readFile, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { nanoid } from 'nanoid';
import { draftFromLines } from '../core/outline/draft.ts';
import type { Piece } from '../core/piece/types.ts';
import { cutScript } from '../core/text/script.ts';
import { framesToSeconds } from '../core/time.ts';
import { CONFIG } from '../server/config.ts';
import { run } from '../server/program.ts';
import { DEMO_SCRIPTS } from '../server/seed/scripts.ts';
import { nabPiece, withPictures } from '../server/shelf/shelf.ts';
import { benchReading } from './bench-read.ts';
import { benchShelf } from './bench-shelf.ts';
import { copyHelpers } from './helper-programs.ts';

/** CPU seconds, user and system, of a program and all its children, and seconds by the clock. */
async function measured(args: string[], env: Record<string, string>): Promise<{ cpu: number; wall: number }> {
  const child = spawn('bash', ['-c', 'TIMEFORMAT="CPU %U %S %R"; time "$@"', 'bench', ...args], {
    cwd: CONFIG.root,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'inherit', 'pipe'],
  });
  let err = '';
  child.stderr.on('data', (d: Buffer) => {
    err += d.toString();
  });
  const code = await new Promise((r) => child.on('close', r));
  const m = /CPU ([\d.]+) ([\d.]+) ([\d.]+)\s*$/.exec(err);
  if (code !== 0 || !m) throw new Error(`${args.join(' ')} ended with code ${code}: ${err.slice(-500)}`);
  return { cpu: Number(m[1]) + Number(m[2]), wall: Number(m[3]) };
}

const LOADER = [
  '--expose-gc',
  '--import',
  `file://${path.join(CONFIG.root, 'node_modules/tsx/dist/loader.mjs')}`,
];
const say = (line: string) => process.stdout.write(`${line}\n`);
const round = (n: number) => Math.round(n * 1000) / 1000;

/** nabbet bench: measures side by side in one run, prints ratios, and writes them to .bench/bench.json. */
export async function bench(): Promise<void> {
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-bench-'));
  try {
    await copyHelpers(folder, CONFIG.data);
    const results = {
      machine: (await run('uname', ['-sr'])).stdout.toString().trim(),
      reading: await benchReading(say),
      shelf: await benchShelf(say),
      draft: await draft(),
      render: await rendering(folder),
    };
    await mkdir(path.join(CONFIG.root, '.bench'), { recursive: true });
    await writeFile(path.join(CONFIG.root, '.bench/bench.json'), `${JSON.stringify(results, null, 2)}\n`);
    say(JSON.stringify(results, null, 2));
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
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

/** The demo piece at 1080 x 1920 against the encoder alone on the same frames, and against itself after one change. */
async function rendering(folder: string) {
  const demo = DEMO_SCRIPTS.find((d) => d.format === '9:16') ?? DEMO_SCRIPTS[0];
  if (!demo) throw new Error('There is no demo script.');
  let n = 0;
  const blank = draftFromLines(cutScript(demo.script, 'sentence'), demo, () => `scene${n++}`);
  const piece = await withPictures(blank);
  const middle = piece.scenes[Math.floor(piece.scenes.length / 2)];
  if (!middle) throw new Error('The demo piece has no scenes.');
  const changed: Piece = {
    ...piece,
    scenes: piece.scenes.map((s) =>
      s.id === middle.id ? { ...s, shown: 'One line says something new.' } : s,
    ),
  };
  const env = { NABBET_DATA: folder, NABBET_ROOT: CONFIG.root };
  const job = async (mode: string, doc: Piece, out: string) => {
    const file = path.join(folder, `${mode}.json`);
    await writeFile(file, JSON.stringify(doc));
    return measured([process.execPath, ...LOADER, 'src/cli/bench-job.ts', mode, file, out], env);
  };
  const mp4 = path.join(folder, 'whole.mp4');
  const raw = path.join(folder, 'frames.yuv');
  say('Voices and music (not measured)');
  await job('prepare', piece, '-');
  await job('prepare', changed, '-');
  say('Start-up (taken off)');
  const startup = await job('prepare', piece, '-');
  say('Whole render');
  const whole = await job('render', piece, mp4);
  say('One line changed');
  const again = await job('render', changed, path.join(folder, 'changed.mp4'));
  say('Frames to disk (not measured)');
  await job('dump', piece, raw);
  const frames = (await stat(raw)).size / (1080 * 1920 * 1.5);
  say('Encoder alone');
  const { encoderFor } = await import('../server/frames/encode.ts');
  const alone = await measured(
    [
      'ffmpeg',
      '-y',
      '-v',
      'error',
      '-f',
      'rawvideo',
      '-pix_fmt',
      'yuv420p',
      '-s',
      '1080x1920',
      '-r',
      '30',
      '-i',
      raw,
      ...encoderFor(1080),
      path.join(folder, 'alone.mp4'),
    ],
    {},
  );
  const { stderr } = await run('ffmpeg', [
    '-hide_banner',
    '-i',
    mp4,
    '-af',
    'ebur128=peak=true',
    '-f',
    'null',
    '-',
  ]);
  const summary = stderr.slice(stderr.lastIndexOf('Summary'));
  const expected = Number(await readFile(`${mp4}.frames`, 'utf8'));
  const { stdout } = await run('ffprobe', [
    '-v',
    'error',
    '-show_entries',
    'format=duration',
    '-of',
    'csv=p=0',
    mp4,
  ]);
  const renderCpu = whole.cpu - startup.cpu;
  const out = {
    frames,
    cpuMsAFrame: round((renderCpu * 1000) / frames),
    encoderCpuMsAFrame: round((alone.cpu * 1000) / frames),
    encoderToRenderCpu: round(alone.cpu / renderCpu),
    encoderToRenderWall: round(alone.wall / (whole.wall - startup.wall)),
    changedLineToWholeCpu: round((again.cpu - startup.cpu) / renderCpu),
    secondsOfVideoASecond: round(framesToSeconds(frames) / (whole.wall - startup.wall)),
    bytes: (await stat(mp4)).size,
    bytesEncoderAlone: (await stat(path.join(folder, 'alone.mp4'))).size,
    lengthOffMs: round(Math.abs(Number(stdout.toString()) * 1000 - framesToSeconds(expected) * 1000)),
    lufs: Number(/I:\s+(-?[\d.]+)/.exec(summary)?.[1]),
    truePeakDb: Number(/Peak:\s+(-?[\d.]+)/.exec(summary)?.[1]),
  };
  say(
    `Encoder alone / whole render, CPU time: ${out.encoderToRenderCpu} (aim 0.75); by the clock: ${out.encoderToRenderWall}`,
  );
  say(`One changed line costs ${Math.round(out.changedLineToWholeCpu * 100)} % of a whole render`);
  return out;
}
