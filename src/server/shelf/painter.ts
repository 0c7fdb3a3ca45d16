import path from 'node:path';
import Joi from 'joi';
import pLimit from 'p-limit';
import { confidenceOf, WEAK } from '../../core/match/nab.ts';
import {
  completeOrder,
  LIGHT_LABELS,
  LIGHTS,
  type Light,
  type Order,
  STAGE_LABELS,
  STAGES,
  type Stage,
} from '../../core/match/order.ts';
import { FORMATS, type Format } from '../../core/piece/types.ts';
import { STAGE } from '../../core/timeline/types.ts';
import { takeIn } from '../assets/assets.ts';
import { CONFIG } from '../config.ts';
import { HttpError } from '../http.ts';
import { run } from '../program.ts';
import type { CatalogueEntry } from './catalogue.ts';
import { shelve } from './own.ts';
import { entryView } from './search.ts';
import { matchLines, shelf } from './shelf.ts';
import type { ShelfEntryView } from './view.ts';

/** What the writer asks for; what is left out is chosen. */
export interface PaintAsk {
  words: string;
  format: Format;
  seed: string;
  what: string | null;
  stage: Stage | null;
  light: Light | null;
}

export const paintSchema = Joi.object<PaintAsk>({
  words: Joi.string().trim().min(1).max(500).required(),
  format: Joi.string()
    .valid(...FORMATS)
    .required(),
  seed: Joi.string().alphanum().min(1).max(24).required(),
  what: Joi.string().max(80).allow(null).default(null),
  stage: Joi.string()
    .valid(...STAGES)
    .allow(null)
    .default(null),
  light: Joi.string()
    .valid(...LIGHTS)
    .allow(null)
    .default(null),
});

/** What will be painted, said before it is. */
export interface PaintPlan {
  order: Order;
  /** "An hourglass at a window in the evening". */
  says: string;
  /** False: nothing that the studio can paint is near the words. */
  sure: boolean;
  /** A thing stands somewhere; a place is one. */
  thing: boolean;
  /** Everything that can be painted, nearest to the words first. */
  choices: { what: string; title: string }[];
}

/** The pictures of the shelf that are painted from parts: for each thing and place the first that shows it. */
async function paintable(): Promise<Map<string, CatalogueEntry>> {
  const out = new Map<string, CatalogueEntry>();
  for (const e of (await shelf()).entries.values())
    if (/^(still-life|place)\//.test(e.group) && e.kind === 'still' && !out.has(e.group)) out.set(e.group, e);
  return out;
}

const usualStage = (e: CatalogueEntry): Stage =>
  e.setting === 'table'
    ? 'above'
    : e.setting === 'abstract'
      ? 'sheets'
      : e.setting === 'outdoor'
        ? 'hill'
        : 'table';

/** What the studio would paint for words, and whether that is near to them. */
export async function planPainting(ask: PaintAsk): Promise<PaintPlan> {
  const can = await paintable();
  const [line] = await matchLines([{ id: 'order', layout: 'caption', shown: ask.words, wish: '' }]);
  const { index } = await shelf();
  const ranked = line ? index.rank(line, { allow: (i) => can.has(i.group) }) : [];
  const order = [...new Set([...ranked.map((s) => s.item.group), ...can.keys()])];
  const what = ask.what ?? order[0];
  const entry = what ? can.get(what) : undefined;
  if (!what || !entry) throw new HttpError(422, 'The studio cannot paint that.');
  const full = completeOrder(what, usualStage(entry), ask.words, ask.seed, {
    ...(ask.stage ? { stage: ask.stage } : {}),
    ...(ask.light ? { light: ask.light } : {}),
  });
  const thing = what.startsWith('still-life/');
  const score = ranked.find((s) => s.item.group === what)?.score ?? 0;
  return {
    order: full,
    says: [entry.title, thing ? STAGE_LABELS[full.stage] : '', LIGHT_LABELS[full.light]]
      .filter(Boolean)
      .join(', '),
    sure: ask.what !== null || confidenceOf(score) >= WEAK,
    thing,
    choices: order.flatMap((w) => {
      const e = can.get(w);
      return e ? [{ what: w, title: e.title }] : [];
    }),
  };
}

/** Painting takes a core for two seconds; one at a time leaves the rest for everybody else. */
const oneAtATime = pLimit(1);

/** Paints a picture to order and puts it on the shelf, marked as machine-made. The same order gives the same picture. */
export async function paintToOrder(ask: PaintAsk): Promise<ShelfEntryView> {
  const { order, says } = await planPainting(ask);
  const entry = (await paintable()).get(order.what) as CatalogueEntry;
  const name = order.what.split('/')[1] ?? '';
  const stage = STAGE[ask.format];
  const spec = {
    ...(order.what.startsWith('place/') ? { place: name } : { thing: name, stage: order.stage }),
    pal: order.light,
    seed: order.seed,
    view: stage.width >= stage.height ? 'wide' : 'tall',
  };
  const { stdout } = await oneAtATime(() =>
    run(
      process.execPath,
      [
        '--import',
        `file://${path.join(CONFIG.root, 'node_modules/tsx/dist/loader.mjs')}`,
        path.join(CONFIG.root, 'studio/order.ts'),
        JSON.stringify(spec),
      ],
      { timeoutMs: 60_000, cwd: CONFIG.root },
    ),
  );
  const record = await takeIn(stdout, { title: says.slice(0, 200), licence: 'own', origin: MACHINE_MADE });
  await shelve(record, {
    name: '',
    folder: '',
    licence: 'free',
    tags: [...entry.tags.slice(0, 14), 'machine-made'],
  });
  return entryView(record.id);
}

/** Origin of pictures that the studio painted to order. */
export const MACHINE_MADE = 'studio:to-order';
