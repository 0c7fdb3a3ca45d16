import { createWriteStream, readFileSync, writeFileSync } from 'node:fs';
import { FORMATS, stageOf } from '../core/look/formats.ts';
import { frameAt } from '../core/paint/frame.ts';
import type { PainterChoice } from '../core/paint/painters.ts';
import { migratePiece } from '../core/piece/migrate.ts';
import { compile, locate } from '../core/timeline/compile.ts';
import type { Timeline } from '../core/timeline/types.ts';
import { compareByChance } from '../server/frames/by-chance.ts';
import { Compositor } from '../server/frames/compositor.ts';
import { readyFonts } from '../server/frames/fonts.ts';
import { painterOf } from '../server/frames/painter.ts';
import { render } from '../server/frames/render.ts';
import { prepare, typesetter } from '../server/material.ts';
import { round } from './bench-measure.ts';

async function opened(file: string) {
  const stream = createWriteStream(file);
  await new Promise<void>((r) => stream.once('open', () => r()));
  return stream;
}

/** Every frame of a timeline, uncompressed. */
async function dump(timeline: Timeline, out: string): Promise<void> {
  readyFonts();
  const painter = (await painterOf('auto')).open(timeline, await opened(out));
  for (let f = 0; f < timeline.frames; f++) {
    const { index, local } = locate(timeline, f);
    await painter.frame(frameAt(timeline, { index, frame: local }, timeline));
  }
  await painter.end();
}

/** CPU time of a frame by part, milliseconds: composed, but not encoded. */
async function parts(timeline: Timeline): Promise<Record<string, number>> {
  readyFonts();
  process.env.COMPOSITOR_TIMES = '1';
  const compositor = new Compositor(timeline, await opened('/dev/null'));
  const began = process.cpuUsage();
  for (let f = 0; f < timeline.frames; f++) {
    const { index, local } = locate(timeline, f);
    await compositor.frame(frameAt(timeline, { index, frame: local }, timeline));
  }
  const { user, system } = process.cpuUsage(began);
  await compositor.end();
  const spent = Object.entries(JSON.parse(compositor.words) as Record<string, number>);
  return Object.fromEntries(
    [['listsAndTextures', (user + system) / 1000] as const, ...spent].map(([name, ms]) => [
      name,
      round(ms / timeline.frames),
    ]),
  );
}

/** The most memory that this process held, and the largest of its children that are gone, MB. */
function memory(): { workerMb: number; compositorMb: number } {
  const own = process.resourceUsage().maxRSS / 1024;
  return { workerMb: Math.round(own), compositorMb: Math.round(Compositor.mostMb) };
}

/** One job of the bench in a process of its own: `bench-job.ts MODE PIECE.json OUT ...`. */
async function main(): Promise<void> {
  const [mode, file = '', out = '', ...more] = process.argv.slice(2);
  const piece = migratePiece(JSON.parse(readFileSync(file, 'utf8')));
  const { timeline, facts } = await prepare(piece);
  switch (mode) {
    case 'prepare':
      return;
    case 'render':
      await render(timeline, { height: 1080, out, painter: (more[0] ?? 'auto') as PainterChoice });
      writeFileSync(`${out}.frames`, String(timeline.frames));
      writeFileSync(`${out}.memory`, JSON.stringify(memory()));
      return;
    case 'draft':
      return render(timeline, { height: 480, out });
    case 'formats':
      for (const format of FORMATS) {
        const { width, height } = stageOf(format);
        const one = compile(piece, facts, typesetter(), format);
        await render(one, { height: 1080, out: `${out}-${width}x${height}.mp4` });
      }
      return;
    case 'dump':
      return dump(timeline, out);
    case 'parts':
      return writeFileSync(out, JSON.stringify(await parts(timeline)));
    case 'parity': {
      const [pieces, moments] = more.map(Number);
      const all = await compareByChance(pieces ?? 1, moments ?? 1);
      const mean = all.reduce((n, f) => n + f.ssim, 0) / all.length;
      return writeFileSync(
        out,
        JSON.stringify({ least: round(all[0]?.ssim ?? 0), mean: round(mean), of: all[0]?.of }),
      );
    }
    default:
      throw new Error(`There is no job ${mode}.`);
  }
}

main().then(
  () => process.exit(0),
  (e) => {
    console.error(e);
    process.exit(1);
  },
);
