import JSZip from 'jszip';
import { describe, expect, it } from 'vitest';
import { epub, odt } from '../../../studio/fixtures/packages.ts';
import { articles, bodyTexts, type Content } from '../../../studio/fixtures/pages/content.ts';
import { failureOf } from '../../core/failure.ts';
import { chosenChapters, toldChapters } from '../../core/outline/chapters.ts';
import { firstChoices, outlineLines } from '../../core/outline/outline.ts';
import type { Source } from '../../core/source/types.ts';
import { sentences } from '../../core/text/sentences.ts';
import { readFile } from './read.ts';

const plain = (t: string) =>
  t
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
const textOf = (source: Source) =>
  plain(source.passages.flatMap((p) => p.sentences.map((s) => s.text)).join(' '));
const why = (work: Promise<unknown>) =>
  work.then(
    () => 'nothing went wrong',
    (e: unknown) => failureOf(e).code,
  );
const english = articles().filter((a) => a.language === 'en');
/** The same archive with a part put in or another in its place. */
async function changed(bytes: Buffer, name: string, text: string | Buffer | null): Promise<Buffer> {
  const zip = await JSZip.loadAsync(bytes);
  if (text === null) zip.remove(name);
  else zip.file(name, text, { compression: 'DEFLATE' });
  return zip.generateAsync({ type: 'nodebuffer' });
}

describe('OpenDocument texts', () => {
  it.each(articles().map((a) => [a.name, a] as const))('%s: every sentence, in order', async (_, content) => {
    const source = await readFile(await odt(content), 'a name that says nothing');
    expect(source).toMatchObject({
      ...{ kind: 'article', form: { kind: 'open-document' } },
      ...{ title: content.title, author: content.author, date: content.date },
    });
    const read = textOf(source);
    const wanted = bodyTexts(content).flatMap((t) => sentences(t));
    let at = 0;
    for (const sentence of wanted) {
      const found = read.indexOf(plain(sentence), at);
      expect([sentence, found >= at]).toEqual([sentence, true]);
      at = found;
    }
  });

  it('keep headings, lists, quotations and tables what they are', async () => {
    const base = { text: '', items: [], rows: [], picture: '' };
    const source = await readFile(
      await odt({
        ...{ title: 'Rope', author: 'Maud K.', date: '2026-06-28' },
        blocks: [
          { ...base, kind: 'h', text: 'A heading' },
          { ...base, kind: 'list', items: ['one thing', 'another thing'] },
          { ...base, kind: 'quote', text: 'Nobody hears it.' },
          { ...base, kind: 'table', rows: [['Bicycles', '7']] },
        ],
      }),
      'rope.odt',
    );
    expect(source.passages.map((p) => [p.kind, p.level, p.sentences[0]?.text])).toEqual([
      ['heading', 2, 'A heading'],
      ['item', 0, 'one thing'],
      ['item', 0, 'another thing'],
      ['quote', 0, 'Nobody hears it.'],
      ['table', 0, expect.stringMatching(/Bicycles.*7/)],
    ]);
  });

  it('leave out notes, remarks, deleted words and the table of contents; tabs and breaks are spaces', async () => {
    const extra =
      '<text:tracked-changes><text:p>Deleted words.</text:p></text:tracked-changes><text:table-of-content><text:p>Contents here.</text:p></text:table-of-content><text:p>The rope<text:tab/>is<text:s text:c="3"/>long<text:note><text:note-body><text:p>A note.</text:p></text:note-body></text:note><office:annotation><text:p>A remark.</text:p></office:annotation> and<text:line-break/>thin &amp; <text:span>white</text:span>.</text:p>';
    const { passages } = await readFile(
      await odt({ title: 'T', author: '', date: '2026-01-01', blocks: [] }, { extra }),
      'x.odt',
    );
    expect(passages.flatMap((p) => p.sentences.map((s) => s.text))).toEqual([
      'The rope is long and thin & white.',
    ]);
  });

  it('that are locked, broken, empty or made to unpack without end get a clear answer', async () => {
    const content = english[0] ?? articles()[0];
    if (!content) throw new Error('There is no article.');
    const good = await odt(content);
    expect(await why(readFile(await odt(content, { encrypted: true }), 'x.odt'))).toBe('encrypted');
    expect(await why(readFile(good.subarray(0, good.length / 2), 'x.odt'))).toBe('damaged');
    expect(await why(readFile(await changed(good, 'content.xml', null), 'x.odt'))).toBe('damaged');
    expect(await why(readFile(await changed(good, 'content.xml', '<x/>'), 'x.odt'))).toBe('damaged');
    const bomb = await changed(good, 'content.xml', Buffer.alloc(61_000_000, 32));
    expect(bomb.length).toBeLessThan(200_000);
    expect(await why(readFile(bomb, 'x.odt'))).toBe('huge');
    expect(await why(readFile(await odt({ title: '', author: '', date: '', blocks: [] }), 'x.odt'))).toBe(
      'empty',
    );
  });
});

describe('books', () => {
  const about = { title: 'Four rivers', author: 'Ines Aldermoor', date: '2026-03-01' };
  const three = english.slice(0, 3);

  it('are read chapter by chapter in reading order, without cover and contents', async () => {
    const book = await readFile(await epub(about, three), 'four rivers.epub');
    expect(book).toMatchObject({
      ...{ kind: 'article', title: 'Four rivers', author: 'Ines Aldermoor', date: '2026-03-01' },
      ...{ form: { kind: 'book', count: 3 }, language: 'en-gb', notes: [] },
      left: [{ text: 'The cover', why: 'scrap' }],
    });
    expect(book.chapters.map((c) => c.title)).toEqual(three.map((c) => c.title));
    book.chapters.forEach((c, i) => {
      const own = textOf({ ...book, passages: book.passages.slice(c.start, c.end) });
      for (const text of bodyTexts(three[i] as Content)) expect(own).toContain(plain(text));
      expect(c.start).toBe(book.chapters[i - 1]?.end ?? 0);
    });
    const ids = book.passages.flatMap((p) => [p.id, ...p.sentences.map((s) => s.id)]);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('are told by the chapters that are chosen, or by the first', async () => {
    const book = await readFile(await epub(about, three), 'x.epub');
    const choices = firstChoices(book);
    expect(toldChapters(book, choices)).toEqual(['c0']);
    const some = { ...choices, chapters: ['c2', 'c1'] };
    expect(toldChapters(book, some)).toEqual(['c1', 'c2']);
    const told = chosenChapters(book, some);
    expect(told.passages).toEqual(book.passages.slice(book.chapters[1]?.start));
    const lines = outlineLines(book, some);
    expect(lines.length).toBeGreaterThan(5);
    for (const line of lines) expect(line.ref).toMatch(/^(c[12]-|title|closing)/);
  });

  it('without an end are read as far as a book goes, and that is said', async () => {
    const base = { items: [], rows: [], picture: '' };
    const short = {
      title: 'Rope',
      blocks: [{ ...base, kind: 'p' as const, text: 'The rope is long and thin. '.repeat(20) }],
    };
    const long = Array.from({ length: 320 }, () => short);
    const book = await readFile(await epub(about, long), 'x.epub');
    expect(book.chapters.length).toBeLessThanOrEqual(300);
    expect(book.notes).toEqual([{ code: 'chapters-read', read: book.chapters.length, of: 321 }]);
  });

  it('that are locked, broken or empty get a clear answer', async () => {
    const good = await epub(about, three);
    const locked = await epub(about, three, { obscured: ['OEBPS/text/chapter 1.xhtml'] });
    expect(await why(readFile(locked, 'x.epub'))).toBe('encrypted');
    const fonts = await epub(about, three, { obscured: ['OEBPS/f.otf'] });
    expect((await readFile(fonts, 'x.epub')).chapters).toHaveLength(3);
    expect(await why(readFile(await changed(good, 'META-INF/container.xml', null), 'x.epub'))).toBe(
      'damaged',
    );
    expect(await why(readFile(await changed(good, 'OEBPS/content.opf', null), 'x.epub'))).toBe('damaged');
    expect(await why(readFile(good.subarray(0, good.length - 400), 'x.epub'))).toBe('damaged');
    expect(await why(readFile(await epub(about, []), 'x.epub'))).toBe('no-chapters');
    const missing = await changed(good, 'OEBPS/text/chapter 1.xhtml', null);
    expect((await readFile(missing, 'x.epub')).chapters).toHaveLength(2);
  });
});
