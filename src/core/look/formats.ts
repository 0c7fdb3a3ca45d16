/** Formats that the application offers itself, as pixels of the stage on which a video is laid out; a render scales it. */
export const STAGE = {
  '9:16': { width: 1080, height: 1920 },
  '4:5': { width: 1080, height: 1350 },
  '1:1': { width: 1080, height: 1080 },
  '16:9': { width: 1920, height: 1080 },
} as const;

export type OfferedFormat = keyof typeof STAGE;
export const FORMATS = Object.keys(STAGE) as OfferedFormat[];

/** Width to height of a video in lowest whole terms: an offered format, or the writer's own (`formatFrom`). */
export type Format = `${number}:${number}`;

/** Pixels. */
export interface Size {
  width: number;
  height: number;
}

/** Width to height. */
export const ratioOf = ({ width, height }: Size): number => width / height;

/** Box as fractions of a picture or stage: x, y, width, height. */
export type Box = readonly [number, number, number, number];

/** Pixels of the shorter side of every stage. */
const SHORT_SIDE = 1080;

/** No side may be longer than so many times the other: beyond it neither words nor pictures have room. */
export const MOST_STRETCHED = 3;

/** Terms have four digits at most, so that a format can be written as a size in pixels ("1200:628"). */
const LARGEST_TERM = 9999;

const isOffered = (format: Format): format is OfferedFormat => Object.hasOwn(STAGE, format);

const sides = (format: Format): [number, number] => {
  const [width = 1, height = 1] = format.split(':').map(Number);
  return [width, height];
};

/** The stage of a format: its shorter side is 1,080 pixels, both are even. */
export function stageOf(format: Format): Size {
  if (isOffered(format)) return STAGE[format];
  const [w, h] = sides(format);
  const long = 2 * Math.round((SHORT_SIDE * Math.max(w, h)) / Math.min(w, h) / 2);
  return w > h ? { width: long, height: SHORT_SIDE } : { width: SHORT_SIDE, height: long };
}

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

const WRITTEN = /^\s*(\d{1,4}(?:[.,]\d{1,3})?)\s*(?:[:x×*/]|to|by)\s*(\d{1,4}(?:[.,]\d{1,3})?)\s*$/iu;

/**
 * The format that somebody writes as proportions or as a size: "3:2", "2.35 : 1", "1200x628". null for what is none, and
 * for what is more than three times as long as broad.
 */
export function formatFrom(text: string): Format | null {
  const [, w, h] = WRITTEN.exec(text) ?? [];
  const whole = [w, h].map((n) => Math.round(Number((n ?? '').replace(',', '.')) * 1000));
  const [width = 0, height = 0] = whole;
  if (!width || !height || Math.max(width / height, height / width) > MOST_STRETCHED) return null;
  const by = divisor(width, height);
  const [a, b] = [width / by, height / by];
  return Math.max(a, b) > LARGEST_TERM ? null : `${a}:${b}`;
}

/** Whether text is a format as it is stored: one that `formatFrom` would not write otherwise. */
export const isFormat = (text: string): text is Format => formatFrom(text) === text;

/** Offered formats from the tallest to the widest, with the logarithm of width to height. */
const LADDER = FORMATS.map((format) => ({ format, at: Math.log(ratioOf(STAGE[format])) })).sort(
  (a, b) => a.at - b.at,
);

/** Between which two offered formats a format lies, and how far from the first to the second (0 to 1). */
function neighbours(format: Format): [OfferedFormat, OfferedFormat, number] {
  const at = Math.log(ratioOf(stageOf(format)));
  const above = LADDER.findIndex((l) => l.at >= at - 1e-9);
  const [first, second] =
    above < 0 ? [LADDER.at(-1), LADDER.at(-1)] : [LADDER[Math.max(0, above - 1)], LADDER[above]];
  if (!first || !second) throw new Error('There is no offered format.');
  const t = first === second ? 0 : (at - first.at) / (second.at - first.at);
  return [first.format, second.format, Math.min(1, Math.max(0, t))];
}

/** What each format has; asked for by its name, since there are as many formats as writers want. */
export type ByFormat<T> = (format: Format) => T;

/** Of how many formats that is kept: there may be any number of own ones. */
const MOST_KNOWN = 64;

/** What is worked out for each format when it is asked for first. */
export function byFormat<T>(of: (format: Format, stage: Size) => T): ByFormat<T> {
  const known = new Map<Format, T>();
  return (format) => {
    const have = known.get(format);
    if (have !== undefined) return have;
    const made = of(format, stageOf(format));
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(format, made);
    return made;
  };
}

/** Figures set for the offered formats; those of an own one lie between its neighbours', by width to height. */
export const figuresByFormat = <K extends string>(
  set: Record<OfferedFormat, Readonly<Record<K, number>>>,
): ByFormat<Record<K, number>> =>
  byFormat((format) => {
    if (isOffered(format)) return set[format];
    const [first, second, t] = neighbours(format);
    const keys = Object.keys(set[first]) as K[];
    return Object.fromEntries(
      keys.map((k) => [k, set[first][k] + t * (set[second][k] - set[first][k])]),
    ) as Record<K, number>;
  });
