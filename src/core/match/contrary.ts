/** Words of season, time of day, weather and of how a thing is: of each kind a picture shows one. with_: others of the kind that go with it. */
const KINDS: readonly (readonly { words: string; with_?: readonly number[] }[])[] = [
  [
    { words: 'winter snow snowy snowed snowing ice icy frost frosty frozen december january february' },
    { words: 'summer june july august heatwave' },
    { words: 'autumn october november' },
    { words: 'spring blossom april' },
  ],
  [
    { words: 'morning mornings dawn sunrise breakfast' },
    { words: 'noon midday lunch' },
    // An evening may be dark already, and a night begins with one.
    { words: 'evening evenings dusk sunset twilight', with_: [3] },
    { words: 'night nights midnight moon moonlight', with_: [2] },
  ],
  [{ words: 'rain rains rained raining rainy umbrella downpour storm' }, { words: 'sunny sunshine' }],
  [{ words: 'hot warm steaming boiling' }, { words: 'cold chilled chilly iced' }],
  [{ words: 'empty' }, { words: 'full' }],
  [{ words: 'clean spotless tidy' }, { words: 'dirty filthy messy mess' }],
  [
    { words: 'asleep sleeping sleep sleeps slept' },
    { words: 'awake sleepless sleeplessness insomnia wakeful' },
  ],
  [
    { words: 'growth growing grew rising rises increase increased' },
    { words: 'decline declined decrease decreased dropped fell falling' },
  ],
];

interface Sign {
  /** The bit of this, those that go with it, and those of its kind. */
  own: number;
  fits: number;
  kind: number;
  /** What is said when this is said not to be: the other one, where there are two. */
  denied: number;
}

const SIGNS = new Map<string, Sign>();
/** The bits of each kind. */
const MASKS: number[] = [];
for (const kind of KINDS) {
  const first = MASKS.reduce((m, mask) => Math.max(m, 32 - Math.clz32(mask)), 0);
  const mask = ((1 << kind.length) - 1) << first;
  MASKS.push(mask);
  kind.forEach(({ words, with_ = [] }, i) => {
    const own = 1 << (first + i);
    const fits = with_.reduce((m, o) => m | (1 << (first + o)), own);
    const denied = kind.length === 2 ? mask & ~own : 0;
    for (const word of words.split(' ')) SIGNS.set(word, { own, fits, kind: mask, denied });
  });
}

/** Words that deny what the next few words say, and how many: "I could not fall asleep", "Nobody in our street has slept". */
const DENIALS = new Map(
  [
    {
      within: 3,
      words: "no not never cannot can't couldn't don't doesn't didn't won't wouldn't isn't wasn't",
    },
    { within: 3, words: "aren't without hardly" },
    { within: 9, words: 'nobody none' },
  ].flatMap(({ within, words }) => words.split(' ').map((word) => [word, within] as const)),
);

/** What words name of all kinds. */
export interface Signs {
  /** Those that are named, those that go with them, and all of the kinds that are named: a bit for each. */
  named: number;
  fits: number;
  kinds: number;
}

export function signsOf(text: string): Signs {
  let [named, fits, kinds] = [0, 0, 0];
  /** So many of the next words are denied. */
  let deniedFor = 0;
  for (const [word] of text
    .toLowerCase()
    .replaceAll('’', "'")
    .matchAll(/[a-z']+|[.,;:!?]/g)) {
    const within = DENIALS.get(word);
    deniedFor = within ?? (/^[a-z']/.test(word) ? Math.max(0, deniedFor - 1) : 0);
    const sign = SIGNS.get(word);
    if (!sign) continue;
    const denied = deniedFor > 0 && within === undefined && sign.denied !== 0;
    named |= denied ? sign.denied : sign.own;
    fits |= denied ? sign.denied : sign.fits;
    kinds |= sign.kind;
  }
  return { named, fits, kinds };
}

/** Whether a picture shows, of something that a line names, another one and nothing that goes with it: summer for winter. */
export const contrary = (line: Signs, picture: Signs): boolean =>
  MASKS.some((mask) => (line.kinds & picture.kinds & mask) !== 0 && (line.fits & picture.named & mask) === 0);
