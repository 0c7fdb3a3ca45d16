import { createWriteStream, readFileSync, writeFileSync } from 'node:fs';
import { createCanvas } from '@napi-rs/canvas';
import type { Context2D } from '../core/paint/context.ts';
import { paintFrame } from '../core/paint/paint.ts';
import { migratePiece } from '../core/piece/migrate.ts';
import { locate } from '../core/timeline/compile.ts';
import { converter } from '../server/frames/i420.ts';
import { ServerPictures } from '../server/frames/pictures.ts';
import { render } from '../server/frames/render.ts';
import { prepare } from '../server/material.ts';

/** One job of the bench in a process of its own: `bench-job.ts prepare|render|dump PIECE.json OUT`. */
async function main(): Promise<void> {
  const [mode, file = '', out = ''] = process.argv.slice(2);
  const { timeline } = await prepare(migratePiece(JSON.parse(readFileSync(file, 'utf8'))));
  if (mode === 'render') {
    await render(timeline, { height: 1080, out });
    writeFileSync(`${out}.frames`, String(timeline.frames));
  }
  if (mode === 'dump') {
    const { width, height } = timeline;
    const canvas = createCanvas(width, height);
    const ctx = canvas.getContext('2d', { alpha: false }) as unknown as Context2D;
    const convert = converter(width, height);
    const pictures = new ServerPictures();
    const stream = createWriteStream(out);
    for (let f = 0; f < timeline.frames; f++) {
      const { index, local } = locate(timeline, f);
      await pictures.prepare(timeline, index, local);
      paintFrame({ ctx, width, height }, timeline, { index, frame: local }, pictures);
      convert.rgba.set(canvas.data());
      convert.run();
      await new Promise<void>((resolve, reject) =>
        stream.write(convert.i420, (e) => (e ? reject(e) : resolve())),
      );
    }
    await new Promise<void>((r) => stream.end(r));
    pictures.close();
  }
}

main().then(
  () => process.exit(0),
  (e) => {
    console.error(e);
    process.exit(1);
  },
);
