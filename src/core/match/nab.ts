import type { PictureReason } from '../piece/reasons.ts';
import { type Placement, placed } from '../piece/types.ts';
import { assign } from './assign.ts';
import type { Preference } from './preference.ts';
import type { ShelfIndex } from './score.ts';
import { seeAgain } from './see-again.ts';
import { raiseTopical } from './topical.ts';
import type { MatchLine, Scored, ShelfItem } from './types.ts';

/** How the whole piece is weighed against the single line. */
const NAB = {
  /** Taken off when a picture of the same motif stands in the piece already, and more when it stands next to it. */
  sameGroup: 0.06,
  sameGroupNextTo: 0.16,
  samePaletteNextTo: 0.012,
  /** Added for a photo of the same occasion as the one next to it. */
  sameSessionNextTo: 0.07,
  /** Taken off for each use of a picture before this one, when there are more lines than pictures. */
  repeat: 0.5,
  /** Taken off a third still, or a third moving one, in a row. */
  thirdOfKind: 0.02,
  /** How much more the picture of a title counts in the choice for all lines. */
  title: 3,
  /** Added to a picture that came with the words. */
  brought: 0.12,
  alternatives: 3,
  /** A picture of another kind goes before one that is better by less than this. */
  otherSortWithin: 0.1,
  /** Confidence under which a calm ground stands instead of a picture that would mislead. */
  calmUnder: 0.12,
  /** How near a picture must be to what the piece is about to stand for a line that says nothing to be seen. */
  topicFrom: 0.45,
  /** Score at which a choice is a guess, and at which it is certain. */
  guess: 0.42,
  certain: 0.82,
} as const;

/** So many pictures are looked at for each line; of a large shelf the rest is too far away. */
const RANKED = 120;
/** Value of a picture that is not among those looked at for a line. */
const FAR = -10;

/** Whether what is said of a picture has to do with the line at all. */
const speaksOf = (s: Scored): boolean => s.meaning > 0.4 || s.hits.some((h) => h.close >= 0.6);

/** Confidence under which a choice is shown as weak. */
export const WEAK = 0.35;

export interface NabOptions {
  /** Pictures that stay where the writer put them. */
  taken?: readonly string[];
  /** Pictures that may be chosen; all by default. */
  allow?: (item: ShelfItem) => boolean;
  /** What a picture has for it besides its meaning, added to its score. */
  preference?: Preference;
  /** Ids of all scenes of the piece in their order; those of the lines by default. */
  order?: readonly string[];
  /** Pictures that came with the words of this very piece; they go before others that fit as well. */
  sourceIndex?: ShelfIndex;
}

/**
 * Chooses a picture for every line at once: the assignment with the best total, no picture twice while others are
 * left, then improved by exchanges so that pictures of one motif or one light do not crowd, and stills and moving ones
 * take turns. Determined by its input.
 */
export function nab(
  index: ShelfIndex,
  lines: readonly MatchLine[],
  { taken = [], allow = () => true, preference = () => 0, order, sourceIndex }: NabOptions = {},
): Record<string, Placement> {
  const limit = Math.max(RANKED, 2 * lines.length);
  const ranked = lines.map((line) => {
    const brought = (sourceIndex?.rank(line, { limit }) ?? []).filter(speaksOf);
    const shelf = index.rank(line, { limit, allow });
    const preferred = (s: Scored, more: number): Scored => {
      s.preference = more + preference(s.item, line.sceneId);
      s.score += s.preference;
      return s;
    };
    const both = [...brought.map((s) => preferred(s, NAB.brought)), ...shelf.map((s) => preferred(s, 0))];
    // A picture that came with the words may stand on the shelf too: the better of both counts.
    return [...new Map(both.sort((x, y) => x.score - y.score).map((s) => [s.item.id, s])).values()].sort(
      (x, y) => y.score - x.score,
    );
  });
  if (!lines.length || !index.items.length) return {};
  raiseTopical(ranked, lines, index);
  const near = new Set(ranked.flatMap((r) => r.map((s) => s.item)));
  const items = [...near].filter((it) => !taken.includes(it.id));
  const pool = items.length ? items : [...near];
  const copies = Math.ceil(lines.length / pool.length);
  const scoreOf = ranked.map((r) => new Map(r.map((s) => [s.item.id, s])));
  const value = lines.map(({ title }, r) =>
    Array.from({ length: copies }, (_, c) =>
      pool.map((it) => (title ? NAB.title : 1) * ((scoreOf[r]?.get(it.id)?.score ?? FAR) - c * NAB.repeat)),
    ).flat(),
  );
  const columns = assign(value);
  const chosen = columns.map((c) => pool[c % pool.length]?.id ?? '');
  improve(chosen, scoreOf, ranked, taken, lines.length <= pool.length);
  const ids = order ?? lines.map((l) => l.sceneId);
  const places = lines.map((l) => ids.indexOf(l.sceneId));
  const { again, goesOn } = seeAgain({ chosen, scoreOf, ranked, lines, places, certainty: certaintyOf });
  const inPiece = new Set([...taken, ...chosen]);
  /** A picture of what the piece is about, for a line that says nothing that can be seen; null when none is near enough. */
  const ofTopic = (line: MatchLine): Stopgap | null => {
    if (!line.context) return null;
    const about = {
      ...line,
      text: '',
      vector: line.context.vector,
      context: null,
      wordVectors: [],
      nearWords: [],
    };
    const [first] = index.rank(about, {
      limit: 1,
      allow: (it) => allow(it) && !it.ground && !inPiece.has(it.id),
    });
    if (!first || first.meaning < NAB.topicFrom) return null;
    inPiece.add(first.item.id);
    return { item: first.item, reason: { code: 'topic', close: Math.round(first.meaning * 100) / 100 } };
  };
  const calm = calmGrounds(
    index.items.filter((it) => it.ground && allow(it) && !taken.includes(it.id)),
    preference,
  );
  return Object.fromEntries(
    lines.flatMap((line, r) => {
      const best = scoreOf[r]?.get(chosen[r] ?? '') ?? ranked[r]?.[0];
      if (!best) return [];
      const on = goesOn.get(r);
      if (on) return [[line.sceneId, goingOn(on, best, ranked[r] ?? [], line)]];
      const certain = certaintyOf(best);
      const alternatives = variedAfter(best, ranked[r] ?? []);
      const why: PictureReason[] = again.has(r) ? [{ code: 'again' }] : [];
      const after = places.indexOf((places[r] as number) + 1);
      // What the writer asked for in a brief is shown as well as it can be, and so is what goes on through the next scene.
      if (certain >= NAB.calmUnder || line.brief || best.item.ground || goesOn.has(after))
        return [[line.sceneId, choice(best, alternatives, line, why)]];
      const instead = ofTopic(line) ?? calm(line.sceneId);
      if (!instead) return [[line.sceneId, choice(best, alternatives, line)]];
      const passed = choice(best, [best, ...alternatives].slice(0, NAB.alternatives), line);
      return [[line.sceneId, stopgap(instead, passed)]];
    }),
  );
}

const certaintyOf = (s: Scored): number => confidenceOf(s.score - (s.preference ?? 0));

/**
 * Gives a ground for a line that nothing fits: the one that the mood of the piece and the layout like best among those used
 * least, and not the kind that came last.
 */
function calmGrounds(grounds: readonly ShelfItem[], preference: Preference) {
  const used = new Map<string, number>();
  let last = '';
  return (sceneId: string): Stopgap | null => {
    const often = (it: ShelfItem) => (used.get(it.id) ?? 0) + (it.group === last ? 1 : 0);
    const [first] = [...grounds].sort(
      (a, b) =>
        often(a) - often(b) || preference(b, sceneId) - preference(a, sceneId) || (a.id < b.id ? -1 : 1),
    );
    if (!first) return null;
    used.set(first.id, (used.get(first.id) ?? 0) + 1);
    last = first.group;
    return { item: first, reason: { code: 'calm' } };
  };
}

/**
 * The next best pictures, of motifs that differ from the best one and from each other as long as there are any, and of
 * another kind (indoors with people, a thing, a place ...) where one is nearly as good.
 */
function variedAfter(best: Scored, ranked: readonly Scored[]): Scored[] {
  const rest = ranked.filter((s) => s.item.id !== best.item.id);
  const groups = new Set([best.item.group]);
  const sorts = new Set([best.item.sort]);
  const chosen: Scored[] = [];
  while (chosen.length < NAB.alternatives) {
    const open = rest.filter((s) => !chosen.includes(s) && !groups.has(s.item.group));
    const [next] = open;
    if (!next) break;
    const other = open.find((s) => !sorts.has(s.item.sort) && next.score - s.score < NAB.otherSortWithin);
    const taken = other ?? next;
    chosen.push(taken);
    groups.add(taken.item.group);
    sorts.add(taken.item.sort);
  }
  chosen.sort((a, b) => b.score - a.score);
  return [...new Set([...chosen, ...rest])].slice(0, NAB.alternatives);
}

/** What stands instead of a picture that would mislead, and why. */
interface Stopgap {
  item: ShelfItem;
  reason: PictureReason;
}

/** As uncertain as the picture that it stands for. */
const stopgap = ({ item, reason }: Stopgap, passed: Placement): Placement => ({
  ...passed,
  ...{ assetId: item.id, reasons: [reason], found: [] },
});

/** The picture before, as it fits the line; the line's own stands first among the others. */
function goingOn(on: Scored, own: Scored, ranked: readonly Scored[], line: MatchLine): Placement {
  const others = [own, ...variedAfter(own, ranked)].filter((s) => s.item.id !== on.item.id);
  const why: PictureReason = { code: 'goes-on' };
  const placement = choice(on, others.slice(0, NAB.alternatives), line, [why]);
  // Of a line that says nothing to be seen there is nothing more to say.
  const said = certaintyOf(on) < WEAK ? { reasons: [why], found: [] } : {};
  return { ...placement, ...said, assetId: own.item.id };
}

function choice(
  best: Scored,
  alternatives: Scored[],
  line: MatchLine,
  why: readonly PictureReason[] = [],
): Placement {
  return {
    ...placed(best.item.id),
    by: 'nab',
    reasons: [...why, ...figuresOf(line), ...reasonsOf(best, line.said)],
    confidence: Math.round(certaintyOf(best) * 100) / 100,
    found: [...new Set(best.hits.map((h) => saidFor(h.word, line.said)))].slice(0, 6),
    alternatives: alternatives.map((s) => ({ assetId: s.item.id, reasons: reasonsOf(s, line.said) })),
  };
}

const figuresOf = ({ figures = [], said, brief, text }: MatchLine): PictureReason[] => [
  ...(said ? [{ code: 'gloss', text: (brief || text).slice(0, 300) } as const] : []),
  ...figures.map(({ said, meant }) => ({ code: 'figure', said, meant }) as const),
];

/** A word as it stands in the line. */
const saidFor = (word: string, said: MatchLine['said']): string => said?.get(word.toLowerCase()) ?? word;

export const confidenceOf = (score: number): number =>
  Math.max(0, Math.min(1, (score - NAB.guess) / (NAB.certain - NAB.guess)));

/** Why a picture was found: which words met which tags, and how close the whole line is. */
export function reasonsOf(s: Scored, said: MatchLine['said'] = null): PictureReason[] {
  return [
    ...(s.item.caption === undefined ? [] : [{ code: 'in-source', caption: '' } as const]),
    ...s.hits.slice(0, 3).map((h): PictureReason => {
      const word = saidFor(h.word, said);
      return h.close === 1 && word === h.word
        ? { code: 'word', word }
        : { code: 'near-word', word, tag: h.tag };
    }),
    { code: 'meaning', close: Math.round(s.meaning * 100) / 100 },
  ];
}

function improve(
  chosen: string[],
  scoreOf: Map<string, Scored>[],
  ranked: Scored[][],
  taken: readonly string[],
  enough: boolean,
): void {
  const groups = new Map<string, Scored>();
  for (const r of ranked) for (const s of r) groups.set(s.item.id, s);
  const item = (id: string | undefined) => (id ? groups.get(id)?.item : undefined);
  const at = (r: number, id: string): number => {
    const me = item(id);
    let v = scoreOf[r]?.get(id)?.score ?? FAR;
    chosen.forEach((other, k) => {
      if (k === r) return;
      const o = item(other);
      if (other === id) v -= NAB.repeat;
      if (o && me && o.group === me.group) v -= Math.abs(k - r) === 1 ? NAB.sameGroupNextTo : NAB.sameGroup;
      if (o && me && Math.abs(k - r) === 1) {
        if (o.session !== undefined && o.session === me.session) v += NAB.sameSessionNextTo;
        else if (o.palette === me.palette) v -= NAB.samePaletteNextTo;
      }
    });
    const kindAt = (k: number) => item(chosen[k])?.kind;
    const kind = item(id)?.kind;
    for (const [p, q] of [
      [r - 2, r - 1],
      [r - 1, r + 1],
      [r + 1, r + 2],
    ] as const)
      if (kind && kindAt(p) === kind && kindAt(q) === kind) v -= NAB.thirdOfKind;
    return v;
  };
  for (let round = 0; round < 4; round++) {
    let changed = false;
    for (let r = 0; r < chosen.length; r++) {
      let best = chosen[r] as string;
      let value = at(r, best);
      for (const s of (ranked[r] ?? []).slice(0, 14)) {
        if (taken.includes(s.item.id) || (enough && chosen.includes(s.item.id))) continue;
        const v = at(r, s.item.id);
        if (v > value + 1e-9) {
          value = v;
          best = s.item.id;
        }
      }
      if (best !== chosen[r]) {
        chosen[r] = best;
        changed = true;
      }
    }
    if (!changed) return;
  }
}
