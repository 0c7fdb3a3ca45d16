import { mkdir, writeFile } from 'node:fs/promises';
import path from 'node:path';
import sharp from 'sharp';
import type { Slots } from './catalogue/slots.ts';
import { paintStill } from './render.ts';

/**
 * Paints what the two libraries from outside offer that ship with the application: `tsx studio/library.ts FOLDER`. The open
 * one is a folder with a catalogue in CSV, the other is sold by a small server (src/stand-in/library.ts).
 */
interface Offered {
  file: string;
  slots: Slots;
  pal: string;
  title: string;
  tags: string;
  licence: 'free' | 'credit' | 'bought';
  credit: string;
  /** Euros. */
  price: number;
}

const thing = (name: string, stage: string, more: Slots = {}): Slots => ({
  thing: name,
  stage,
  s: 1.3,
  ...more,
});

const OPEN: Offered[] = [
  {
    file: 'cow-sunset.webp',
    slots: thing('cow', 'hill'),
    pal: 'dusk',
    title: 'Cow at sunset',
    tags: 'cow; cattle; farm; evening; pasture; milk',
    licence: 'free',
    credit: '',
    price: 0,
  },
  {
    file: 'teapot-window.webp',
    slots: thing('teapot', 'sill'),
    pal: 'rain',
    title: 'Tea on a rainy day',
    tags: 'tea; teapot; rain; window; cosy; break',
    licence: 'credit',
    credit: 'Ilse Vantorp',
    price: 0,
  },
  {
    file: 'books-window.webp',
    slots: thing('books', 'sill'),
    pal: 'dusk',
    title: 'Books in the evening',
    tags: 'books; reading; evening; study; window; school',
    licence: 'credit',
    credit: 'Joss Amberly',
    price: 0,
  },
  {
    file: 'bricks-dawn.webp',
    slots: thing('bricks', 'hill'),
    pal: 'dawn',
    title: 'A wall at dawn',
    tags: 'bricks; wall; build; construction; morning; start',
    licence: 'free',
    credit: '',
    price: 0,
  },
  {
    file: 'kite-rain.webp',
    slots: thing('kite', 'sheets'),
    pal: 'rain',
    title: 'A kite before the storm',
    tags: 'kite; wind; storm; weather; play',
    licence: 'credit',
    credit: 'Ilse Vantorp',
    price: 0,
  },
  {
    file: 'shoes-window.webp',
    slots: thing('shoes', 'sill', { plant: 0 }),
    pal: 'dawn',
    title: 'Running shoes in the morning',
    tags: 'shoes; running; morning; sport; start; walk',
    licence: 'free',
    credit: '',
    price: 0,
  },
];

const SOLD: Offered[] = [
  {
    file: 'bee-dusk.webp',
    slots: thing('bee', 'sheets'),
    pal: 'dusk',
    title: 'A late bee',
    tags: 'bee; honey; insect; evening; flower; nature',
    licence: 'bought',
    credit: '',
    price: 4,
  },
  {
    file: 'horse-noon.webp',
    slots: thing('horse', 'hill'),
    pal: 'noon',
    title: 'Horse at noon',
    tags: 'horse; riding; summer; farm; animal',
    licence: 'bought',
    credit: '',
    price: 6,
  },
  {
    file: 'car-dusk.webp',
    slots: thing('car', 'hill'),
    pal: 'dusk',
    title: 'Drive into the evening',
    tags: 'car; drive; road; evening; travel',
    licence: 'bought',
    credit: '',
    price: 5,
  },
  {
    file: 'gavel-window.webp',
    slots: thing('gavel', 'sill'),
    pal: 'rain',
    title: 'Before the verdict',
    tags: 'gavel; court; judge; law; justice; verdict',
    licence: 'bought',
    credit: '',
    price: 9,
  },
  {
    file: 'piggy-window.webp',
    slots: thing('piggyBank', 'sill'),
    pal: 'dawn',
    title: 'Savings at sunrise',
    tags: 'piggy bank; savings; money; bank; invest; morning',
    licence: 'bought',
    credit: '',
    price: 7,
  },
  {
    file: 'shield-night.webp',
    slots: thing('shield', 'sheets'),
    pal: 'night',
    title: 'Protected at night',
    tags: 'shield; security; protection; safe; privacy',
    licence: 'bought',
    credit: '',
    price: 7.5,
  },
  {
    file: 'medal-dawn.webp',
    slots: thing('medal', 'sheets'),
    pal: 'dawn',
    title: 'First place',
    tags: 'medal; winner; gold; award; sport; success',
    licence: 'bought',
    credit: '',
    price: 3.5,
  },
  {
    file: 'ambulance-rain.webp',
    slots: thing('ambulance', 'hill', { s: 1.1 }),
    pal: 'rain',
    title: 'Ambulance in the rain',
    tags: 'ambulance; emergency; hospital; rain; accident',
    licence: 'bought',
    credit: '',
    price: 8,
  },
  {
    file: 'growth-dawn.webp',
    slots: thing('growth', 'hill', { s: 1.1 }),
    pal: 'dawn',
    title: 'Growing',
    tags: 'growth; tree; seed; development; patience',
    licence: 'credit',
    credit: 'Maren Tolve',
    price: 0,
  },
];

const [folder = 'library'] = process.argv.slice(2);
for (const [name, list] of [
  ['open', OPEN],
  ['sold', SOLD],
] as const) {
  await mkdir(path.join(folder, name), { recursive: true });
  for (const { file, slots, pal } of list) {
    const row = {
      kind: 'still',
      motif: 'still-life',
      pal,
      seed: file,
      slots,
      focal: [400, 300, 1120, 860],
    } as const;
    const canvas = paintStill({ ...row, focal: [400, 300, 1120, 860] }, 'wide');
    await sharp(Buffer.from(canvas.data()), {
      raw: { width: canvas.width, height: canvas.height, channels: 4 },
    })
      .removeAlpha()
      .webp({ quality: 78 })
      .toFile(path.join(folder, name, file));
  }
}
const csv = [
  'file,title,tags,licence,credit,price',
  ...OPEN.map((o) => [o.file, o.title, o.tags, o.licence, o.credit, o.price].map((v) => `"${v}"`).join(',')),
];
await writeFile(path.join(folder, 'open/catalogue.csv'), `${csv.join('\n')}\n`);
await writeFile(
  path.join(folder, 'sold/catalogue.json'),
  `${JSON.stringify(
    SOLD.map(({ file, title, tags, licence, credit, price }) => ({
      file,
      title,
      tags: tags.split('; '),
      licence,
      credit,
      price,
    })),
    null,
    1,
  )}\n`,
);
