import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import type { Context2D } from '../src/core/paint/context.ts';
import { paintFrame } from '../src/core/paint/paint.ts';
import { migratePiece } from '../src/core/piece/migrate.ts';
import { locate } from '../src/core/timeline/compile.ts';
import { registerFonts } from '../src/server/frames/fonts.ts';
import { ServerPictures } from '../src/server/frames/pictures.ts';
import { prepare } from '../src/server/material.ts';

/** Paints frames of a piece on the server: `paint-frames.ts PIECE.json FOLDER 12,40,…` gives FOLDER/server-12.png … */
async function main(): Promise<void> {
  const [doc = '', folder = '', list = ''] = process.argv.slice(2);
  registerFonts();
  const { timeline } = await prepare(migratePiece(JSON.parse(readFileSync(doc, 'utf8'))));
  const pictures = new ServerPictures();
  for (const f of list.split(',').map(Number)) {
    const canvas = createCanvas(timeline.width, timeline.height);
    const { index, local } = locate(timeline, f);
    await pictures.prepare(timeline, index, local);
    const ctx = canvas.getContext('2d', { alpha: false }) as unknown as Context2D;
    const { width, height } = timeline;
    paintFrame({ ctx, width, height }, timeline, { index, frame: local }, pictures);
    writeFileSync(path.join(folder, `server-${f}.png`), canvas.toBuffer('image/png'));
  }
  pictures.close();
}

main().then(
  () => process.exit(0),
  (e) => {
    console.error(e);
    process.exit(1);
  },
);
