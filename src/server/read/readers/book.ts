import path from 'node:path';
import { Failed } from '../../../core/failure.ts';
import { type Chapter, emptySource, type Passage, type Source } from '../../../core/source/types.ts';
import { fromMarkup } from '../mark-up-source.ts';
import { day, writerName } from '../meta.ts';
import { Package, parseXml, type Xml } from '../package.ts';
import type { Reader } from './types.ts';

const WHAT = 'book';
const BOOK_LIMITS = {
  /** Letters that are read; what comes after is said. */
  letters: 600_000,
  /** Bytes of a single chapter. */
  chapterBytes: 8_000_000,
  chapters: 300,
  /** A part with fewer letters is a cover or a half-title, and no chapter. */
  leastLetters: 160,
} as const;

/** Books of the EPUB format (W3C EPUB 3.3): the chapters in reading order, from which some are chosen to be told. */
export const book: Reader = {
  label: 'EPUB (.epub)',
  endings: ['.epub'],
  recognises: ({ bytes, found }) =>
    found?.ext === 'epub' ||
    (found?.ext === 'zip' && bytes.subarray(0, 200).includes('application/epub+zip')),
  read: ({ bytes }) => readEpub(bytes),
};

async function readEpub(bytes: Buffer): Promise<Source> {
  const epub = await Package.open(bytes, WHAT);
  const part = (name: string) => epub.text(name, BOOK_LIMITS.chapterBytes);
  const container = await part('META-INF/container.xml');
  const root = container && parseXml(container).querySelector('rootfile')?.getAttribute('full-path');
  const packed = root ? await part(root) : null;
  if (!root || packed === null) throw new Failed({ code: 'damaged', what: WHAT });
  const opf = parseXml(packed);
  const said = (name: string) => opf.querySelector(`dc\\:${name}`)?.textContent?.trim() ?? '';
  const files = readingOrder(opf, path.posix.dirname(root));
  // Fonts may be obscured in a book that can be read; its chapters may not.
  const obscured = (await part('META-INF/encryption.xml')) ?? '';
  if (files.some((f) => obscured.includes(`"${f}"`))) throw new Failed({ code: 'encrypted', what: WHAT });
  const passages: Passage[] = [];
  const chapters: Chapter[] = [];
  const left: Source['left'] = [];
  let letters = 0;
  let seen = 0;
  for (const file of files.slice(0, BOOK_LIMITS.chapters)) {
    if (letters > BOOK_LIMITS.letters) break;
    seen++;
    const html = await part(file);
    if (html === null) continue;
    const read = fromMarkup(html, { kind: 'book' });
    const length = read.passages.reduce((n, p) => n + lettersOf(p), 0);
    if (length < BOOK_LIMITS.leastLetters) {
      const text = read.passages.flatMap((p) => p.sentences.map((x) => x.text)).join(' ');
      if (text) left.push({ text, why: 'scrap' });
      continue;
    }
    letters += length;
    const id = `c${chapters.length}`;
    const start = passages.length;
    passages.push(...read.passages.map((p) => within(p, id)));
    chapters.push({ id, title: titleOf(read.passages, chapters.length), start, end: passages.length });
  }
  if (!chapters.length) throw new Failed({ code: 'no-chapters' });
  return {
    ...emptySource('article', { kind: 'book', count: chapters.length }),
    title: said('title') || chapters[0]?.title || '',
    author: writerName(said('creator')),
    date: day(said('date')),
    site: said('publisher'),
    language: said('language').toLowerCase() || 'en',
    passages,
    chapters,
    left,
    notes: seen < files.length ? [{ code: 'chapters-read', read: chapters.length, of: files.length }] : [],
  };
}

/** The files of the text in the order of the spine, without the table of contents. */
function readingOrder(opf: Xml, folder: string): string[] {
  const items = new Map(
    [...opf.querySelectorAll('manifest item')].map((i) => [
      i.getAttribute('id') ?? '',
      {
        file: path.posix.join(folder, decodeURIComponent(i.getAttribute('href') ?? '')),
        type: i.getAttribute('media-type') ?? '',
        nav: /\bnav\b/.test(i.getAttribute('properties') ?? ''),
      },
    ]),
  );
  return [...opf.querySelectorAll('spine itemref')].flatMap((r) => {
    const item = items.get(r.getAttribute('idref') ?? '');
    return item && !item.nav && /html/.test(item.type) ? [item.file] : [];
  });
}

const lettersOf = (p: Passage): number => p.sentences.reduce((n, s) => n + s.text.length, 0);

/** Ids are unique in the whole book. */
const within = (p: Passage, chapter: string): Passage => ({
  ...p,
  id: `${chapter}-${p.id}`,
  sentences: p.sentences.map((s) => ({ ...s, id: `${chapter}-${s.id}` })),
});

const titleOf = (passages: readonly Passage[], before: number): string =>
  passages.find((p) => p.kind === 'heading')?.sentences[0]?.text.slice(0, 200) ||
  passages[0]?.sentences[0]?.text.slice(0, 60) ||
  String(before + 1);
