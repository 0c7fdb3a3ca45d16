import { describe, expect, it } from 'vitest';
import { addAnnotations } from './annotations.ts';
import { addEntries, type Bilingual, entriesOf, translationsOf } from './freedict.ts';
import { glossed } from './gloss.ts';
import { Lexicon, type LexiconRules, lexiconText } from './lexicon.ts';

/** A stemmer that takes common endings off, as real ones do. */
const stem = (word: string): string => word.replace(/(?:ern|en|er|es|e|n|s)$/, '');
const RULES: LexiconRules = { stem, small: new Set(['der', 'die', 'um']), compounds: true };

const bilingual = (of: Record<string, Record<string, number>>): Bilingual =>
  new Map(Object.entries(of).map(([word, meant]) => [word, new Map(Object.entries(meant))]));

const WORDS = bilingual({
  ofen: { oven: 1.2, furnace: 0.7, stove: 1.1 },
  krankenschwester: { nurse: 1 },
  bäckerei: { bakery: 1, bakeshop: 0.7 },
  bus: { bus: 1 },
  fahrer: { driver: 1, rider: 0.9 },
  tag: { day: 1 },
  fähre: { ferryboat: 1, ferry: 0.6 },
  apfel: { apple: 1 },
  kuchen: { cake: 1 },
  meer: { sea: 1 },
  'well-known': { known: 1 },
  weil: { because: 1 },
});
const lexicon = new Lexicon(lexiconText(WORDS), RULES);
const first = (word: string) => lexicon.look(word)[0]?.[0];

describe('a dictionary in the DICT format', () => {
  const texts = [
    'Ofen /ˈoːfən/ <masc, n, sg>\n [ugs.] baking oven <n>, oven <n>\n   Synonyms: {Backofen}\n\n see: {Öfen}\n',
    'Brot /bɾˈoːt/ <neut, n, sg>\nbread <n>\n      "Der Mensch lebt nicht vom Brot allein."  - Man does not live by bread alone.\n',
    'barco /bˈaɾko/\n1. bark, barque\n2. boat\n3. ship, vessel\n',
    'dormir /x/\nto sleep; be asleep (at night), the land of nod and of long dreams\n',
    '00databaseinfo\nof no use\n',
  ];
  it('gives what a word means, without what stands round it', () => {
    expect(texts.map(translationsOf)).toEqual([
      ['baking oven', 'oven'],
      ['bread'],
      ['bark', 'barque', 'boat', 'ship', 'vessel'],
      ['sleep', 'be asleep'],
      ['of no use'],
    ]);
    expect(translationsOf('word alone')).toEqual([]);
    expect(translationsOf('x\na, b, c, d, e, f, g, h')).toHaveLength(6);
    expect(translationsOf('x\n  see: {y}\noven, oven')).toEqual(['oven']);
  });

  it('is found by its index, whose numbers are digits to the base of 64', () => {
    const index = 'Brot\tBA\tq\nbarco\tA\tM\n00databaseinfo\tA\tB\nbroken\t!\tB\nempty\tA\tA\nshort\tA\n';
    expect(entriesOf(index)).toEqual([
      { headword: 'Brot', start: 64, length: 42 },
      { headword: 'barco', start: 0, length: 12 },
    ]);
  });

  it('is read in both directions; the first entries and translations of a word count most', () => {
    const to: Bilingual = new Map();
    const entry = (headword: string, start: number) => ({ headword, start, length: 1 });
    const read = (of: string[]) => (start: number) => of[start] ?? '';
    addEntries(
      to,
      [entry('Barco', 0), entry('barco', 1), entry('two words here', 0)],
      read([texts[2] ?? '', 'b\nboat']),
    );
    expect([...to.keys()]).toEqual(['barco']);
    const worth = (w: string) => to.get('barco')?.get(w) ?? 0;
    expect(worth('bark')).toBe(1);
    expect(worth('boat')).toBeGreaterThan(1 / (1 + 2 * 0.35));
    expect(worth('ship')).toBeLessThan(worth('boat'));
    addEntries(
      to,
      [entry('oven', 0), entry('hot and dry air', 0)],
      read(['oven\nhorno, horno de pan']),
      true,
    );
    expect([...(to.get('horno') ?? [])]).toEqual([['oven', 1]]);
    expect(to.has('horno de pan')).toBe(false);
  });
});

describe('keywords of signs', () => {
  it('mean what the signs are called, and what goes with the same signs', () => {
    const to: Bilingual = new Map();
    addAnnotations(
      to,
      {
        a: { default: ['brot', 'laib', 'essen'], tts: ['Brot'] },
        b: { default: ['essen', 'teller'], tts: ['Teller mit Besteck'] },
        c: { default: ['essen', 'obst'], tts: ['Apfel'] },
        d: { default: ['nur hier'], tts: ['Anders'] },
      },
      {
        a: { default: ['bread', 'loaf', 'food'], tts: ['bread'] },
        b: { default: ['plate', 'food'], tts: ['fork and knife with plate'] },
        c: { default: ['fruit', 'food', 'red'], tts: ['red apple'] },
        e: { default: ['food'], tts: ['elsewhere'] },
      },
    );
    expect(to.get('brot')).toEqual(new Map([['bread', 0.9]]));
    expect(to.get('apfel')).toEqual(new Map([['red apple', 0.9]]));
    expect([...(to.get('essen') ?? [])]).toEqual([
      ['bread', 0.5],
      ['loaf', 0.5],
      ['food', 1],
      ...['plate', 'fork and knife with plate', 'fruit', 'red', 'red apple'].map((w) => [w, 0.5]),
    ]);
    // Of one sign alone, or of a sign that the other language does not have, nothing is known.
    for (const word of ['laib', 'teller', 'obst', 'nur hier', 'anders']) expect(to.has(word)).toBe(false);
  });
});

describe('a lexicon', () => {
  it('knows words as they stand, and forms of them', () => {
    expect(lexicon.look('Ofen')).toEqual([
      ['oven', 1.2],
      ['stove', 1.1],
      ['furnace', 0.7],
    ]);
    expect(first('KRANKENSCHWESTERN')).toBe('nurse');
    expect(first('Fähren')).toBe('ferryboat');
    expect(first('well-known')).toBe('known');
    expect(lexicon.look('Zebra')).toEqual([]);
    expect(lexicon.look('')).toEqual([]);
    expect(lexicon.isSmall('Der')).toBe(true);
    expect(lexicon.isSmall('Ofen')).toBe(false);
  });

  it('takes longer words apart: the last part is what it is, the first of which kind', () => {
    expect(lexicon.look('Busfahrer').map(([w]) => w)).toEqual(['driver', 'bus', 'rider']);
    expect(lexicon.look('Apfelkuchen').map(([w]) => w)).toEqual(['cake', 'apple']);
    expect(lexicon.look('Tagesfähre').map(([w]) => w)).toEqual(['ferryboat', 'day', 'ferry']);
    expect(lexicon.look('Meertag').map(([w]) => w)).toEqual(['day', 'sea']);
    expect(lexicon.look('Xyzfahrer')).toEqual([]);
    const plain = new Lexicon(lexiconText(WORDS), { ...RULES, compounds: false });
    expect(plain.look('Busfahrer')).toEqual([]);
  });

  it('finds words of which the stemmer does not know the form, and none that only begin alike', () => {
    expect(first('Bäckereix')).toBe('bakery');
    expect(first('Meerschweinchenzucht')).toBeUndefined();
    expect(first('weiß')).toBeUndefined();
  });

  it('finds every word that is in it, whatever the alphabet, and keeps five meanings at most', () => {
    const many = bilingual(
      Object.fromEntries(
        Array.from({ length: 700 }, (_, i) => [
          `${'aяアé'[i % 4]}${i}`,
          Object.fromEntries(Array.from({ length: 8 }, (_, k) => [`m${i} ${k}`, 8 - k])),
        ]),
      ),
    );
    const large = new Lexicon(lexiconText(many), { ...RULES, stem: (w) => w });
    for (const word of many.keys()) {
      expect(large.look(word)).toHaveLength(5);
      expect(large.look(word)[0]).toEqual([`m${word.slice(1)} 0`, 8]);
    }
    expect(new Lexicon('', RULES).look('ofen')).toEqual([]);
  });
});

describe('a line in another language', () => {
  const shows = (word: string) =>
    ['oven', 'stove', 'ferry', 'nurse', 'computer', 'cake', 'driver'].includes(word.toLowerCase());
  const read = (text: string, owns: (w: string) => boolean = () => false) =>
    glossed(text, 'de', lexicon, { shows, owns });

  it('is read in the words that the shelf has, in its order', () => {
    const gloss = read('Um sieben steht die Krankenschwester am Ofen.');
    expect(gloss.text).toBe('nurse oven stove');
    expect([...gloss.said]).toEqual([
      ['nurse', 'Krankenschwester'],
      ['oven', 'Ofen'],
      ['stove', 'Ofen'],
    ]);
    expect([gloss.words, gloss.known]).toEqual([5, 2]);
    // "ferryboat" is likelier, and the shelf has nothing by that name.
    expect(read('Fähre').text).toBe('ferry');
    expect(read('Bäckerei').text).toBe('bakery');
  });

  it('keeps a small word that is a noun by its capital', () => {
    const words = bilingual({ uhr: { clock: 1 } });
    const rules = { ...RULES, small: new Set(['uhr', 'die']) };
    const of = (text: string, capitalNouns: boolean) =>
      glossed(text, 'de', new Lexicon(lexiconText(words), { ...rules, capitalNouns }), {
        shows,
        owns: () => false,
      }).text;
    expect(of('Die alte Uhr', true)).toBe('clock');
    expect(of('„Da“, Uhr', true)).toBe('clock');
    expect(of('Die alte Uhr', false)).toBe('');
    // Every word has a capital there.
    for (const text of ['Uhr', 'So. Uhr', 'So: „Uhr', 'die uhr']) expect(of(text, true)).toBe('');
  });

  it('keeps words that every language has, and those of own pictures', () => {
    expect(read('Computer, Xylo, 24 Uhr').text).toBe('Computer');
    const own = read('Ofen Xylo', (w) => w === 'Xylo');
    expect(own.text).toBe('oven stove Xylo');
    expect(own.known).toBe(2);
  });

  it('of which nothing is known, or nothing that can be seen, says nothing', () => {
    expect(read('Um die, weil')).toMatchObject({ text: '', words: 1, known: 1 });
    expect(read('Xylo 12 …')).toMatchObject({ text: '', words: 1, known: 0 });
    expect(read('')).toMatchObject({ text: '', words: 0 });
  });
});
