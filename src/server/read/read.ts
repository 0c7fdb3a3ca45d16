import { fileTypeFromBuffer } from 'file-type';
import { Failed } from '../../core/failure.ts';
import { annotate } from '../../core/outline/condense/condense.ts';
import { checkedSource, cutSentences, fitSource } from '../../core/source/fit.ts';
import type { Source } from '../../core/source/types.ts';
import { decodeHtml } from './decode.ts';
import { FETCH_LIMITS, type Fetched, fetchGuarded } from './fetch.ts';
import { fromMarkup } from './mark-up-source.ts';
import { looksLikeHtml, readPage } from './page.ts';
import { html } from './readers/html.ts';
import { readText, text } from './readers/text.ts';
import type { BroughtFile, ReadAs, Reader } from './readers/types.ts';
import { READERS, readableKinds } from './readers.ts';
import { extractTitle } from './title.ts';

export type { ReadAs } from './readers/types.ts';

const READABLE =
  /html|xml|text\/plain|text\/markdown|application\/pdf|officedocument|opendocument|epub|octet-stream/i;

/** Fetches a document from outside. Throws Failed. */
export const fetchDocument = (address: string): Promise<Fetched> =>
  fetchGuarded(address, READABLE, FETCH_LIMITS.documentBytes);

/** Reads an address from outside. */
export const readAddress = async (address: string, as: ReadAs = 'auto'): Promise<Source> =>
  readFetched(await fetchDocument(address), as);

/** Reads what was fetched. Throws Failed. */
export async function readFetched(got: Fetched, as: ReadAs = 'auto'): Promise<Source> {
  const file = await fileOf(got.bytes, new URL(got.address).pathname, got.type);
  const reader = readerOf(file);
  const { hostname } = new URL(got.address);
  if (reader === html || reader === text) {
    const most = FETCH_LIMITS.pageBytes;
    if (got.bytes.length > most) throw new Failed({ code: 'huge', most });
  }
  if (reader === html)
    return noted(
      readPage(decodeHtml(got.bytes, got.type), { as, address: got.address, form: { kind: 'page' } }),
    );
  const source = await reader.read(file, { as, base: null });
  return noted({
    ...source,
    address: got.address,
    site: source.site || (reader === text ? hostname : hostname.replace(/^www\./, '')),
  });
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
  if (!bytes.length) throw new Failed({ code: 'empty', what: 'file' });
  const file = await fileOf(bytes, name, null);
  const reader = readerOf(file);
  const source = await reader.read(file, { as, base });
  if (reader !== html) return noted(source);
  const own = base && source.site === new URL(base).hostname ? '' : source.site;
  return noted({ ...source, address: null, site: own });
}

/** Reads pasted text; markup is what the clipboard held beside it. */
export function readPasted(words: string, markup: string | null, as: ReadAs = 'auto'): Source {
  if (markup === null && looksLikeHtml(words))
    return noted(readPage(words, { as, address: null, form: { kind: 'pasted-page' } }));
  if (markup && /<(p|h[1-6]|li|blockquote|br)\b/i.test(markup)) {
    const source = fromMarkup(markup, { kind: 'pasted' });
    extractTitle(source, '');
    if (source.passages.length) return noted(source);
  }
  if (!words.trim()) throw new Failed({ code: 'empty', what: 'pasted' });
  return noted(readText(words, { kind: 'pasted' }));
}

/** The last step of every reading: sentences weighed and shortened, and all of it such that it can be stored. */
function noted(source: Source): Source {
  if (source.kind !== 'product' && !source.passages.length)
    throw new Failed({ code: 'empty', what: 'words' });
  const cut = cutSentences(source);
  return checkedSource(fitSource({ ...cut, sentences: annotate(cut) }));
}

const fileOf = async (bytes: Buffer, name: string, type: string | null): Promise<BroughtFile> => ({
  bytes,
  name,
  type,
  found: await fileTypeFromBuffer(bytes),
});

function readerOf(file: BroughtFile): Reader {
  const reader = READERS.find((r) => r.recognises(file));
  if (!reader) throw new Failed({ code: 'file-kind', readable: readableKinds() });
  return reader;
}
