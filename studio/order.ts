import Joi from 'joi';
import type { PaintedRow, View } from './catalogue/row.ts';
import { objects } from './kit/objects.ts';
import { PAL } from './kit/palettes.ts';
import { places } from './kit/places.ts';
import { STAGES } from './motifs/still-life.ts';
import { paintStill } from './render.ts';

/**
 * Paints one picture to order and writes it to standard output as PNG: `tsx studio/order.ts JSON`, with what is painted
 * (a thing on a stage, or a place), its light, a seed and the view.
 */
const { error, value } = Joi.object({
  thing: Joi.string().valid(...Object.keys(objects)),
  stage: Joi.string().valid(...Object.keys(STAGES)),
  place: Joi.string().valid(...Object.keys(places)),
  slots: Joi.object().default({}),
  pal: Joi.string()
    .valid(...Object.keys(PAL))
    .required(),
  seed: Joi.string().max(60).required(),
  view: Joi.string().valid('wide', 'tall').required(),
})
  .xor('thing', 'place')
  .validate(JSON.parse(process.argv[2] ?? '{}'));
if (error) {
  process.stderr.write(`${error.message}\n`);
  process.exit(2);
}
const { thing, place, slots, stage, pal, seed, view } = value;
const row: PaintedRow = {
  kind: 'still',
  motif: thing ? 'still-life' : 'place',
  pal,
  seed,
  slots: thing ? { ...slots, thing, stage: stage ?? 'table' } : { place },
  focal: [560, 300, 800, 760],
  ...(slots.broad ? { tall: { x: 250, y: -660, w: 1420, h: 2524 } } : {}),
};
process.stdout.write(paintStill(row, view as View).toBuffer('image/png'));
