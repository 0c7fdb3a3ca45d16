import { describe, expect, it } from 'vitest';
import { articles, bodyTexts } from '../../../../studio/fixtures/pages/content.ts';
import { sentences } from '../../text/sentences.ts';
import { LINE, shorten } from './shorten.ts';

const words = (t: string) => t.toLowerCase().match(/[\p{L}\p{N}]+(?:['’.,-][\p{L}\p{N}]+)*/gu) ?? [];

/** Whether a's words stand in b in the same order. */
function inOrder(a: string[], b: string[]): boolean {
  let at = 0;
  return a.every((w) => {
    at = b.indexOf(w, at) + 1;
    return at > 0;
  });
}

const CORPUS = articles().flatMap((c) =>
  bodyTexts(c)
    .flatMap((t) => sentences(t, c.language))
    .map((text) => ({ text, language: c.language })),
);

describe('shortening', () => {
  it('leaves a short sentence as it is', () => {
    expect(shorten('The lamp works again.')).toEqual({
      text: 'The lamp works again.',
      dropped: [],
      brokenOff: false,
    });
  });

  it.each([
    [
      'The workshop, which opens every Thursday evening in the old toll house, has mended forty-one kettles since March.',
      'The workshop has mended forty-one kettles since March.',
    ],
    [
      '“We never throw anything away before three people have looked at it,” said Ansa Morrow, who has run the bench since the start.',
      '“We never throw anything away before three people have looked at it.”',
    ],
    [
      'Because the canal freezes in most years between December and February, the boats are pulled up to the meadow in November.',
      'The boats are pulled up to the meadow in November.',
    ],
    [
      'The mill wheel turns again after nineteen years, giving enough current for the lights of the market and for the pump.',
      'The mill wheel turns again after nineteen years.',
    ],
    [
      'The village has switched off its lamps at eleven o’clock since January, and the accidents on the long road have not increased.',
      'The village has switched off its lamps at eleven o’clock since January.',
    ],
  ])('drops what hangs on: %s', (long, short) => {
    expect(shorten(long).text).toBe(short);
  });

  it('keeps a clause that tells two things apart', () => {
    const { text } = shorten(
      'A boat that is painted in the rain keeps its colour for a summer; a boat that is painted dry keeps it for three.',
    );
    expect(text).toContain('painted in the rain');
    expect(
      shorten(
        'A boat that has stood on the green behind the church since the winter of the ice keeps its colour for a summer.',
      ).text,
    ).toBe('A boat keeps its colour for a summer.');
  });

  it.each([
    [
      'If the river rises above the second mark and stays there overnight, the ferry stops, as it did on 23 days in the year before.',
      'If the river rises',
    ],
    [
      'Nobody on the bench is allowed to open a microwave oven, which is why three of them are waiting under the table for a specialist.',
      'Nobody',
    ],
    [
      'The council will not pay for the roof of the toll house unless the workshop finds a second room before the end of the next winter.',
      'unless',
    ],
    [
      'Only lamps with an earth wire are tested on the long bench under the window, because the others have to go to the small one.',
      'Only',
    ],
  ])('keeps conditions and negations: %s', (long, kept) => {
    const { text, brokenOff } = shorten(long);
    expect(text.includes(kept) || brokenOff).toBe(true);
    expect(text.startsWith(long.slice(0, 6))).toBe(true);
  });

  it.each([
    [
      'The council switched off all 214 street lights in January, first to save money, then because nobody wanted them back.',
      'The council switched off all 214 street lights in January.',
    ],
    [
      'She moved to the coast with two suitcases and a cat, partly to be near her sister, partly because rents had doubled.',
      'She moved to the coast with two suitcases and a cat.',
    ],
    [
      'The old harbour was closed for most of the winter season, mainly because nobody had paid the heating bill for the cranes.',
      'The old harbour was closed for most of the winter season.',
    ],
  ])('does not tear what belongs together: %s', (long, short) => {
    expect(shorten(long).text).toBe(short);
  });

  it('over the whole corpus: at most 90 characters, only the sentence’s own words in their order, numbers and names whole', () => {
    for (const { text, language } of CORPUS) {
      const line = shorten(text, LINE.longest, language);
      expect(line.text.length, line.text).toBeLessThanOrEqual(LINE.longest);
      expect(inOrder(words(line.text), words(text)), `${text} → ${line.text}`).toBe(true);
      const numbers = (t: string) => t.match(/\d[\d.,]*\d|\d/g) ?? [];
      for (const n of numbers(line.text)) expect(numbers(text)).toContain(n);
      const names = (t: string) => t.match(/(?<=\s)\p{Lu}\p{L}+(?: \p{Lu}\p{L}+)*/gu) ?? [];
      for (const n of names(line.text)) expect(text, line.text).toContain(n);
    }
  });

  it('marks what it leaves out of somebody’s words, so that they are not turned', () => {
    const said =
      '“People told me that nobody reads any more, and then they queued on the towpath in the rain,” says Ottoline Brask, who lives on board.';
    expect(shorten(said)).toMatchObject({
      text: '“People told me that nobody reads any more …”',
      brokenOff: true,
    });
  });

  it.each([
    [
      'Since then the barge has called at eleven villages along the canal, one a week, and it has lent 41,000 books.',
      'Since then the barge has called at eleven villages along the canal, one a week.',
    ],
    [
      'When the branch library in Reedmere closed in 2023, its librarian bought a coal barge for 9,000 crowns.',
      'When the branch library closed, its librarian bought a coal barge for 9,000 crowns.',
    ],
    [
      'Heating the oven from cold costs 31 crowns a day in the winter, and one day less a week saved about 1,200 crowns.',
      'Heating the oven',
    ],
  ])('does not take the statement for its opening, nor a name from its pronoun: %s', (long, start) => {
    expect(shorten(long).text.startsWith(start)).toBe(true);
  });

  it('says when it had to break off, and breaks off few', () => {
    const lines = CORPUS.filter((c) => c.language === 'en').map((c) => shorten(c.text));
    for (const l of lines) expect(l.brokenOff).toBe(l.text.includes('…'));
    const broken = lines.filter((l) => l.brokenOff).length / lines.length;
    console.log(`broken off: ${(broken * 100).toFixed(1)} % of ${lines.length} sentences`);
    expect(broken).toBeLessThan(0.15);
  });

  it('gives the same for the same', () => {
    for (const { text } of CORPUS.slice(0, 30)) expect(shorten(text)).toEqual(shorten(text));
  });

  it('keeps the clause by which something is the only one', () => {
    const text =
      'Osierwick is also the only town which lights its whole market with paper lanterns from the first frost to the last.';
    expect(shorten(text).text).toContain('which lights');
  });
});

describe('what a shortened sentence is never left as', () => {
  const line = (text: string) => shorten(text).text;
  it.each([
    // A full stop twice.
    [
      'The delays also have served to placate the R.M., which opposes rewarding the town while it defies the council.',
      'The delays also have served to placate the R.M.',
    ],
    // A form of to be with nothing behind it.
    [
      'The reason that nobody takes the quick new bridge over the canal is because the ferry serves coffee and cake.',
      'The reason that nobody takes the quick new bridge over the canal …',
    ],
    // A degree without its measure.
    [
      'One visitor, the baker Ida Lund, was so ill after tasting the eleven sauces at the fair that she was taken home by boat.',
      'One visitor, the baker Ida Lund, was so ill after tasting the eleven sauces at the fair …',
    ],
    // A date that lost its day.
    [
      'Saturday is the 75th birthday of the canal act, signed into law by the mayor Franklin Reed on the fourteenth of August, 1935.',
      'Saturday is the 75th birthday of the canal act, signed into law.',
    ],
    // A list that lost its end, or its first place.
    [
      'The pictures and songs of the town can be streamed over cable, radio, and telephone lines by everybody who has a receiver.',
      'The pictures and songs of the town can be streamed over cable, radio …',
    ],
    // One of two dashes.
    [
      'The average home in Reedmere receives 130 channels but tunes to — or punches in the number on the remote — just 18 a year.',
      'The average home in Reedmere receives 130 channels but tunes to — or punches …',
    ],
    // A participle or a verb without what belongs to it.
    [
      'The council cautioned against too much tinkering with an organisation established by the harbour congress of 1775.',
      'The council cautioned against too much tinkering with an organisation established …',
    ],
    // A subject whose statement went with an "and".
    [
      'Although at first opposed to the plan of the miller for the lock, the town and its friends agreed to remove any word of it in the first set of rules.',
      'The town and its friends agreed to remove any word of it in the first set of rules.',
    ],
  ])('%s', (long, short) => {
    expect(line(long)).toBe(short);
  });

  it.each([
    [
      'fr',
      'Vous montrerez que les titres de la presse gardent un attrait indéniable pour les grands patrons de ce pays depuis toujours.',
      'Vous montrerez que les titres de la presse gardent un attrait indéniable …',
    ],
    [
      'de',
      'Am frühen Morgen des dritten Tages verließ die alte Fähre das Ufer mit vierzig Leuten und einem großen braunen Hund an Bord.',
      'Am frühen Morgen des dritten Tages verließ die alte Fähre das Ufer mit vierzig Leuten …',
    ],
  ])('ends in %s with no word that belongs to the next one', (language, long, short) => {
    expect(shorten(long, 90, language).text).toBe(short);
  });

  it('keeps the town of a street', () => {
    expect(
      line(
        'The fire brigade was called to the chilli contest at the Lantern Inn, on Ferryman Lane, Reedmere, after two guests lay down on the floor.',
      ),
    ).not.toMatch(/Inn, Reedmere/);
  });
});
