import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { frameAt } from '../src/core/paint/frame.ts';
import { migratePiece } from '../src/core/piece/migrate.ts';
import { locate } from '../src/core/timeline/compile.ts';
import { ServerCanvas } from '../src/server/frames/canvas-frames.ts';
import { readyFonts } from '../src/server/frames/fonts.ts';
import { prepare } from '../src/server/material.ts';

/** Paints frames of a piece on the server: `paint-frames.ts PIECE.json FOLDER 12,40,…` gives FOLDER/server-12.png … */
async function main(): Promise<void> {
  const [doc = '', folder = '', list = ''] = process.argv.slice(2);
  readyFonts();
  const { timeline } = await prepare(migratePiece(JSON.parse(readFileSync(doc, 'utf8'))));
  const surface = new ServerCanvas(timeline);
  for (const f of list.split(',').map(Number)) {
    const { index, local } = locate(timeline, f);
    await surface.draw(frameAt(timeline, { index, frame: local }, timeline));
    writeFileSync(path.join(folder, `server-${f}.png`), surface.canvas.toBuffer('image/png'));
  }
  surface.close();
}

main().then(
  () => process.exit(0),
  (e) => {
    console.error(e);
    process.exit(1);
  },
);
