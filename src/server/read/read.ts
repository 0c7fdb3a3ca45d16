import { fileTypeFromBuffer } from 'file-type';
import { emptySource, type Source } from '../../core/source/types.ts';
import { annotate } from '../../core/text/condense.ts';
import { decodeHtml, decodeText } from './decode.ts';
import { fromMarkup, readDocx, readMarkdown, readText } from './documents.ts';
import { parsePage } from './dom.ts';
import { PASTE_INSTEAD, ReadError } from './errors.ts';
import { FETCH_LIMITS, fetchGuarded } from './fetch.ts';
import { readHtml } from './html.ts';
import { languageOf } from './language.ts';
import { pageMeta } from './meta.ts';
import { readPdf, takeTitle } from './pdf.ts';
import { isProductPage, productFacts, productPictures } from './product.ts';

/** What a page is to be read as; auto lets the page decide. */
export type ReadAs = 'auto' | 'article' | 'product';

const READABLE = /html|xml|text\/plain|text\/markdown|application\/pdf|officedocument|octet-stream/i;

/** Reads an address from outside. */
export async function readAddress(address: string, as: ReadAs = 'auto'): Promise<Source> {
  const got = await fetchGuarded(address, READABLE, FETCH_LIMITS.documentBytes);
  const kind = await kindOf(got.bytes, got.type);
  if (kind !== 'html' && kind !== 'text') {
    const source = await readFile(got.bytes, new URL(got.address).pathname, as);
    return {
      ...source,
      address: got.address,
      site: source.site || new URL(got.address).hostname.replace(/^www\./, ''),
    };
  }
  if (got.bytes.length > FETCH_LIMITS.pageBytes)
    throw new ReadError(
      'huge',
      `This page is larger than ${FETCH_LIMITS.pageBytes / 1e6} MB, which is too much to read. ${PASTE_INSTEAD}`,
    );
  if (kind === 'text')
    return noted({
      ...readText(decodeText(got.bytes)),
      address: got.address,
      site: new URL(got.address).hostname,
    });
  return page(decodeHtml(got.bytes, got.type), got.address, as);
}

/**
 * Reads a file that was brought: what it is is told by its content, the name only helps among texts. base: the address to
 * which a saved page's pictures are relative.
 */
export async function readFile(
  bytes: Buffer,
  name: string,
  as: ReadAs = 'auto',
  base: string | null = null,
): Promise<Source> {
  if (!bytes.length) throw new ReadError('empty', 'This file is empty.');
  switch (await kindOf(bytes, null)) {
    case 'pdf':
      return noted(await readPdf(bytes));
    case 'docx':
      return noted(await readDocx(bytes));
    case 'office':
      throw new ReadError(
        'encrypted',
        `This is an old Word file or one with a password. Save it as .docx without a password, or ${PASTE_INSTEAD[0]?.toLowerCase()}${PASTE_INSTEAD.slice(1)}`,
      );
    case 'other':
      throw new ReadError(
        'kind',
        'This kind of file cannot be read. Text, Markdown, HTML, Word (.docx) and PDF can.',
      );
    case 'html':
      return saved(bytes, as, base);
    case 'text': {
      const text = decodeText(bytes);
      if (!text.trim()) throw new ReadError('empty', 'This file has no words in it.');
      if (/\.html?$/i.test(name) || looksLikeHtml(text)) return saved(bytes, as, base);
      return noted(/\.(md|markdown)$/i.test(name) ? readMarkdown(text) : readText(text));
    }
  }
}

/** Reads pasted text; html is what the clipboard held beside it. */
export function readPasted(text: string, html: string | null, as: ReadAs = 'auto'): Source {
  if (html === null && looksLikeHtml(text)) return page(text, null, as, 'Pasted page');
  if (html && /<(p|h[1-6]|li|blockquote|br)\b/i.test(html)) {
    const source = fromMarkup(html, 'Pasted text');
    takeTitle(source, '');
    if (source.passages.length) return noted(source);
  }
  if (!text.trim()) throw new ReadError('empty', 'There are no words here yet.');
  return noted(readText(text, 'Pasted text'));
}

/** A page from a file. base: where its relative addresses lead, for its pictures. */
function saved(bytes: Buffer, as: ReadAs, base: string | null): Source {
  const source = page(decodeHtml(bytes, null), base, as, 'Saved page');
  return {
    ...source,
    address: null,
    site: base && source.site === new URL(base).hostname ? '' : source.site,
  };
}

function page(html: string, address: string | null, as: ReadAs, form = 'Web page'): Source {
  const doc = parsePage(html);
  if (as === 'product' || (as === 'auto' && isProductPage(doc))) return product(html, address, form);
  return noted(readHtml(html, address, form));
}

/** A product page: the fact sheet, its pictures, and its text below them. */
function product(html: string, address: string | null, form: string): Source {
  const doc = parsePage(html);
  const meta = pageMeta(doc);
  let text: Source;
  try {
    text = readHtml(html, address, form);
  } catch (e) {
    if (!(e instanceof ReadError)) throw e;
    text = emptySource('product', form);
  }
  const language = meta.language.toLowerCase() || languageOf(doc.body?.textContent ?? '');
  const facts = productFacts(doc, language);
  if (!facts.name && !facts.description && !text.passages.length)
    throw new ReadError('empty', `Nothing about a product could be found on this page. ${PASTE_INSTEAD}`);
  const notes: string[] = [];
  if (!facts.price) notes.push('The page gives no price: it is a blank until you fill it in.');
  if (!facts.features.length) notes.push('No features could be found; add some on the fact sheet.');
  return noted({
    ...text,
    kind: 'product',
    title: facts.name?.value ?? meta.title,
    language,
    facts,
    pictures: productPictures(doc, address).map((p, i) => ({
      id: `i${i}`,
      address: p.address,
      assetId: null,
      alt: p.alt,
      caption: '',
      after: null,
      problem: null,
    })),
    notes,
  });
}

/** The last step of every reading: sentences weighed and shortened. */
function noted(source: Source): Source {
  if (source.kind !== 'product' && !source.passages.length)
    throw new ReadError('empty', 'No words could be found in this.');
  return { ...source, sentences: annotate(source) };
}

type Kind = 'pdf' | 'docx' | 'office' | 'html' | 'text' | 'other';

async function kindOf(bytes: Buffer, contentType: string | null): Promise<Kind> {
  if (bytes.subarray(0, 1024).includes('%PDF-')) return 'pdf';
  const found = await fileTypeFromBuffer(bytes);
  if (found?.ext === 'docx') return 'docx';
  if (found?.ext === 'cfb') return 'office';
  if (found?.ext === 'zip') return bytes.includes('word/document.xml') ? 'docx' : 'other';
  if (found && found.ext !== 'xml') return 'other';
  if (/html|xhtml/i.test(contentType ?? '') || looksLikeHtml(bytes.subarray(0, 2048).toString('latin1')))
    return 'html';
  return 'text';
}

const looksLikeHtml = (text: string): boolean =>
  /^\s*(<\?xml[^>]*>\s*)?(<!--[\s\S]*?-->\s*)?<(!doctype html|html|head|body|article|main|div|p|h1|section)\b/i.test(
    text.slice(0, 4000),
  );
