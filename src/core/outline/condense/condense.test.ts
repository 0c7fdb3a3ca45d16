import { describe, expect, it } from 'vitest';
import { articles } from '../../../../studio/fixtures/pages/content.ts';
import { emptySource, type Source } from '../../source/types.ts';
import { sentences } from '../../text/sentences.ts';
import { type ChooseOptions, chooseSentences, sentenceMs } from './choose.ts';
import { annotate } from './condense.ts';

/** An article as a source, without a page round it. */
function sourceOf(c: ReturnType<typeof articles>[number]): Source {
  const source: Source = {
    ...emptySource('article', { kind: 'text' }),
    title: c.title,
    language: c.language,
  };
  const kind = {
    p: 'text',
    h: 'heading',
    quote: 'quote',
    list: 'item',
    table: 'table',
    figure: 'text',
  } as const;
  for (const b of c.blocks) {
    if (b.kind === 'figure') continue;
    for (const text of b.kind === 'list'
      ? b.items
      : b.kind === 'table'
        ? b.rows.map((r) => r.join(', '))
        : [b.text]) {
      const id = `p${source.passages.length}`;
      source.passages.push({
        id,
        kind: kind[b.kind],
        level: 0,
        sentences: sentences(text, c.language).map((t, i) => ({ id: `${id}.${i}`, text: t })),
      });
    }
  }
  source.sentences = annotate(source);
  return source;
}

const OPTIONS: ChooseOptions = {
  targetMs: 45_000,
  speak: 'sentence',
  pace: 1,
  keep: [],
  drop: [],
  perSceneMs: 400,
  onceMs: 1600,
};
const all = articles().map((content) => ({ content, source: sourceOf(content) }));
const textOf = (s: Source, id: string) =>
  s.passages.flatMap((p) => p.sentences).find((x) => x.id === id)?.text ?? '';

describe('condensing', () => {
  it('chooses what a person marked as key: at least seven of ten lines', () => {
    let good = 0;
    let chosen = 0;
    for (const { content, source } of all) {
      const key = content.key.flatMap((k) => sentences(k, content.language));
      for (const id of chooseSentences(source, OPTIONS)) {
        chosen++;
        const text = textOf(source, id);
        if (key.some((k) => text.includes(k) || k.includes(text))) good++;
      }
    }
    console.log(
      `condensing: ${good} of ${chosen} chosen lines are key (${((good / chosen) * 100).toFixed(0)} %)`,
    );
    expect(good / chosen).toBeGreaterThanOrEqual(0.7);
  });

  it.each([15_000, 30_000, 45_000, 60_000])('stays within %i ms and fills most of it', (targetMs) => {
    for (const { source } of all.filter((a) => a.content.language === 'en')) {
      const ids = chooseSentences(source, { ...OPTIONS, targetMs });
      const ms = ids.reduce(
        (s, id) => s + sentenceMs(source.sentences[id] as never, OPTIONS),
        OPTIONS.onceMs,
      );
      expect(ms).toBeLessThanOrEqual(targetMs * 1.05);
      expect(ms).toBeGreaterThan(targetMs * 0.6);
    }
  });

  it('keeps the order of the source after the opening line, which is a question or a fact from the first half', () => {
    for (const { source } of all) {
      const order = source.passages.flatMap((p) => p.sentences).map((s) => s.id);
      const [first, ...rest] = chooseSentences(source, OPTIONS).map((id) => order.indexOf(id));
      expect(rest).toEqual([...rest].sort((a, b) => a - b));
      expect(first).toBeLessThanOrEqual(order.length / 2 + 3);
    }
  });

  it('keeps what the writer pulled in and leaves out what they threw out', () => {
    for (const { source } of all) {
      const free = chooseSentences(source, OPTIONS);
      const other = source.passages.flatMap((p) => p.sentences).find((s) => !free.includes(s.id));
      const drop = free.slice(0, 2);
      const ids = chooseSentences(source, { ...OPTIONS, keep: other ? [other.id] : [], drop });
      if (other) expect(ids).toContain(other.id);
      for (const d of drop) expect(ids).not.toContain(d);
    }
  });

  it('says nothing twice', () => {
    const [first] = all;
    if (!first) throw new Error('no articles');
    const source = structuredClone(first.source);
    const copy = source.passages.map((p) => ({
      ...p,
      id: `${p.id}b`,
      sentences: p.sentences.map((s) => ({ ...s, id: `${s.id}b` })),
    }));
    source.passages.push(...copy);
    source.sentences = annotate(source);
    const texts = chooseSentences(source, OPTIONS).map((id) => textOf(source, id));
    expect(new Set(texts).size).toBe(texts.length);
  });

  it('gives the same choice for the same input, and nothing for nothing', () => {
    for (const { content, source } of all)
      expect(chooseSentences(sourceOf(content), OPTIONS)).toEqual(chooseSentences(source, OPTIONS));
    expect(chooseSentences(emptySource('article', { kind: 'text' }), OPTIONS)).toEqual([]);
  });
});

describe('sentences of real pages', () => {
  const noteOf = (text: string) => {
    const source: Source = {
      ...emptySource('article', { kind: 'text' }),
      passages: [{ id: 'p0', kind: 'text', level: 0, sentences: [{ id: 'p0.0', text }] }],
    };
    return annotate(source)['p0.0'];
  };

  it.each([
    ['REEDMERE, Marsh. -- The lock opens at six.', 'The lock opens at six.'],
    ['Reedmere (RNN) -- The lock opens at six.', 'The lock opens at six.'],
    ['REEDMERE — The lock opens at six.', 'The lock opens at six.'],
    ['“The lock opens at six.', '“The lock opens at six.”'],
    ['The lock opens at six.”', '“The lock opens at six.”'],
    ['"The lock opens at six.', '"The lock opens at six."'],
    ['«La porte ouvre à six heures.', '«La porte ouvre à six heures.»'],
    ['The lock -- and the gate -- opens at six.', 'The lock – and the gate – opens at six.'],
    ['The lock--and the gate--opens at six.', 'The lock—and the gate—opens at six.'],
  ])('%s is said as %s', (text, line) => {
    expect(noteOf(text)?.line).toBe(line);
  });

  it('show nothing that the voice leaves out', () => {
    const text =
      'Declaring that the soul of the ferry is at stake, the mayor of Reedmere has ordered a whole review of all the boats on the canal that since the winter of 1950 have carried coal and salt.';
    const note = noteOf(text);
    expect(note?.spoken.length).toBeLessThan(text.length);
    for (const word of note?.line.match(/[\p{L}\p{N}]+/gu) ?? [])
      expect(note?.spoken.toLowerCase()).toContain(word.toLowerCase());
  });

  it('count for little where the page speaks of itself', () => {
    const plain = noteOf('The ferry can be seen at the eastern bank of the canal at six.')?.score ?? 0;
    for (const talk of [
      'The ferry can be reached at ida@ferry.example on every day of the week.',
      'Corrects the tenth paragraph to show that the ferry is from the east.',
      'Click to listen to the ferry at the eastern bank of the canal at six.',
      'This story was updated at six with the ferry of the eastern bank.',
    ])
      expect(noteOf(talk)?.score).toBeLessThan(plain / 2);
  });
});
