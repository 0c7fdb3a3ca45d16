import { describe, expect, it } from 'vitest';
import { applyEdit, edit } from '../piece/edit.ts';
import { pieceSchema } from '../piece/schema.ts';
import { emptySource, type Source } from '../source/types.ts';
import { sentences } from '../text/sentences.ts';
import { annotate } from './condense/condense.ts';
import { LINE } from './condense/shorten.ts';
import { draftFromOutline } from './from-outline.ts';
import { outlineMs } from './length.ts';
import { firstChoices, outlineLines } from './outline.ts';
import type { OutlineChoices } from './types.ts';

const PARAGRAPHS = [
  'Why did the market street stay dry? Rain fell for three hours on Tuesday, and 62 millimetres came down.',
  'The answer hangs on the gutters: 400 rain barrels, one for every second roof. The town gave them away in spring.',
  '“We counted the roofs, and then we saw that the basin was already there,” says Wilhelmina Tarrow, the engineer.',
  'A basin of concrete would have cost 2.1 million crowns. The barrels cost 38,000.',
  'The town used 9 percent less water this summer than in the summer before, because the barrels water the gardens.',
  'Tarrow wants 200 more barrels by the spring, and she already knows which roofs.',
];

function article(): Source {
  const source: Source = {
    ...emptySource('article', { kind: 'text' }),
    title: 'Why the market street stayed dry',
    site: 'The Courier',
    passages: PARAGRAPHS.map((p, i) => ({
      id: `p${i}`,
      kind: 'text',
      level: 0,
      sentences: sentences(p).map((text, k) => ({ id: `p${i}.${k}`, text })),
    })),
    pictures: [
      {
        id: 'i0',
        address: 'https://x.example/a.jpg',
        assetId: 'a0',
        alt: '',
        caption: 'Barrels',
        after: 'p1',
        problem: null,
      },
      {
        id: 'i1',
        address: 'https://x.example/b.jpg',
        assetId: null,
        alt: '',
        caption: 'Gone',
        after: 'p4',
        problem: { code: 'no-picture' },
      },
    ],
  };
  source.sentences = annotate(source);
  return source;
}

const with_ = (source: Source, more: Partial<OutlineChoices>): OutlineChoices => ({
  ...firstChoices(source),
  ...more,
});
const allText = (s: Source) => s.passages.flatMap((p) => p.sentences.map((x) => x.text));

describe('the outline of an article', () => {
  const source = article();

  it('begins with the question, keeps lines short, and every line names its sentence in the source', () => {
    const lines = outlineLines(source, firstChoices(source));
    expect(lines[0]).toMatchObject({ layout: 'title', shown: 'Why did the market street stay dry?' });
    for (const l of lines.filter((x) => x.layout !== 'end')) {
      expect(l.shown.length).toBeLessThanOrEqual(LINE.longest);
      expect(allText(source)).toContain(l.from);
    }
    expect(lines.at(-1)).toMatchObject({
      layout: 'end',
      shown: 'Why the market street stayed dry\nThe Courier',
    });
  });

  it('gets shorter and longer with the wished length', () => {
    const at = (targetMs: number | null) => outlineMs(outlineLines(source, with_(source, { targetMs })));
    expect(at(15_000)).toBeLessThanOrEqual(15_800);
    expect(at(15_000)).toBeLessThan(at(30_000));
    expect(at(30_000)).toBeLessThan(at(null));
  });

  it('keeps what the writer fixed by hand when the length changes', () => {
    const fixed = with_(source, {
      keep: ['p5.0'],
      drop: ['p0.0'],
      edits: { 'p3.1': { shown: 'My own words.' } },
    });
    for (const targetMs of [15_000, 30_000, 60_000]) {
      const lines = outlineLines(source, { ...fixed, targetMs });
      const refs = lines.map((l) => l.ref);
      expect(refs).toContain('p5.0');
      expect(refs).not.toContain('p0.0');
      expect(lines.find((l) => l.ref === 'p3.1')).toMatchObject({ shown: 'My own words.', fixed: true });
    }
  });

  it('gives a picture of the source to a line beside it, and none that could not be fetched', () => {
    const lines = outlineLines(source, with_(source, { targetMs: null }));
    const used = lines.filter((l) => l.picture);
    expect(used.map((l) => l.picture)).toEqual(['i0']);
    expect(['p1.0', 'p1.1', 'p2.0']).toContain(used[0]?.ref);
    expect(
      outlineLines(source, with_(source, { leavePictures: ['i0'] })).every((l) => l.picture === null),
    ).toBe(true);
    expect(
      outlineLines(source, with_(source, { targetMs: null, pictures: { 'p4.0': 'i0' } })).find(
        (l) => l.picture,
      )?.ref,
    ).toBe('p4.0');
  });

  it('becomes a valid piece that knows where it came from', () => {
    const choices = firstChoices(source);
    let n = 0;
    const piece = draftFromOutline(
      source,
      choices,
      outlineLines(source, choices),
      { format: '9:16', voice: 'maud', mood: 'gentle', sourceId: 's1' },
      () => `id${n++}`,
    );
    expect(pieceSchema.validate(piece).error).toBeUndefined();
    expect(piece.source).toEqual({ id: 's1', kind: 'article', title: source.title });
    expect(piece.scenes.find((s) => s.pictures.length)?.pictures[0]).toMatchObject({
      assetId: 'a0',
      by: 'source',
    });
    expect(applyEdit(piece, edit('x', [{ op: 'remove', id: piece.scenes[0]?.id ?? '' }])).ok).toBe(true);
  });

  it('wants a length only where the source has enough to say', () => {
    const source = article();
    const drafted = (targetMs: number | null) => {
      const choices = with_(source, { targetMs });
      const lines = outlineLines(source, choices);
      let n = 0;
      return draftFromOutline(
        source,
        choices,
        lines,
        { format: '9:16', voice: 'maud', mood: 'gentle', sourceId: null },
        () => `id${n++}`,
      ).targetMs;
    };
    expect([drafted(15_000), drafted(30_000), drafted(300_000), drafted(null)]).toEqual([
      15_000,
      30_000,
      null,
      null,
    ]);
  });
});
