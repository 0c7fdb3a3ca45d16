import { readFile } from 'node:fs/promises';
import path from 'node:path';
import Joi from 'joi';
import { spokenOfToo, withoutCamera } from '../../core/match/asked.ts';
import { withTitlePicture } from '../../core/match/comes-back.ts';
import { contexts, wordWeights } from '../../core/match/context.ts';
import { asMeant } from '../../core/match/figures.ts';
import { growthWeights, phraseWeights } from '../../core/match/modifiers.ts';
import { nab } from '../../core/match/nab.ts';
import { openingEdit } from '../../core/match/opening.ts';
import { type PictureTraits, preference } from '../../core/match/preference.ts';
import { ShelfIndex } from '../../core/match/score.ts';
import type { MatchLine, ShelfItem, Vector } from '../../core/match/types.ts';
import { pointsBack } from '../../core/outline/condense/stands.ts';
import type { Relief } from '../../core/picture/relief.ts';
import { applyEdit, type Edit } from '../../core/piece/edit.ts';
import { isOpen, nabEdit } from '../../core/piece/placements.ts';
import { musicMood, type Piece, type Placement, type ViewName } from '../../core/piece/types.ts';
import { contentWords } from '../../core/text/tokens.ts';
import type { AssetFact } from '../../core/timeline/types.ts';
import { CONFIG } from '../config.ts';
import { type CatalogueEntry, type CatalogueFile, RELIEFS_FILE, unpackVector } from './catalogue.ts';
import { byteDots } from './dots.ts';
import { embedder } from './embedder.ts';
import { inEnglish, type Read, understood } from './in-english.ts';
import { lookUp } from './near-words.ts';

const fileSchema = Joi.object({
  version: Joi.number().valid(2).required(),
  entries: Joi.array()
    .items(
      Joi.object({
        id: Joi.string().required(),
        kind: Joi.string().valid('still', 'loop').required(),
        views: Joi.object().required(),
      }).unknown(),
    )
    .min(1)
    .required(),
  tagVectors: Joi.object().required(),
});

/** The shipped shelf in memory: entries, their facts for the timeline, and the index for matching. */
export interface Shelf {
  entries: Map<string, CatalogueEntry>;
  facts: Record<string, AssetFact>;
  index: ShelfIndex;
  tagVectors: Map<string, Vector>;
}

let loading: Promise<Shelf> | null = null;

export function shelf(): Promise<Shelf> {
  loading ??= load().catch((e) => {
    loading = null;
    throw e;
  });
  return loading;
}

async function load(): Promise<Shelf> {
  const raw = JSON.parse(await readFile(path.join(CONFIG.shelf, 'catalogue.json'), 'utf8'));
  const { error } = fileSchema.validate(raw);
  if (error)
    throw new Error(`shelf/catalogue.json cannot be read: ${error.message}. ./nabbet paint makes it again.`);
  const file = raw as CatalogueFile;
  const reliefs = await reliefsOf(file);
  let matching: Pick<Shelf, 'index' | 'tagVectors'> | null = null;
  // A render knows its pictures: it needs no vectors.
  const forMatching = () => {
    matching ??= indexOf(file);
    return matching;
  };
  return {
    entries: new Map(reliefs.map((e) => [e.id, e])),
    facts: Object.fromEntries(reliefs.map((e) => [e.id, factOf(e)])),
    get index() {
      return forMatching().index;
    },
    get tagVectors() {
      return forMatching().tagVectors;
    },
  };
}

/** The entries with what was measured of their pictures; a picture that was not measured is used all the same. */
async function reliefsOf(file: CatalogueFile): Promise<CatalogueEntry[]> {
  const text = await readFile(path.join(CONFIG.shelf, RELIEFS_FILE), 'utf8').catch(() => '{}');
  const all = JSON.parse(text) as Record<string, Record<ViewName, Relief> | undefined>;
  return file.entries.map((e) => {
    const { wide, tall } = e.views;
    const own = all[e.id];
    return own
      ? { ...e, views: { wide: { ...wide, relief: own.wide }, tall: { ...tall, relief: own.tall } } }
      : e;
  });
}

function indexOf(file: CatalogueFile): Pick<Shelf, 'index' | 'tagVectors'> {
  const items = file.entries.map(
    (e): ShelfItem => ({
      id: e.id,
      kind: e.kind,
      title: e.title,
      description: e.description,
      tags: e.tags,
      group: e.group,
      palette: e.palette,
      textVector: unpackVector(e.textVector),
      tagsVector: unpackVector(e.tagsVector),
      calledFor: e.calledFor,
      ground: e.ground,
      sort: `${e.setting}${e.people ? ' with people' : ''}`,
      usedFor: e.usedFor.map(({ text, vector }) => ({ text, vector: unpackVector(vector) })),
    }),
  );
  const tagVectors = new Map(Object.entries(file.tagVectors).map(([t, v]) => [t, unpackVector(v)]));
  return { index: new ShelfIndex(items, tagVectors, byteDots), tagVectors };
}

const factOf = (e: CatalogueEntry): AssetFact => ({
  id: e.id,
  kind: e.kind,
  views: e.views,
  loopFrames: e.loopFrames,
  durationMs: 0,
  sound: false,
});

/** The file of a shelf picture; the name comes from the catalogue, never from a request. */
export async function shelfFile(id: string, view: 'wide' | 'tall', thumb = false): Promise<string | null> {
  const entry = (await shelf()).entries.get(id);
  const v = entry?.views[view];
  return v ? path.join(CONFIG.shelf, thumb ? v.thumb : v.file) : null;
}

/** What is known of a shipped picture besides its meaning. Its views fit every format. */
export const traitsOf = (e: CatalogueEntry | undefined): PictureTraits =>
  e ? { room: e.room, mood: e.mood } : {};

/** What is known of lines besides their words. */
interface LinesOf {
  /** Of their piece. */
  title?: string;
  /** The shelf whose own pictures are found by the writer's words as they stand, too. */
  from?: ShelfIndex;
  /** Two letters: of lines that are too short to tell. */
  language?: string;
}

/** Lines with their meaning, for scenes that have any words or a brief. */
export async function matchLines(
  scenes: { id: string; layout: string; shown: string; brief: string; spoken?: string | null }[],
  { title = '', from, language }: LinesOf = {},
): Promise<MatchLine[]> {
  const filled = scenes
    .filter((s) => s.shown.trim() || s.brief.trim())
    .map((s) => ({ ...s, shown: spokenOfToo(s.shown, s.spoken), brief: withoutCamera(s.brief) }));
  const { index } = await shelf();
  const read = await inEnglish(
    [title, ...filled.map((s) => s.shown), ...filled.map((s) => s.brief)],
    { shows: (w) => index.has(w), owns: (w) => from?.hasOwn(w) ?? false },
    language,
  );
  const [gist, ...lines] = read;
  const wanted = filled.map((s, i) => {
    const shown = lines[i] as Read;
    const brief = lines[filled.length + i] as Read;
    const said = (brief.gloss ?? shown.gloss)?.said ?? null;
    if (said) return { ...s, shown: shown.text, brief: brief.text, figures: [], said };
    const { text, figures } = asMeant(shown.text);
    return { ...s, shown: text, figures, said: null };
  });
  const topic = gist?.text ?? '';
  const texts = wanted.map((s) => s.shown.trim() || s.brief.trim());
  const briefs = wanted.map((s) => s.brief.trim());
  const words = wanted.map((s) => contentWords(s.brief || s.shown).map((w) => w.text.toLowerCase()));
  const all = [...new Set([...texts, ...briefs, ...words.flat(), topic])].filter(Boolean);
  // Other threads read while the dictionary is looked into here.
  const [vectors, looked] = await Promise.all([
    embedder.embed(all),
    Promise.all(wanted.map((s) => lookUp(s.brief || s.shown))),
  ]);
  const meaning = new Map(all.map((t, i) => [t, vectors[i] as Vector]));
  // Of a line in another language perhaps nothing is known: it is like no picture.
  const nothing = new Float32Array(index.dimensions);
  const of = (t: string): Vector => meaning.get(t) ?? nothing;
  const known = understood(read);
  const round = contexts(
    wanted.map((s, i) => ({
      title: s.layout === 'title',
      vector: of(texts[i] as string),
      pointsBack: pointsBack(s.shown),
    })),
    topic ? of(topic) : null,
  );
  // Titles are phrases; elsewhere a tagger takes a verb for a noun too often, and word for word there are none.
  const inPhrase = wanted.map((s, i) =>
    lines[i]?.gloss
      ? []
      : s.layout === 'title'
        ? phraseWeights(s.brief || s.shown)
        : growthWeights(s.brief || s.shown),
  );
  const weights = wordWeights(
    wanted.map((s) => ({
      title: s.layout === 'title',
      words: contentWords(s.brief || s.shown).map((w) => w.stem),
    })),
  );
  return wanted.map((s, i) => ({
    sceneId: s.id,
    text: s.shown,
    brief: s.brief,
    figures: s.figures,
    vector: of(texts[i] as string),
    context: (known && round[i]) || null,
    briefVector: briefs[i] ? of(briefs[i] as string) : null,
    wordVectors: (words[i] ?? []).map(of),
    pointsBack: pointsBack(s.shown),
    title: s.layout === 'title',
    wordWeights: weights[i]?.map((w, k) => w * (inPhrase[i]?.[k] ?? 1)),
    nearWords: (words[i] ?? []).map((w) => looked[i]?.nearWords.get(w) ?? []),
    phrases: looked[i]?.phrases ?? [],
    said: s.said,
  }));
}

/** Has the model read lines ahead of nabbing; what it has read is remembered. */
export async function warmLines(lines: { layout: string; shown: string; brief: string }[]): Promise<void> {
  await matchLines(lines.map((l, i) => ({ ...l, id: String(i) })));
}

/** What pictures are chosen from: an index, which of its pictures may be, what is known of them, and what came with the words. */
export interface NabFrom {
  index: ShelfIndex;
  allow?: (item: ShelfItem) => boolean;
  traits?: (item: ShelfItem) => PictureTraits;
  sourceIndex?: ShelfIndex;
}

/** Pictures for every scene of a piece whose picture is not the writer's own choice; from the shipped shelf, or another one. */
export async function nabPiece(piece: Piece, from?: NabFrom): Promise<Record<string, Placement>> {
  const open = piece.scenes.filter(isOpen);
  const taken = piece.scenes.filter((s) => !isOpen(s)).flatMap((s) => s.pictures[0]?.assetId ?? []);
  const { index, entries } = await shelf();
  const { allow, traits, sourceIndex, ...chosen } = from ?? { index };
  const layouts = new Map(open.map((s) => [s.id, s.layout]));
  const nabbed = nab(
    chosen.index,
    await matchLines(open, { title: piece.title.trim(), from: chosen.index }),
    {
      taken,
      order: piece.scenes.map((s) => s.id),
      allow,
      sourceIndex,
      preference: (item, sceneId) =>
        preference(traits?.(item) ?? traitsOf(entries.get(item.id)), {
          format: piece.format,
          mood: musicMood(piece.beds),
          layout: layouts.get(sceneId) ?? 'caption',
        }),
    },
  );
  return withTitlePicture(piece.scenes, nabbed);
}

/** A piece with the pictures that nabbing finds for it. */
export async function withPictures(piece: Piece, from?: NabFrom): Promise<Piece> {
  const nabbed = taken(piece, nabEdit(piece.scenes, await nabPiece(piece, from)));
  return taken(nabbed, openingEdit(nabbed));
}

function taken(piece: Piece, edit: Edit | null): Piece {
  if (!edit) return piece;
  const result = applyEdit(piece, edit);
  if (!result.ok) throw new Error(`The pictures could not be taken over: ${JSON.stringify(result.failure)}`);
  return result.piece;
}
