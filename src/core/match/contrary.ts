/**
 * What a line names and a picture may contradict: of each kind a picture shows one, and is wrong where the line names another.
 * Words that a picture of one may have beside it belong to both.
 */
const KINDS: readonly (readonly (readonly [words: string, with_: readonly number[]])[])[] = [
  [
    ['winter snow snowy snowed snowing ice icy frost frosty frozen december january february', []],
    ['summer june july august heatwave', []],
    ['autumn october november', []],
    ['spring blossom april', []],
  ],
  [
    ['morning mornings dawn sunrise breakfast', []],
    ['noon midday lunch', []],
    // An evening may be dark already, and a night begins with one.
    ['evening evenings dusk sunset twilight', [3]],
    ['night nights midnight moon moonlight', [2]],
  ],
  [
    ['rain rains rained raining rainy umbrella downpour storm', []],
    ['sunny sunshine', []],
  ],
];

interface Sign {
  /** The bit of this, those that go with it, and those of its kind. */
  own: number;
  fits: number;
  kind: number;
}

const SIGNS = new Map<string, Sign>();
let bit = 0;
for (const kind of KINDS) {
  const all = ((1 << kind.length) - 1) << bit;
  kind.forEach(([words, others], i) => {
    const own = 1 << (bit + i);
    const fits = others.reduce((m, o) => m | (1 << (bit + o)), own);
    for (const word of words.split(' ')) SIGNS.set(word, { own, fits, kind: all });
  });
  bit += kind.length;
}

/** What words name of season, time of day and weather. */
export interface Signs {
  /** Those that are named, those that go with them, and all of the kinds that are named: a bit for each. */
  named: number;
  fits: number;
  kinds: number;
}

export function signsOf(text: string): Signs {
  let [named, fits, kinds] = [0, 0, 0];
  for (const word of text.toLowerCase().match(/[a-z]+/g) ?? []) {
    const sign = SIGNS.get(word);
    if (!sign) continue;
    named |= sign.own;
    fits |= sign.fits;
    kinds |= sign.kind;
  }
  return { named, fits, kinds };
}

/** Whether a picture shows, of something that a line names, another one and nothing that goes with it: summer for winter. */
export function contrary(line: Signs, picture: Signs): boolean {
  const both = line.kinds & picture.kinds;
  // By kinds: what the picture shows of each, against what fits the line.
  for (let rest = both, at = 0; rest; at++) {
    const kind = ((1 << (KINDS[at] as (typeof KINDS)[number]).length) - 1) << offsetOf(at);
    if ((rest & kind) !== 0 && (picture.named & line.fits & kind) === 0) return true;
    rest &= ~kind;
  }
  return false;
}

const offsetOf = (kind: number): number => KINDS.slice(0, kind).reduce((n, k) => n + k.length, 0);
