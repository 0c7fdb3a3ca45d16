import { readFileSync } from 'node:fs';
import Joi from 'joi';
import type { CatalogueRow } from './row.ts';
import type { Slots } from './slots.ts';

export type { CatalogueRow, View } from './row.ts';

/** The files of rows/, one for each subject, in shelf order. */
const SUBJECTS = [
  'town',
  'work',
  'everyday',
  'things',
  'places',
  'at-work',
  'at-home',
  'active',
  'ideas',
  'modern',
  'grounds',
  'animals',
  'food',
  'machines',
  'health',
  'belongings',
  'papers',
  'signs',
  'chores',
  'public',
  'wild',
  'at-hand',
] as const;

const rect = Joi.object({
  x: Joi.number().required(),
  y: Joi.number().required(),
  w: Joi.number().positive().required(),
  h: Joi.number().positive().required(),
});
const text = Joi.string().min(1).required();
const colour = Joi.string();
const flag = Joi.valid(0, 1);
/** Names of places, things and people are looked up when they are painted, and all of them by a test. */
const slots = Joi.object<Record<keyof Slots, unknown>>({
  place: Joi.string(),
  thing: Joi.string(),
  stage: Joi.string(),
  s: Joi.number().positive(),
  dx: Joi.number(),
  dy: Joi.number(),
  rot: Joi.number(),
  turn: Joi.number(),
  tilt: Joi.number(),
  glow: Joi.array().items(Joi.number()).length(2),
  broad: flag,
  wall: colour,
  back: Joi.string(),
  top: colour,
  curtain: colour,
  cloth: colour,
  sheets: Joi.array().items(colour).length(3),
  cut: Joi.valid('rounds', 'slant'),
  plant: flag,
  sunX: Joi.number(),
  who: Joi.string(),
  a: Joi.string(),
  b: Joi.string().allow(''),
  goods: Joi.string(),
  late: flag,
  open: flag,
  down: flag,
  whole: flag,
  wilted: flag,
});
const rowSchema = Joi.object({
  id: Joi.string()
    .pattern(/^[a-z][a-z0-9-]*$/)
    .required(),
  kind: Joi.valid('still', 'loop').required(),
  motif: text,
  pal: Joi.string(),
  seed: Joi.string(),
  slots,
  wide: rect,
  tall: rect,
  title: text,
  description: text,
  tags: text,
  focal: Joi.array().items(Joi.number()).length(4).required(),
  room: Joi.array()
    .items(Joi.valid('top', 'middle', 'bottom', 'left', 'right'))
    .unique()
    .required(),
  people: Joi.number().integer().min(0).required(),
  mood: text,
  setting: Joi.valid('indoor', 'outdoor', 'table', 'abstract').required(),
  time: Joi.valid('day', 'morning', 'evening', 'night', 'any').required(),
  ground: Joi.boolean(),
  usedFor: Joi.string(),
});

/** A row as its file has it: tags with commas between, lines with bars. */
type Written = Omit<CatalogueRow, 'tags' | 'usedFor' | 'calledFor'> & { tags: string; usedFor?: string };

/** A file of lines "picture: one, and another", by the picture; a loop has what its still has. */
function byPicture(file: string, between: string): (id: string) => string[] {
  const lines = readFileSync(new URL(file, import.meta.url), 'utf8')
    .trim()
    .split('\n');
  const all = new Map(
    lines.map((line): [string, string[]] => {
      const at = line.indexOf(': ');
      return [line.slice(0, at), line.slice(at + 2).split(between)];
    }),
  );
  return (id) => all.get(id) ?? all.get(id.replace(/-loop$/, '')) ?? [];
}

/** Words that call for a picture though they are not in it. */
const calledFor = byPicture('./called-for.txt', ' ');
/** More lines for which a picture is used, besides those of its row. */
const alsoUsedFor = byPicture('./used-for.txt', ' | ');

function rowsOf(subject: (typeof SUBJECTS)[number]): CatalogueRow[] {
  const file = new URL(`./rows/${subject}.json`, import.meta.url);
  const { error, value } = Joi.array()
    .items(rowSchema)
    .unique('id')
    .validate(JSON.parse(readFileSync(file, 'utf8')), { convert: false });
  if (error) throw new Error(`studio/catalogue/rows/${subject}.json: ${error.message}`);
  return (value as Written[]).map(({ tags, usedFor, ...row }) => ({
    ...row,
    tags: tags.split(', '),
    usedFor: [...new Set([...(usedFor ? usedFor.split(' | ') : []), ...alsoUsedFor(row.id)])],
    calledFor: calledFor(row.id),
  }));
}

/** Every row of the shelf, in shelf order. */
export const CATALOGUE: CatalogueRow[] = SUBJECTS.flatMap(rowsOf);
