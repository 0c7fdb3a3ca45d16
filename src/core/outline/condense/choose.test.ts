import { describe, expect, it } from 'vitest';
import { because } from '../../source/reasons.ts';
import { emptySource, type PassageKind, type SentenceNote, type Source } from '../../source/types.ts';
import { estimateSpeech } from '../../text/reading.ts';
import { type ChooseOptions, chooseSentences, sentenceMs } from './choose.ts';

interface Said {
  text: string;
  score?: number;
  kind?: PassageKind;
  reasons?: SentenceNote['reasons'];
  line?: string;
  /** In the same passage as the one before. */
  on?: boolean;
}
const WORDS =
  'barge harbour lantern winter kettle bench rope ferry mill garden oven paper signal market valley bridge cellar willow copper ladder'.split(
    ' ',
  );
/** Sentences that have no word in common; n tells which. */
const about = (n: number): string =>
  `Some ${WORDS[(n * 3) % 20]} ${WORDS[(n * 3 + 1) % 20]} ${WORDS[(n * 3 + 2) % 20]} number${n} stood${n} there${n}.`;

function source(list: readonly Said[]): Source {
  const out = emptySource('article', { kind: 'text' });
  for (const { text, score = 0.5, kind = 'text', reasons = [], line = text, on } of list) {
    if (!on) out.passages.push({ id: `p${out.passages.length}`, kind, level: 0, sentences: [] });
    const passage = out.passages.at(-1);
    const id = `${passage?.id}.${passage?.sentences.length}`;
    passage?.sentences.push({ id, text });
    out.sentences[id] = { line, spoken: text, score, reasons };
  }
  return out;
}
const OPTIONS: ChooseOptions = {
  ...{ targetMs: 1_000_000, speak: 'sentence', pace: 1, keep: [], drop: [], perSceneMs: 400, onceMs: 1600 },
};
const choose = (list: readonly Said[], more: Partial<ChooseOptions> = {}): string[] =>
  chooseSentences(source(list), { ...OPTIONS, ...more });
const six = Array.from({ length: 6 }, (_, n): Said => ({ text: about(n), score: 0.3 + n / 10 }));
/** Room for so many of the six. */
const roomFor = (n: number) => (1600 + n * (estimateSpeech(about(1)) + 400) + 300) / 1.04;

describe('sentences for a length', () => {
  it('are all of them where there is room, the opening first and the rest in order', () => {
    const ids = choose(six);
    expect([...ids].sort()).toEqual(['p0.0', 'p1.0', 'p2.0', 'p3.0', 'p4.0', 'p5.0']);
    expect(ids.slice(1)).toEqual([...ids.slice(1)].sort());
  });

  it('are the best that fit, never longer than the length allows', () => {
    for (const n of [1, 2, 3, 4, 5]) {
      const ids = choose(six, { targetMs: roomFor(n) });
      expect(ids).toHaveLength(n);
      const spent = ids.reduce(
        (s, id) => s + sentenceMs(source(six).sentences[id] as SentenceNote, OPTIONS),
        1600,
      );
      expect(spent).toBeLessThanOrEqual(roomFor(n) * 1.04);
    }
    expect(choose(six, { targetMs: roomFor(3) })).toEqual(expect.arrayContaining(['p5.0', 'p4.0']));
    // More fits when the voice is quicker, or says the short line only.
    expect(choose(six, { targetMs: roomFor(3), pace: 1.6 }).length).toBeGreaterThan(3);
    const short = six.map((s, n) => ({ ...s, line: `A short line ${n}.` }));
    expect(choose(short, { targetMs: roomFor(3), speak: 'line' }).length).toBeGreaterThan(3);
  });

  it('do not say a thing twice', () => {
    const twice: Said[] = [
      { text: 'The lantern market opens on the frozen harbour tonight.', score: 0.9 },
      { text: 'The lantern market opens tonight on the frozen harbour.', score: 0.8 },
      { text: about(3), score: 0.2 },
    ];
    expect(choose(twice)).toEqual(['p0.0', 'p2.0']);
  });

  it('say a line of small words once, though nothing in it can be weighed', () => {
    const again: Said[] = ['It is you.', 'It is you and me.', 'It is you.', 'It is you.'].map((line) => ({
      ...{ text: line, line: `${line} And so on and on.`, score: 0.5 },
    }));
    expect(choose(again)).toHaveLength(2);
  });

  it('open with the first sentence of the text before another that is about as strong', () => {
    const list: Said[] = [0, 1, 2, 3].map((n) => ({ text: about(n), score: n === 2 ? 0.55 : 0.5 }));
    expect(choose(list)[0]).toBe('p0.0');
    expect(choose(list.map((s, n) => (n === 2 ? { ...s, score: 0.7 } : s)))[0]).toBe('p2.0');
  });

  it('come from new parts of the text before more of one part, where they are about as good', () => {
    const list: Said[] = [
      { text: about(0), score: 0.9 },
      { text: about(1), score: 0.5, on: true },
      { text: about(2), score: 0.47 },
    ];
    expect(choose(list, { targetMs: roomFor(2) })).toEqual(['p0.0', 'p1.0']);
    expect(choose(list.with(1, { text: about(1), score: 0.56, on: true }), { targetMs: roomFor(2) })).toEqual(
      ['p0.0', 'p0.1'],
    );
  });

  it('that lean on the one before them count more when it is there', () => {
    const leaning = (before: number): Said[] => [
      { text: about(0), score: 0.9 },
      { text: about(1), score: before },
      { text: about(2), score: 0.3, on: true, reasons: [because('leans')] },
      { text: about(3), score: 0.34 },
    ];
    expect(choose(leaning(0.8), { targetMs: roomFor(3) })).toEqual(['p0.0', 'p1.0', 'p1.1']);
    expect(choose(leaning(0.1), { targetMs: roomFor(2) })).toEqual(['p0.0', 'p2.0']);
  });

  it('are never headings, fragments or what the writer threw out', () => {
    const list: Said[] = [
      { text: 'A heading of the text', kind: 'heading', score: 0.9 },
      { text: 'Too short.', line: 'Too short.', score: 0.9 },
      { text: about(1) },
      { text: about(2), score: 0.9 },
    ];
    expect(choose(list)).toEqual(expect.arrayContaining(['p2.0', 'p3.0']));
    expect(choose(list)).toHaveLength(2);
    expect(choose(list, { drop: ['p3.0'] })).toEqual(['p2.0']);
    expect(choose([])).toEqual([]);
  });

  it('that the writer pulled in stay, whatever they cost or say', () => {
    const ids = choose(six, { keep: ['p0.0'], targetMs: roomFor(2) });
    expect(ids).toContain('p0.0');
    expect(ids).toHaveLength(2);
    expect(choose(six, { keep: ['p0.0', 'p1.0', 'p2.0', 'p3.0'], targetMs: roomFor(1) })).toEqual(
      expect.arrayContaining(['p0.0', 'p1.0', 'p2.0', 'p3.0']),
    );
  });

  it('leave a rest of the time empty rather than fill it with what carries nothing', () => {
    const twelve = (last: number) =>
      Array.from({ length: 12 }, (_, n): Said => ({ text: about(n), score: n === 11 ? last : 0.9 }));
    expect(choose(twelve(0.1), { targetMs: roomFor(12.45) })).toHaveLength(11);
    expect(choose(twelve(0.8), { targetMs: roomFor(12.45) })).toHaveLength(12);
    // Where much of the time is left, also the weak one is better than nothing.
    expect(choose(twelve(0.1), { targetMs: roomFor(16) })).toHaveLength(12);
  });
});

describe('the opening', () => {
  const opening = (list: readonly Said[], more: Partial<ChooseOptions> = {}) => choose(list, more)[0];

  it('is a question that is asked early', () => {
    const asked = six.with(2, { text: 'Who keeps the lanterns of the harbour?', score: 0.1 });
    expect(opening(asked)).toBe('p2.0');
    expect(opening(six.with(2, { text: 'Who asks “and who keeps them?”', score: 0.1 }))).toBe('p2.0');
    // Not late, not in a list, and not one that is too long for a line.
    expect(opening(six.with(3, { text: 'Who keeps the lanterns of the harbour?', score: 0.1 }))).not.toBe(
      'p3.0',
    );
    expect(opening(asked.with(2, { ...(asked[2] as Said), kind: 'item' }))).not.toBe('p2.0');
    expect(opening(asked.with(2, { ...(asked[2] as Said), reasons: [because('too-long')] }))).not.toBe(
      'p2.0',
    );
  });

  it('else its strongest fact, that stands alone and fits on a line', () => {
    expect(opening(six)).toBe('p5.0');
    const with3 = (more: Partial<Said>) => opening(six.with(3, { ...(six[3] as Said), ...more }));
    expect(with3({ score: 0.7, reasons: [because('figure')] })).toBe('p3.0');
    expect(with3({ score: 0.65, reasons: [because('figure')] })).toBe('p5.0');
    expect(with3({ score: 0.95 })).toBe('p3.0');
    expect(with3({ score: 0.9, reasons: [because('said')] })).toBe('p5.0');
    expect(with3({ score: 0.95, reasons: [because('leans')] })).toBe('p5.0');
    expect(with3({ score: 0.95, reasons: [because('too-long')] })).toBe('p5.0');
    expect(with3({ score: 0.95, kind: 'table' })).toBe('p5.0');
    expect(with3({ score: 0.84, line: `${about(3)} ${'and so on '.repeat(4)}` })).toBe('p5.0');
  });

  it('is looked for in the first half of a long text', () => {
    const long = Array.from(
      { length: 20 },
      (_, n): Said => ({ text: about(n), score: n === 10 ? 0.9 : 0.4 }),
    );
    expect(opening(long)).not.toBe('p10.0');
    expect(opening(long.with(9, { text: about(9), score: 0.9 }))).toBe('p9.0');
  });
});
