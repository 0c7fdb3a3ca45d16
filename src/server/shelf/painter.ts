import path from 'node:path';
import pLimit from 'p-limit';
import type { PaintAsk, PaintPlan, ShelfEntryView } from '../../api/shelf.ts';
import { Failed } from '../../core/failure.ts';
import { stageOf } from '../../core/look/formats.ts';
import { confidenceOf, WEAK } from '../../core/match/nab.ts';
import { completeOrder, type Stage } from '../../core/match/order.ts';
import { planWords } from '../../wording/painting.ts';
import { match } from '../apart/apart.ts';
import { importPicture } from '../assets/assets.ts';
import { CONFIG } from '../config.ts';
import { run } from '../program.ts';
import type { CatalogueEntry } from './catalogue.ts';
import { shelve } from './own.ts';
import { entryView } from './search.ts';
import { matchLines, shelf } from './shelf.ts';

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
  const [line] = await matchLines([{ id: 'order', layout: 'caption', shown: ask.words, brief: '' }]);
  const { index } = await shelf();
  const ranked = line ? index.rank(line, { allow: (i) => can.has(i.group) }) : [];
  const order = [...new Set([...ranked.map((s) => s.item.group), ...can.keys()])];
  const what = ask.what ?? order[0];
  const entry = what ? can.get(what) : undefined;
  if (!what || !entry) throw new Failed({ code: 'cannot-paint' });
  const full = completeOrder(what, usualStage(entry), ask.words, ask.seed, {
    ...(ask.stage ? { stage: ask.stage } : {}),
    ...(ask.light ? { light: ask.light } : {}),
  });
  const thing = what.startsWith('still-life/');
  const score = ranked.find((s) => s.item.group === what)?.score ?? 0;
  return {
    order: full,
    title: entry.title,
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
  const plan = await match('plan-painting', ask);
  const { order } = plan;
  const entry = (await paintable()).get(order.what) as CatalogueEntry;
  const name = order.what.split('/')[1] ?? '';
  const stage = stageOf(ask.format);
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
  const record = await importPicture(stdout, {
    title: planWords(plan).slice(0, 200),
    licence: 'own',
    origin: MACHINE_MADE,
  });
  await shelve(record, {
    name: '',
    folder: '',
    licence: 'free',
    tags: [...entry.tags.slice(0, 14), 'machine-made'],
  });
  return entryView(record.id);
}

/** Origin of pictures that the studio painted to order. */
const MACHINE_MADE = 'studio:to-order';
