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

describe('pages as others write them', () => {
  const page = (body: string, head = '') =>
    readHtml(`<html lang="en"><head>${head}</head><body><article>${body}</article></body></html>`, null);
  const said = (body: string) => page(body).passages.flatMap((p) => p.sentences.map((s) => s.text));
  const more =
    '<p>The boats of the canal carry bricks to the town and tea to the villages all year.</p>'.repeat(3);

  it('keep words in the middle of a sentence, whatever they are called, and lose what stands by itself', () => {
    const [first] = said(
      `<p>At <span class="ticker">Lund Boats</span>, we first saw the <a class="related">old lock</a> open.</p>${more}<p><span class="ticker">LUB 3.2</span></p>`,
    );
    expect(first).toBe('At Lund Boats, we first saw the old lock open.');
    expect(said(`<p>It opens.</p><p><span class="ticker">LUB 3.2</span></p>${more}`).join(' ')).not.toContain(
      'LUB',
    );
  });

  it('have a sentence for each line of verse, and none for the line ends of prose', () => {
    const verse = 'the lock is slow<br>and slower still the boat<br>we wait for it<br>with tea';
    expect(said(`<p>${verse}</p>${more}`).slice(0, 4)).toEqual([
      'the lock is slow',
      'and slower still the boat',
      'we wait for it',
      'with tea',
    ]);
    const prose = 'The lock is slow.<br>The boat is slower still.<br>We wait for it.<br>There is tea.';
    expect(said(`<p>${prose}</p>${more}`)[3]).toBe('There is tea.');
    expect(said(`<p>The lock is slow<br>and old.</p>${more}`)[0]).toBe('The lock is slow and old.');
    const long = `${'The lock is slow and the boat is slower '.repeat(3)}<br>`.repeat(3);
    expect(said(`<p>${long}</p>${more}`)[0]?.length).toBeGreaterThan(300);
  });

  it.each([
    ['Ida Lund', 'Ida Lund'],
    ['By Ida Lund', 'Ida Lund'],
    ['Ida Lund Senior Marsh Correspondent', 'Ida Lund'],
    ['Ida Lund, staff writer', 'Ida Lund'],
    ['Ida Lund posted Aug 18th 2031 7:30PM', 'Ida Lund'],
    ['Ida Lund2031-01-26 21:32:46 UTC', 'Ida Lund'],
    ['Ida Lund More from this author 26 Sep Comments: 9', 'Ida Lund'],
    ['9:39AM 05 Oct 2031', ''],
    ['Ida Lund and Osei Marsh', 'Ida Lund and Osei Marsh'],
  ])('name their writer in %s', (byline, name) => {
    expect(page(`<div class="byline">${byline}</div>${more}`).author).toBe(name);
  });

  it('are of the last of the rooms that their site names', () => {
    const site = (name: string) =>
      page(more, `<title>The lock</title><meta property="og:site_name" content="${name}">`).site;
    expect(site('Money - Your Life - The Marsh Post')).toBe('The Marsh Post');
    expect(site('The Marsh Post')).toBe('The Marsh Post');
    expect(site('Marsh-Post')).toBe('Marsh-Post');
  });
});
