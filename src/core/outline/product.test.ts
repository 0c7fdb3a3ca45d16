import { describe, expect, it } from 'vitest';
import { emptyFacts, emptySource, type FactSheet, type Source } from '../source/types.ts';
import { blanks } from '../text/blanks.ts';
import { ANGLES, type Angle } from './angles.ts';
import { LINE } from './condense/shorten.ts';
import { outlineMs } from './length.ts';
import { firstChoices, outlineLines } from './outline.ts';
import { CRITICAL, calledName } from './product-parts.ts';
import type { OutlineChoices } from './types.ts';

const with_ = (source: Source, more: Partial<OutlineChoices>): OutlineChoices => ({
  ...firstChoices(source),
  ...more,
});
const fact = <T>(value: T) => ({ value, origin: 'json-ld' as const });
const FULL: FactSheet = {
  name: fact('Wick No. 3 hand lantern'),
  maker: fact('Lanternworks'),
  price: fact({ amount: 34, currency: 'EUR', text: '€34.00' }),
  was: fact({ amount: 42, currency: 'EUR', text: '€42.00' }),
  until: fact('2026-12-24'),
  rating: fact({ value: 4.7, best: 5, count: 212 }),
  availability: fact('in stock'),
  description: fact('A hand lantern of tin and glass that burns for eleven hours on one filling.'),
  features: [
    'Burns for eleven hours on one filling',
    'Stays alight in wind up to 60 kilometres an hour',
    'Glass can be changed without tools',
    'Weighs 640 grams',
  ].map(fact),
  variants: ['Red', 'Black'].map(fact),
  quotes: [
    fact({ text: 'The first lantern that does not go out when I run.', by: 'Lene P.', rating: 5 }),
    fact({ text: 'Beautiful light, but the handle gets hot.', by: 'Corin A.', rating: 3 }),
  ],
};
const EMPTY: FactSheet = { ...emptyFacts(), name: fact('Talking clock') };

function product(facts: FactSheet, language = 'en'): Source {
  return { ...emptySource('product', { kind: 'page' }), title: facts.name?.value ?? '', language, facts };
}

describe('the script of a product', () => {
  const source = product(FULL);
  const scripts = ANGLES.map((angle) => outlineLines(source, with_(source, { angle })));

  it.each(ANGLES.map((angle, i) => ({ angle, lines: scripts[i] ?? [] })))(
    '$angle: a price card, an end card, nothing that is not on the sheet',
    ({ lines }) => {
      expect(lines.length).toBeGreaterThanOrEqual(7);
      expect(lines.some((l) => l.layout === 'figure' && l.shown.includes('€34.00'))).toBe(true);
      expect(lines.at(-1)).toMatchObject({ layout: 'end', shown: 'Wick No. 3 hand lantern\nLanternworks' });
      const sheet = JSON.stringify(FULL);
      for (const l of lines) {
        expect(l.shown.replace(/\n.*/s, '').length).toBeLessThanOrEqual(LINE.longest);
        for (const n of `${l.shown} ${l.spoken ?? ''}`.match(/\d[\d.,]*\d|\d/g) ?? [])
          expect(
            sheet.includes(n) ||
              n === String(FULL.variants.length) ||
              /^[123]$/.test(n) ||
              l.from.includes(n) ||
              n === '24',
            `${l.shown}: ${n}`,
          ).toBe(true);
      }
    },
  );

  it('differs clearly from angle to angle', () => {
    for (const [i, a] of scripts.entries())
      for (const b of scripts.slice(i + 1)) {
        const same = a.filter((x) => b.some((y) => y.shown === x.shown)).length;
        expect(same / a.length).toBeLessThan(0.7);
        expect(a[0]?.shown).not.toBe(b[0]?.shown);
      }
  });

  it('tells the bad with the good in an honest review', () => {
    const review = scripts[ANGLES.indexOf('honest review')] ?? [];
    expect(review.some((l) => l.shown.includes('the handle gets hot'))).toBe(true);
  });

  it('gives reasons that the page gives, and measures only where it has no others', () => {
    const facts: FactSheet = {
      ...EMPTY,
      name: fact('Hollin Step Stool – Oak, three steps'),
      description: fact('A folding stool in oak that hangs flat on a hook.'),
      features: [
        'Height: 63 cm',
        'Carries 150 kg, tested',
        'Folds to 4 cm and hangs on any hook',
        'Rubber feet that do not mark the floor',
        'Weight: 4.2 kg',
      ].map(fact),
    };
    const shown = (choices: Partial<OutlineChoices>, of = facts) =>
      outlineLines(product(of), with_(product(of), choices)).map((l) => l.shown);
    const reasons = shown({ angle: 'three reasons' });
    expect(reasons.slice(0, 4)).toEqual([
      'Three reasons for the Hollin Step Stool',
      '1. Folds to 4 cm and hangs on any hook.',
      '2. Carries 150 kg, tested.',
      '3. Rubber feet that do not mark the floor.',
    ]);
    // Beside the description, what it says already is not said again.
    expect(shown({ angle: 'news' }).join(' ')).not.toContain('Folds to 4 cm');
    const measures = { ...facts, features: ['Height: 63 cm', 'Weight: 4.2 kg'].map(fact) };
    expect(shown({ angle: 'three reasons' }, measures)[1]).toBe('1. Height: 63 cm');
    const weighed = { ...facts, features: ['Weighs 640 grams', 'Rubber feet that do not mark'].map(fact) };
    expect(shown({ angle: 'three reasons' }, weighed)[1]).toBe('1. Rubber feet that do not mark.');
  });

  it.each([
    ['Hollin Step Stool – Oak', 'Hollin Step Stool'],
    ['Kettle, 1.5 litres', 'Kettle, 1.5 litres'],
    ['Brass kettle, 1.5 litres', 'Brass kettle'],
    ['Evening Tea 80g', 'Evening Tea'],
    ['Wick No. 3 (2nd edition)', 'Wick No. 3'],
    ['All-weather coat', 'All-weather coat'],
  ])('calls “%s” “%s”', (name, called) => expect(calledName(name)).toBe(called));

  it('gives as reasons what somebody has of it, before bare figures and codes', () => {
    const facts: FactSheet = {
      ...EMPTY,
      description: fact(
        '1. The lamp weighs 62 grams, so you forget that you wear it. Its red light keeps your eyes used to the dark.',
      ),
      features: ['200 lumens, beam of 70 metres', 'Rain-proof to IPX6', 'Tilts by 60 degrees'].map(fact),
    };
    const shown = outlineLines(product(facts), with_(product(facts), { angle: 'three reasons' })).map(
      (l) => l.shown,
    );
    expect(shown.slice(1, 4)).toEqual([
      '1. The lamp weighs 62 grams, so you forget that you wear it.',
      '2. 200 lumens, beam of 70 metres.',
      '3. Its red light keeps your eyes used to the dark.',
    ]);
  });

  it('sets what is good behind “Good:”, in small letters where words have no capital of their own', () => {
    const good = (feature: string) => {
      const facts: FactSheet = { ...EMPTY, features: [fact(feature)] };
      return outlineLines(product(facts), with_(product(facts), { angle: 'honest review' })).find((l) =>
        l.shown.startsWith('Good:'),
      )?.shown;
    };
    expect(good('Carries 150 kg, tested')).toBe('Good: carries 150 kg, tested.');
    expect(good('Swiss made, two years')).toBe('Good: Swiss made, two years.');
    expect(good('USB cable of 2 metres')).toBe('Good: USB cable of 2 metres.');
  });

  it.each([
    ['the first', 'It never slips. A stool in oak for small kitchens.'],
    ['a later', 'A stool in oak for small kitchens. It never again slips on wet tiles.'],
  ])('says once what names the trouble, also when %s sentence of the description does', (_, text) => {
    const facts: FactSheet = { ...EMPTY, description: fact(text) };
    const shown = outlineLines(product(facts), with_(product(facts), { angle: 'problem and answer' })).map(
      (l) => l.shown,
    );
    expect(shown.filter((s) => s.includes('slips'))).toHaveLength(1);
    expect(new Set(shown.filter((s) => !s.includes('‹'))).size).toBe(
      shown.filter((s) => !s.includes('‹')).length,
    );
  });

  it('takes the sentence of a review that says something, and the one that the angle needs', () => {
    const text = 'Great! I am 71 and change my bulbs again. It does not wobble at all.';
    const facts: FactSheet = { ...FULL, quotes: [fact({ text, by: 'Ilse M.', rating: null })] };
    const quoted = (angle: Angle) =>
      outlineLines(product(facts), with_(product(facts), { angle })).find((l) => l.layout === 'quote')
        ?.spoken;
    expect(quoted('three reasons')).toBe('I am 71 and change my bulbs again.');
    expect(quoted('problem and answer')).toBe('It does not wobble at all.');
    const torn = { text: 'I wanted to like it. The handle gets hot.', by: '', rating: 2 };
    const review = { ...FULL, quotes: [fact(torn)] };
    expect(
      outlineLines(product(review), with_(product(review), { angle: 'honest review' })).find(
        (l) => l.layout === 'quote',
      )?.spoken,
    ).toBe('The handle gets hot.');
  });

  it.each([
    ['It does not wobble at all.', false],
    ['I was never disappointed.', false],
    ['Beautiful, but heavy.', true],
    ['Not what I hoped for.', true],
    ['It is too small.', true],
  ])('“%s” is against it: %s', (text, against) => expect(CRITICAL.test(text)).toBe(against));

  it('leaves blanks for what the sheet does not say, and invents nothing', () => {
    for (const angle of ANGLES) {
      const lines = outlineLines(product(EMPTY), with_(product(EMPTY), { angle }));
      const open = lines.flatMap((l) => blanks(l.shown));
      expect(open.length).toBeGreaterThanOrEqual(2);
      expect(lines.map((l) => l.shown).join(' ')).not.toMatch(/\d{2,}|best|great|love|amazing/i);
    }
  });

  it('fits a length by leaving out what matters least', () => {
    const choices = with_(source, { angle: 'news', targetMs: 15_000 });
    const lines = outlineLines(source, choices);
    expect(outlineMs(lines)).toBeLessThanOrEqual(17_500);
    expect(lines.some((l) => l.from === FULL.description?.value)).toBe(true);
  });

  it('puts no English words into a sheet of another language', () => {
    const lines = outlineLines(
      product({ ...FULL, quotes: [] }, 'de'),
      with_(source, { angle: 'three reasons' }),
    );
    expect(lines.map((l) => l.shown).join(' ')).not.toMatch(/reason|instead|from \d/i);
  });
});

/** What is on the screen, and behind a bar what is said where that is something else. */
const script = (facts: FactSheet, choices: Partial<OutlineChoices>, language = 'en') => {
  const source = product(facts, language);
  return outlineLines(source, with_(source, choices)).map((l) =>
    l.spoken === null ? l.shown : `${l.shown} | ${l.spoken}`,
  );
};
const CARD = '€34.00\ninstead of €42.00 | The Wick No. 3 hand lantern: €34.00 instead of €42.00.';
const END = 'Wick No. 3 hand lantern\nLanternworks | ';
const PRAISE =
  '“The first lantern that does not go out when I run.”\nLene P. | The first lantern that does not go out when I run.';
const DOUBT =
  '“Beautiful light, but the handle gets hot.”\nCorin A. | Beautiful light, but the handle gets hot.';
const TOLD = 'A hand lantern of tin and glass that burns for eleven hours on one filling.';
const WIND = 'tays alight in wind up to 60 kilometres an hour.';
const TOOLS = 'Glass can be changed without tools.';

describe('the words of each angle', () => {
  it.each<[Angle, string[]]>([
    [
      'problem and answer',
      [
        '‹the problem that your customer knows›',
        'Here is an answer: the Wick No. 3 hand lantern.',
        ...[PRAISE, TOLD, `S${WIND}`, TOOLS, CARD, END],
      ],
    ],
    [
      'honest review',
      [
        'The Wick No. 3 hand lantern: good and bad',
        TOLD,
        '4.7 / 5\nfrom 212 reviews | 212 reviews give it 4.7 out of 5.',
        ...[PRAISE, `Good: s${WIND}`, DOUBT, CARD, END],
      ],
    ],
    [
      'three reasons',
      [
        'Three reasons for the Wick No. 3 hand lantern',
        '1. Burns for eleven hours on one filling.',
        ...[`2. S${WIND}`, `3. ${TOOLS}`, PRAISE],
        '4.7 / 5\nfrom 212 reviews | 212 reviews give it 4.7 out of 5.',
        ...[CARD, END],
      ],
    ],
    [
      'news',
      [
        'Meet the Wick No. 3 hand lantern',
        'It comes from Lanternworks.',
        ...[TOLD, `S${WIND}`, TOOLS],
        'It comes in 2 versions: Red and Black.',
        ...['In stock.', CARD, END],
      ],
    ],
    [
      'offer',
      [
        '€34.00 instead of €42.00',
        'The Wick No. 3 hand lantern, from Lanternworks.',
        'Burns for eleven hours on one filling.',
        `S${WIND}`,
        '4.7 / 5\nfrom 212 reviews | 212 reviews give it 4.7 out of 5.',
        ...['In stock.', 'Until 24 December 2026.', CARD, END],
      ],
    ],
  ])('%s', (angle, said) => expect(script(FULL, { angle })).toEqual(said));

  it('are the sheet’s own, and nobody speaks figures, in a language that we do not write', () => {
    expect(script(FULL, { angle: 'offer' }, 'de')).toEqual([
      '€42.00 → €34.00',
      'Wick No. 3 hand lantern',
      'Burns for eleven hours on one filling.',
      `S${WIND}`,
      ...['4.7 / 5\n212 | ', '24 December 2026', '€34.00\n€42.00 | ', END],
    ]);
    expect(script(FULL, { angle: 'news' }, 'de')[5]).toBe('Red / Black');
    expect(script(FULL, { angle: 'honest review' }, 'de')[4]).toBe(`+ S${WIND}`);
  });

  it('are blanks where the sheet says nothing', () => {
    expect(script(emptyFacts(), { angle: 'news' })).toEqual([
      'Meet the ‹name of the product›',
      'It comes from ‹who makes it›.',
      '‹what it is, in one sentence›',
      '‹one thing that it does well›',
      '‹one thing that it does well›',
      '‹price›\n‹name of the product› | ',
      '‹name of the product›\n‹where to get it› | ',
    ]);
    expect(script(EMPTY, { angle: 'honest review' })).toContain('Not so good: ‹what could be better›');
    expect(script(EMPTY, { angle: 'offer' })).toContain('Until ‹last day of the offer›.');
    expect(script(EMPTY, { angle: 'three reasons' })[2]).toBe('2. ‹second reason›');
  });

  it('say each fact as far as the sheet has it', () => {
    const one = (more: Partial<FactSheet>, angle: Angle) => script({ ...FULL, ...more }, { angle });
    expect(one({ was: null }, 'offer')).toContain(
      '€34.00\nWick No. 3 hand lantern | The Wick No. 3 hand lantern: €34.00.',
    );
    expect(one({ was: null }, 'offer')[0]).toBe('‹what the offer is›');
    expect(one({ maker: null }, 'offer')[1]).toBe('The Wick No. 3 hand lantern.');
    expect(one({ rating: fact({ value: 9, best: 10, count: null }) }, 'three reasons')).toContain(
      '9 / 10 | Rated 9 out of 10.',
    );
    expect(one({ until: fact('the end of May') }, 'offer')).toContain('Until the end of May.');
    expect(one({ variants: [fact('Red')] }, 'news').join()).not.toContain('versions');
    expect(one({ variants: ['Red', 'Black', 'Tin'].map(fact) }, 'news')).toContain(
      'It comes in 3 versions: Red, Black and Tin.',
    );
    expect(one({ name: fact('The Long Lamp') }, 'news')[0]).toBe('Meet The Long Lamp');
    expect(one({ name: fact('la petite lampe') }, 'honest review')[0]).toBe('La petite lampe: good and bad');
  });

  it('name the shop where no maker is known', () => {
    const source = { ...product({ ...FULL, maker: null }), site: 'The Lamp Yard' };
    expect(outlineLines(source, with_(source, { angle: 'offer' })).at(-1)).toMatchObject({
      shown: 'Wick No. 3 hand lantern\nThe Lamp Yard',
      from: 'Wick No. 3 hand lantern, The Lamp Yard',
    });
  });

  it('take the best review first, and the worst one, by stars out of what is the best', () => {
    const said = (quotes: [string, number | null][], best = 5) => {
      const facts: FactSheet = {
        ...FULL,
        rating: fact({ value: 4, best, count: 9 }),
        quotes: quotes.map(([text, rating]) => fact({ text, by: '', rating })),
      };
      const source = product(facts);
      return outlineLines(source, with_(source, { angle: 'honest review' }))
        .filter((l) => l.layout === 'quote')
        .map((l) => [l.spoken, l.reasons[0]?.code]);
    };
    const many: [string, number][] = [
      ['It works well enough.', 4],
      ['It broke on day two.', 1],
      ['Nothing burns longer here.', 5],
      ['The light is weak indoors.', 3],
    ];
    const chosen = [
      ['Nothing burns longer here.', 'best-review'],
      ['It broke on day two.', 'critical-review'],
      ['It works well enough.', 'another-good-review'],
    ];
    expect(said(many)).toEqual(chosen);
    // The same of ten; a rating of ten with reviews of five stars stays one of five.
    const ofTen: [string, number][] = many.map(([text, stars]) => [text, 2 * stars]);
    expect(said([...ofTen.slice(0, 1), ...ofTen.slice(2)], 10)).toEqual([
      ['Nothing burns longer here.', 'best-review'],
      ['The light is weak indoors.', 'critical-review'],
      ['It works well enough.', 'another-good-review'],
    ]);
    expect(said([['Fine for the shed.', 5]], 10)).toEqual([['Fine for the shed.', 'best-review']]);
    // Without stars the words decide.
    expect(
      said([
        ['The handle gets too hot.', null],
        ['It burns all night long.', null],
      ]),
    ).toEqual([
      ['It burns all night long.', 'best-review'],
      ['The handle gets too hot.', 'critical-review'],
    ]);
  });

  it.each<[Angle, number, string[]]>([
    ['three reasons', 15_000, ['hook', 'feature:0', 'feature:1', 'feature:2', 'end']],
    ['honest review', 15_000, ['hook', 'quote:0', 'quote:1', 'end']],
    ['news', 15_000, ['hook', 'description', 'end']],
    ['offer', 15_000, ['hook', 'price', 'end']],
    ['problem and answer', 20_000, ['hook', 'answer', 'quote:0', 'price', 'end']],
    ['honest review', 25_000, ['hook', 'rating', 'quote:0', 'quote:1', 'price', 'end']],
    ['offer', 25_000, ['hook', 'what', 'feature:0', 'until', 'price', 'end']],
  ])('keep, of %s in %i ms, what its title promises', (angle, targetMs, kept) => {
    const source = product(FULL);
    expect(outlineLines(source, with_(source, { angle, targetMs })).map((l) => l.ref)).toEqual(
      kept.map((ref) => `${angle}:${ref}`),
    );
  });

  it('know the price rather than leave a blank, where there is no time for both', () => {
    const source = product({ ...FULL, description: null });
    const refs = outlineLines(source, with_(source, { angle: 'news', targetMs: 13_500 })).map((l) => l.ref);
    expect(refs).toContain('news:price');
    expect(refs).not.toContain('news:description');
  });

  it('leave what the writer keeps, and leave out what the writer drops', () => {
    const source = product(FULL);
    const lines = outlineLines(
      source,
      with_(source, {
        angle: 'news',
        targetMs: 15_000,
        keep: ['news:variants'],
        drop: ['news:hook'],
        edits: { 'news:availability': { shown: 'Only nine left.' } },
      }),
    );
    expect(lines.map((l) => l.ref)).toEqual([
      'news:description',
      'news:variants',
      'news:availability',
      'news:end',
    ]);
  });

  it('say why each line is there', () => {
    const source = product(FULL);
    expect(
      outlineLines(source, with_(source, { angle: 'offer' })).map((l) => [
        l.layout,
        l.from,
        l.reasons[0]?.code,
      ]),
    ).toEqual([
      ['title', '€34.00, before €42.00', 'both-prices'],
      ['caption', 'Wick No. 3 hand lantern, Lanternworks', 'name-and-maker'],
      ['caption', 'Burns for eleven hours on one filling', 'feature'],
      ['caption', 'Stays alight in wind up to 60 kilometres an hour', 'feature'],
      ['figure', '4.7 of 5, 212 reviews', 'rating'],
      ['caption', 'in stock', 'availability'],
      ['caption', '2026-12-24', 'last-day'],
      ['figure', '€34.00, before €42.00', 'price'],
      ['end', 'Wick No. 3 hand lantern, Lanternworks', 'closing-card'],
    ]);
  });
});
