import { createWriteStream, readFileSync, writeFileSync } from 'node:fs';
import { frameAt } from '../core/paint/frame.ts';
import type { PainterChoice } from '../core/paint/painters.ts';
import { migratePiece } from '../core/piece/migrate.ts';
import { locate } from '../core/timeline/compile.ts';
import { registerFonts } from '../server/frames/fonts.ts';
import { painterOf } from '../server/frames/painter.ts';
import { render } from '../server/frames/render.ts';
import { prepare } from '../server/material.ts';

/** One job of the bench in a process of its own: `bench-job.ts prepare|render|dump PIECE.json OUT [PAINTER]`. */
async function main(): Promise<void> {
  const [mode, file = '', out = '', painter = 'auto'] = process.argv.slice(2);
  const { timeline } = await prepare(migratePiece(JSON.parse(readFileSync(file, 'utf8'))));
  if (mode === 'render') {
    await render(timeline, { height: 1080, out, painter: painter as PainterChoice });
    writeFileSync(`${out}.frames`, String(timeline.frames));
  }
  if (mode === 'dump') {
    registerFonts();
    const stream = createWriteStream(out);
    await new Promise((r) => stream.once('open', () => r(null)));
    const frames = (await painterOf('canvas')).open(timeline, stream);
    for (let f = 0; f < timeline.frames; f++) {
      const { index, local } = locate(timeline, f);
      await frames.frame(frameAt(timeline, { index, frame: local }, timeline));
    }
    await frames.end();
    await new Promise<void>((r) => stream.once('close', () => r()));
  }
}

main().then(
  () => process.exit(0),
  (e) => {
    console.error(e);
    process.exit(1);
  },
);
