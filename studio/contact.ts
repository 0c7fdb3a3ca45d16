import { writeFileSync } from 'node:fs';
import { createCanvas } from '@napi-rs/canvas';
import { CATALOGUE, type View } from './catalogue/index.ts';
import { paintStill } from './render.ts';

/** A contact sheet to look at: `tsx studio/contact.ts OUT.png [wide|tall] [id,id…]`. */
const [out, view = 'wide', only] = process.argv.slice(2) as [string, View, string?];
const wanted = only?.split(',');
const rows = CATALOGUE.filter((r) => (wanted ? wanted.includes(r.id) : true));
const [cw, ch, columns] = view === 'wide' ? [300, 200, 5] : [180, 320, 8];
const sheet = createCanvas(cw * columns, ch * Math.ceil(rows.length / columns));
const ctx = sheet.getContext('2d');
rows.forEach((row, i) => {
  const picture = paintStill(row, view, view === 'wide' ? 0.5 : 0.4);
  ctx.drawImage(picture, (i % columns) * cw, Math.floor(i / columns) * ch, cw, ch);
});
writeFileSync(out, sheet.toBuffer('image/png'));
