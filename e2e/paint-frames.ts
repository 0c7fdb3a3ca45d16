import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { LookName } from '../src/core/look/looks.ts';
import { frameAt } from '../src/core/paint/frame.ts';
import { migratePiece } from '../src/core/piece/migrate.ts';
import { compile, locate } from '../src/core/timeline/compile.ts';
import { ServerCanvas } from '../src/server/frames/canvas-frames.ts';
import { readyFonts } from '../src/server/frames/fonts.ts';
import { prepare, typesetter } from '../src/server/material.ts';

/**
 * Paints frames of a piece on the server: `paint-frames.ts PIECE.json FOLDER 12,40,…` gives FOLDER/server-12.png …; with looks as a
 * fourth argument, FOLDER/server-LOOK-12.png … for each of them.
 */
async function main(): Promise<void> {
  const [doc = '', folder = '', list = '', looks = ''] = process.argv.slice(2);
  readyFonts();
  const piece = migratePiece(JSON.parse(readFileSync(doc, 'utf8')));
  const { facts } = await prepare(piece);
  for (const look of looks ? (looks.split(',') as LookName[]) : [piece.look]) {
    const timeline = compile({ ...piece, look }, facts, typesetter());
    const surface = new ServerCanvas(timeline);
    for (const f of list.split(',').map(Number)) {
      const { index, local } = locate(timeline, f);
      await surface.draw(frameAt(timeline, { index, frame: local }, timeline));
      const name = looks ? `server-${look}-${f}.png` : `server-${f}.png`;
      writeFileSync(path.join(folder, name), surface.canvas.toBuffer('image/png'));
    }
    surface.close();
  }
}

main().then(
  () => process.exit(0),
  (e) => {
    console.error(e);
    process.exit(1);
  },
);
