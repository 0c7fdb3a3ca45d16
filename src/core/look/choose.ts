import { contentKey } from '../hash.ts';
import { MOODS } from '../music/moods.ts';
import { musicMood, type Piece } from '../piece/types.ts';
import { contentWords } from '../text/tokens.ts';
import { LOOK_NAMES, type LookName, lookOf } from './looks.ts';
import type { MoodOfLook } from './moods.ts';

/** Why a look suits a piece. */
export type LookReason =
  | { code: 'source'; kind: 'article' | 'product' | 'photos'; mood: MoodOfLook }
  | { code: 'words'; words: string[]; mood: MoodOfLook }
  | { code: 'short-lines'; mood: MoodOfLook }
  | { code: 'calls'; mood: MoodOfLook }
  | { code: 'figures'; mood: MoodOfLook }
  | { code: 'music'; mood: MoodOfLook };

/** So many looks are said to suit a piece: one that it has, and two more. */
export const SUITED = 3;

export interface SuitedLook {
  look: LookName;
  reasons: LookReason[];
}

/** Words by which a mood is known, as stems that a word begins with. */
const WORDS: Record<MoodOfLook, string> = {
  news: 'council vote mayor minister report police court strike announce election budget official statement protest resident district government spokes',
  loud: 'now never stop win record fight crash shock huge biggest worst best wow crazy unbelievable secret warning free',
  warm: 'home neighbour family friend grandmother together bake bread soup kitchen garden thank gift child cosy mend repair help volunteer community',
  calm: 'quiet slow breath morning river forest rain snow silence sleep rest evening mist gentle lake walk wait stars',
  elegant:
    'wedding jewel silk gallery opera wine perfume exhibition collection design architecture ceramic glass crystal anniversary ballet',
  playful:
    'game party joke fun silly cat dog puppy ice balloon circus fair quiz trick surprise funny play kid toddler',
  technical:
    'engine software data battery sensor server measure energy solar network install code machine update algorithm voltage pump bolt engineer test',
  literary:
    'poem heart sea shadow moon soul dream dust memory bone light winter ghost letter novel verse story love grief',
  shop: 'price buy order sale offer discount delivery warranty product review shop store pounds euros stock guarantee cheap',
  nostalgic:
    'old ago century grandfather once used childhood remember archive war history museum photograph letter steam railway postcard last tradition',
  sober:
    'health study risk research school law tax rights climate disease hospital death safety pension insurance court rule',
};
const STEMS = Object.fromEntries(
  Object.entries(WORDS).map(([mood, list]) => [mood, list.split(' ')]),
) as Record<MoodOfLook, string[]>;

/** What may follow the stem of a word. */
const ENDINGS =
  /^(?:s|es|ed|d|ing|er|ers|or|ors|lor|lors|al|ly|y|ies|ment|ments|ion|ions|person|man|woman)?$/;

/** What each sign adds to a mood. */
const WORTH = {
  source: 1.4,
  word: 0.34,
  words: 1.7,
  shortLines: 1.6,
  calls: 0.8,
  figures: 0.6,
  music: 0.45,
} as const;
/** What a mood is worth to a look that names it first, second, and so on. */
const RANK = [1, 0.72, 0.5, 0.36] as const;
/** Among looks that suit nearly as well, the title says which: two pieces of one kind shall not look alike. */
const NEARLY = 0.6;
/** Where nothing speaks for a look, chance does. */
const BY_CHANCE = 0.05;

const SOURCES: Partial<Record<NonNullable<Piece['source']>['kind'], MoodOfLook>> = {
  article: 'news',
  product: 'shop',
  photos: 'nostalgic',
};
interface Sign {
  mood: MoodOfLook;
  worth: number;
  reason: LookReason;
}

/**
 * What speaks for which mood of words in a piece, and how much. said: its words in English, where they are in another
 * language.
 */
export function signsOf(piece: Pick<Piece, 'title' | 'source' | 'scenes' | 'beds'>, said?: string): Sign[] {
  const signs: Sign[] = [];
  const kind = piece.source?.kind;
  const ofSource = kind && SOURCES[kind];
  if (ofSource && kind !== 'script')
    signs.push({ mood: ofSource, worth: WORTH.source, reason: { code: 'source', kind, mood: ofSource } });
  const lines = piece.scenes.map((s) => s.shown.trim()).filter(Boolean);
  const text = [piece.title, ...lines].join('\n');
  const words = contentWords(said ?? text).map((w) => w.text.toLowerCase());
  for (const [mood, stems] of Object.entries(STEMS) as [MoodOfLook, string[]][]) {
    const hasStem = (w: string) =>
      stems.some((stem) => w.startsWith(stem) && ENDINGS.test(w.slice(stem.length)));
    const found = [...new Set(words.filter(hasStem))];
    if (!found.length) continue;
    // What is said in a long text by chance counts for less.
    const share = found.length / Math.max(1, Math.sqrt(words.length / 24));
    const worth = Math.min(WORTH.words, share * WORTH.word);
    signs.push({ mood, worth, reason: { code: 'words', words: found.slice(0, 3), mood } });
  }
  const mean = lines.reduce((n, l) => n + l.length, 0) / Math.max(1, lines.length);
  const ends = lines.filter((l) => /[.!?]$/.test(l)).length / Math.max(1, lines.length);
  if (lines.length > 3 && mean < 42 && ends < 0.5)
    signs.push({
      mood: 'literary',
      worth: WORTH.shortLines,
      reason: { code: 'short-lines', mood: 'literary' },
    });
  const calls = (text.match(/!/g) ?? []).length;
  if (calls >= 2 && calls >= lines.length / 4)
    signs.push({ mood: 'loud', worth: WORTH.calls, reason: { code: 'calls', mood: 'loud' } });
  const figures = lines.filter((l) => /\d/.test(l)).length;
  if (figures >= 3 && figures > lines.length / 2)
    signs.push({ mood: 'technical', worth: WORTH.figures, reason: { code: 'figures', mood: 'technical' } });
  const played = musicMood(piece.beds);
  const music = played && MOODS[played].words[0];
  if (music) signs.push({ mood: music, worth: WORTH.music, reason: { code: 'music', mood: music } });
  return signs;
}

/**
 * Looks that suit a piece, best first, each with why. Pure: the same piece gives the same order.
 */
export function suitedLooks(
  piece: Pick<Piece, 'title' | 'source' | 'scenes' | 'beds'>,
  said?: string,
): SuitedLook[] {
  const signs = signsOf(piece, said);
  const chance = (look: LookName) =>
    Number.parseInt(contentKey({ look, title: piece.title }).slice(0, 6), 16) / 0xffffff;
  const rated = LOOK_NAMES.map((look) => {
    const { suits } = lookOf(look);
    const mine = signs
      .map((s) => ({ ...s, worth: s.worth * (RANK[suits.indexOf(s.mood)] ?? 0) }))
      .filter((s) => s.worth > 0)
      .sort((a, b) => b.worth - a.worth);
    const worth = mine.reduce((n, s) => n + s.worth, 0);
    const rated = worth * (1 + NEARLY * chance(look)) + BY_CHANCE * chance(look);
    return { look, worth: rated, reasons: mine.slice(0, 2).map((s) => s.reason) };
  });
  return rated.sort((a, b) => b.worth - a.worth).map(({ look, reasons }) => ({ look, reasons }));
}

/** A draft in the look that suits it best. said: its words in English, where they are in another language. */
export function dressedDraft(draft: Piece, said?: string): Piece {
  const [best] = suitedLooks(draft, said);
  return best ? { ...draft, look: best.look } : draft;
}
