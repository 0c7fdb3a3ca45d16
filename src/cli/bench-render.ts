import { readFile, stat } from 'node:fs/promises';
import { draftFromLines } from '../core/outline/draft.ts';
import type { Piece } from '../core/piece/types.ts';
import { cutScript } from '../core/text/script.ts';
import { framesToSeconds } from '../core/time.ts';
import { run } from '../server/program.ts';
import { DEMO_SCRIPTS } from '../server/seed/scripts.ts';
import { withPictures } from '../server/shelf/shelf.ts';
import { encoderAlone, jobsIn, type Measured, round } from './bench-measure.ts';

/** Whole renders and encodings that are measured in turn; their sums are compared. */
const ROUNDS = 2;
/** Pieces made by chance, and moments of each, at which both painters are compared. */
const [PIECES, MOMENTS] = [40, 5];

const FRAME_BYTES = 1080 * 1920 * 1.5;

/** The demo piece at 1080 x 1920 against the encoder alone on the same frames, and against itself in other ways. */
export async function benchRender(folder: string, say: (line: string) => void) {
  const piece = await demoPiece();
  const { at, job, forget } = jobsIn(folder);
  const changed = withOneLineChanged(piece);
  say('Voices and music (not measured)');
  await job('prepare', piece, '-');
  await job('prepare', changed, '-');
  say('Frames to disk (not measured)');
  await job('dump', piece, at('frames.yuv'));
  const frames = (await stat(at('frames.yuv'))).size / FRAME_BYTES;

  const sums = { alone: { cpu: 0, wall: 0 }, whole: { cpu: 0, wall: 0 }, again: { cpu: 0, wall: 0 } };
  const add = (to: Measured, more: Measured, startup: Measured | null = null) => {
    to.cpu += more.cpu - (startup?.cpu ?? 0);
    to.wall += more.wall - (startup?.wall ?? 0);
  };
  let startup: Measured = { cpu: 0, wall: 0 };
  for (let i = 0; i < ROUNDS; i++) {
    say(`Start-up, encoder alone, whole render, one line changed: round ${i + 1}`);
    startup = await job('prepare', piece, '-');
    add(sums.alone, await encoderAlone(at('frames.yuv'), at('alone.mp4')));
    await forget('segments', 'mixes');
    add(sums.whole, await job('render', piece, at('whole.mp4')), startup);
    add(sums.again, await job('render', changed, at('changed.mp4')), startup);
  }
  await forget('frames.yuv');
  const { alone, whole, again } = sums;
  const once = (m: Measured): Measured => ({ cpu: m.cpu - startup.cpu, wall: m.wall - startup.wall });

  say('Three formats in one go, the canvas, a draft');
  await forget('segments', 'mixes');
  const formats = once(await job('formats', piece, at('formats')));
  await forget('segments', 'mixes');
  const canvas = once(await job('render', piece, at('canvas.mp4'), 'canvas'));
  await forget('segments', 'mixes');
  const draft = once(await job('draft', piece, at('draft.mp4')));
  say('What a frame costs, by part');
  await job('parts', piece, at('parts.json'));
  const parts = JSON.parse(await readFile(at('parts.json'), 'utf8')) as Record<string, number>;
  say(`Both painters at ${PIECES * MOMENTS} moments of pieces made by chance`);
  await job('parity', piece, at('parity.json'), String(PIECES), String(MOMENTS));
  const parity = JSON.parse(await readFile(at('parity.json'), 'utf8')) as { least: number; mean: number };

  const perFrame = (m: Measured) => round((m.cpu * 1000) / frames / ROUNDS);
  const out = {
    frames,
    encoderToRenderCpu: round(alone.cpu / whole.cpu),
    encoderToRenderWall: round(alone.wall / whole.wall),
    changedLineToWholeCpu: round(again.cpu / whole.cpu),
    threeFormatsToOneCpu: round((formats.cpu * ROUNDS) / whole.cpu),
    canvasToCompositorCpu: round((canvas.cpu * ROUNDS) / whole.cpu),
    draftToWholeWall: round((draft.wall * ROUNDS) / whole.wall),
    secondsOfVideoASecond: round(framesToSeconds(frames) / (whole.wall / ROUNDS)),
    cpuMsAFrame: {
      encoder: perFrame(alone),
      ...parts,
      soundAndTheRest: round(
        perFrame(whole) - perFrame(alone) - Object.values(parts).reduce((a, b) => a + b, 0),
      ),
      whole: perFrame(whole),
    },
    ...(await memoryOf(at('whole.mp4.memory'))),
    parity,
    ...(await delivered(at('whole.mp4'))),
    bytes: (await stat(at('whole.mp4'))).size,
    bytesEncoderAlone: (await stat(at('alone.mp4'))).size,
  };
  say(
    `Encoder alone / whole render, CPU time: ${out.encoderToRenderCpu} (aim 0.80); by the clock: ${out.encoderToRenderWall}`,
  );
  say(`One changed line: ${out.changedLineToWholeCpu} of a whole render (aim 0.08)`);
  say(`Three formats in one go: ${out.threeFormatsToOneCpu} times one (aim 2.2)`);
  say(`Canvas and compositor: SSIM of luma ${parity.least} at least, ${parity.mean} in the mean (aim 0.99)`);
  return out;
}

export async function demoPiece(): Promise<Piece> {
  const demo = DEMO_SCRIPTS.find((d) => d.format === '9:16') ?? DEMO_SCRIPTS[0];
  if (!demo) throw new Error('There is no demo script.');
  let n = 0;
  return withPictures(draftFromLines(cutScript(demo.script, 'sentence'), demo, () => `scene${n++}`));
}

function withOneLineChanged(piece: Piece): Piece {
  const middle = piece.scenes[Math.floor(piece.scenes.length / 2)];
  if (!middle) throw new Error('The demo piece has no scenes.');
  const said = { ...middle, shown: 'One line says something new.' };
  return { ...piece, scenes: piece.scenes.map((s) => (s.id === middle.id ? said : s)) };
}

/** The most that a render's processes held, MB: as its job wrote it down. */
async function memoryOf(file: string): Promise<{ workerMb: number; compositorMb: number }> {
  return JSON.parse(await readFile(file, 'utf8'));
}

/** Length and sound of a finished video. */
async function delivered(mp4: string) {
  const { stderr } = await run('ffmpeg', [
    ...['-hide_banner', '-i', mp4, '-af', 'ebur128=peak=true', '-f', 'null', '-'],
  ]);
  const summary = stderr.slice(stderr.lastIndexOf('Summary'));
  const expected = Number(await readFile(`${mp4}.frames`, 'utf8'));
  const { stdout } = await run('ffprobe', [
    ...['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', mp4],
  ]);
  return {
    lengthOffMs: round(Math.abs(Number(stdout.toString()) * 1000 - framesToSeconds(expected) * 1000)),
    lufs: Number(/I:\s+(-?[\d.]+)/.exec(summary)?.[1]),
    truePeakDb: Number(/Peak:\s+(-?[\d.]+)/.exec(summary)?.[1]),
  };
}
