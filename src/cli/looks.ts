import { mkdir, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { type Canvas, createCanvas } from '@napi-rs/canvas';
import { FORMATS, type Format, stageOf } from '../core/look/formats.ts';
import { LAYOUT_NAMES, type Layout } from '../core/look/layouts.ts';
import { LOOK_NAMES, type LookName, lookOf } from '../core/look/looks.ts';
import { frameAt } from '../core/paint/frame.ts';
import { emptyPiece, emptyScene, type Piece, placed } from '../core/piece/types.ts';
import { compile } from '../core/timeline/compile.ts';
import { CONFIG } from '../server/config.ts';
import { ServerCanvas } from '../server/frames/canvas-frames.ts';
import { knownFacts, typesetter } from '../server/material.ts';
import { formatsIn } from './formats.ts';

/** What each layout shows on the sheet, and the picture behind it. */
const SAMPLES: Record<Layout, { shown: string; picture: string; stressed: string }> = {
  title: {
    shown: 'What the mender of Osierwick will not throw away',
    picture: 'radio-mender',
    stressed: 'mender',
  },
  caption: {
    shown: 'Every Thursday she opens at six, and by seven the bench is full of toasters.',
    picture: 'toaster-bench',
    stressed: 'Thursday',
  },
  subtitle: {
    shown: 'The lanterns are lit as soon as the last boat is in.',
    picture: 'lantern-market',
    stressed: '',
  },
  quote: {
    shown: 'A thing that can be opened can be mended.\nPia Lindqvist, mender',
    picture: 'tool-wall',
    stressed: 'mended',
  },
  number: { shown: '3. Ask what broke before you ask what it costs', picture: 'toolbox', stressed: '' },
  figure: { shown: '1,284\nthings mended since the spring', picture: 'market-crates', stressed: '' },
  split: {
    shown: 'Bring the cable, the lid and all the screws you found',
    picture: 'plug',
    stressed: 'screws',
  },
  words: { shown: 'Nothing is too small to be looked at twice', picture: '', stressed: 'twice' },
  end: {
    shown: 'Thursdays, six to nine\nThe old net loft, Osierwick',
    picture: 'canal-evening',
    stressed: '',
  },
  plain: { shown: '', picture: 'canal-boat', stressed: '' },
};

/** Lines of the short side of one picture on the sheet. */
const SMALL = 300;

/**
 * nabbet looks: paints every look in every layout, as contact sheets into .bench, one for each format: looks from top to bottom,
 * layouts from left to right.
 */
export async function looks(args: string[]): Promise<void> {
  const { values } = parseArgs({
    args,
    options: { format: { type: 'string' }, look: { type: 'string' }, pictures: { type: 'string' } },
  });
  const formats = values.format ? formatsIn(values.format) : FORMATS;
  const names = values.look ? (values.look.split(',') as LookName[]) : LOOK_NAMES;
  const pictures = values.pictures?.split(',') ?? [];
  await mkdir(path.join(CONFIG.root, '.bench'), { recursive: true });
  for (const format of formats) {
    const file = path.join(CONFIG.root, `.bench/looks-${format.replace(':', 'x')}.png`);
    const sheet = await sheetOf(format, names, pictures);
    await writeFile(file, await sheet.encode('png'));
    process.stdout.write(`${file}\n`);
  }
}

async function sheetOf(
  format: Format,
  names: readonly LookName[],
  pictures: readonly string[],
): Promise<Canvas> {
  const stage = stageOf(format);
  const k = SMALL / Math.min(stage.width, stage.height);
  const size = {
    width: 2 * Math.round((stage.width * k) / 2),
    height: 2 * Math.round((stage.height * k) / 2),
  };
  const columns = LAYOUT_NAMES.length;
  const sheet = createCanvas(columns * (size.width + 6), names.length * (size.height + 22));
  const ctx = sheet.getContext('2d');
  ctx.fillStyle = '#777777';
  ctx.fillRect(0, 0, sheet.width, sheet.height);
  const painter = new ServerCanvas(size);
  for (const [row, name] of names.entries()) {
    const piece = sampleOf(name, format, pictures);
    const timeline = compile(piece, await knownFacts(piece), typesetter(), format);
    const top = row * (size.height + 22);
    ctx.fillStyle = '#ffffff';
    ctx.font = '14px sans-serif';
    ctx.fillText(`${name}: ${lookOf(name).describe}`, 4, top + 16);
    for (const [index, scene] of timeline.scenes.entries()) {
      const page = scene.words?.pages[0];
      const frame = Math.max(0, Math.min(scene.end - scene.start, page?.end ?? 1e9) - 12);
      await painter.draw(frameAt(timeline, { index, frame }, size));
      ctx.drawImage(painter.canvas, index * (size.width + 6), top + 22);
    }
  }
  painter.close();
  return sheet;
}

function sampleOf(look: LookName, format: Format, pictures: readonly string[]): Piece {
  return {
    ...emptyPiece(),
    ...{ look, format },
    scenes: LAYOUT_NAMES.map((layout, i) => {
      const { shown, picture, stressed } = SAMPLES[layout];
      const at = stressed ? shown.indexOf(stressed) : -1;
      const id = pictures.length ? pictures[i % pictures.length] : picture;
      return {
        ...emptyScene(layout),
        ...{ layout, shown, pictures: id ? [placed(id)] : [] },
        highlights: at < 0 ? [] : [[at, at + stressed.length]],
      };
    }),
  };
}
