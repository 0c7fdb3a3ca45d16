import { describe, expect, it } from 'vitest';
import { articlePages } from '../../../studio/fixtures/pages/articles.ts';
import { bodyTexts } from '../../../studio/fixtures/pages/content.ts';
import { sentences } from '../../core/text/sentences.ts';
import { decodeHtml } from './decode.ts';
import { readHtml } from './html.ts';

const plain = (t: string) =>
  t
    .toLowerCase()
    .replace(/[’']/g, "'")
    .replace(/[^\p{L}\p{N}']+/gu, ' ')
    .trim();

/** Share of the article's sentences that were read, and share of what was read that belongs to it. */
function compare(page: ReturnType<typeof articlePages>[number]) {
  const source = readHtml(decodeHtml(page.bytes, page.type), 'https://paper.example/town/story');
  const read = source.passages.flatMap((p) => p.sentences.map((s) => plain(s.text)));
  const whole = read.join(' ');
  const expected = bodyTexts(page.content)
    .flatMap((t) => sentences(t, page.content.language))
    .map(plain);
  const missing = expected.filter((e) => !whole.includes(e));
  const allowed = [...bodyTexts(page.content), ...page.content.blocks.map((b) => b.text)]
    .map(plain)
    .join(' ');
  const foreign = read.filter((r) => !allowed.includes(r) && !r.split(' ').every((w) => allowed.includes(w)));
  return { source, missing, foreign, expected: expected.length, read: read.length };
}

describe('pages', () => {
  const pages = articlePages();
  const all = pages.map((page) => ({ page, ...compare(page) }));

  it('finds the article and leaves the page: recall and precision of sentences at least 0.97', () => {
    const expected = all.reduce((s, r) => s + r.expected, 0);
    const missing = all.flatMap((r) => r.missing.map((m) => `${r.page.content.name}: ${m}`));
    const read = all.reduce((s, r) => s + r.read, 0);
    const foreign = all.flatMap((r) => r.foreign.map((m) => `${r.page.content.name}: ${m}`));
    const recall = 1 - missing.length / expected;
    const precision = 1 - foreign.length / read;
    console.log(`articles: recall ${recall.toFixed(3)}, precision ${precision.toFixed(3)}`, missing, foreign);
    expect(recall).toBeGreaterThanOrEqual(0.97);
    expect(precision).toBeGreaterThanOrEqual(0.97);
  });

  it.each(all)('$page.structure: title, author, date, language', ({ page, source }) => {
    const { title, author, date, language } = page.content;
    expect([source.title, source.author, source.date, source.language.slice(0, 2)]).toEqual([
      title,
      author,
      date,
      language,
    ]);
  });

  it.each(all.filter((r) => r.page.pictures))(
    '$page.structure: pictures with their captions',
    ({ page, source }) => {
      const figures = page.content.blocks.filter((b) => b.kind === 'figure');
      expect(source.pictures).toHaveLength(page.pictures);
      for (const [i, f] of figures.entries()) {
        expect(source.pictures[i]?.address).toContain(f.picture);
        expect(`${source.pictures[i]?.caption} ${source.pictures[i]?.alt}`).toContain(f.text);
      }
    },
  );
});
