import mammoth from 'mammoth';
import { Failed } from '../../../core/failure.ts';
import type { Source } from '../../../core/source/types.ts';
import { parsePage, textOf } from '../dom.ts';
import { fromMarkup } from '../mark-up-source.ts';
import { day, writerName } from '../meta.ts';
import { Package } from '../package.ts';
import { extractTitle } from '../title.ts';
import type { Reader } from './types.ts';

export const word: Reader = {
  label: 'Word (.docx)',
  endings: ['.docx'],
  recognises: ({ bytes, found }) =>
    found?.ext === 'docx' || (found?.ext === 'zip' && bytes.includes('word/document.xml')),
  read: ({ bytes }) => readDocx(bytes),
};

const WHAT = 'Word document';
/** Bytes of its parts together, pictures apart. */
const MOST_UNPACKED = 60_000_000;

/** Reads a Word document: headings, paragraphs, lists, quotations and tables by their styles. */
async function readDocx(bytes: Buffer): Promise<Source> {
  const parts = await Package.open(bytes, WHAT);
  await parts.measure(/\.(xml|rels)$/i, MOST_UNPACKED);
  let html: string;
  try {
    const done = await mammoth.convertToHtml(
      { buffer: bytes },
      {
        styleMap: [
          "p[style-name='Title'] => h1:fresh",
          "p[style-name='Subtitle'] => h2:fresh",
          "p[style-name='Quote'] => blockquote:fresh",
          "p[style-name='Intense Quote'] => blockquote:fresh",
        ],
        convertImage: mammoth.images.imgElement(async () => ({ src: '' })),
      },
    );
    html = done.value;
  } catch {
    throw new Failed({ code: 'damaged', what: WHAT });
  }
  const core = await coreProperties(parts);
  const source = fromMarkup(html, { kind: 'word' });
  source.author = writerName(core.author);
  source.date = core.date;
  extractTitle(source, core.title);
  return source;
}

async function coreProperties(parts: Package): Promise<{ title: string; author: string; date: string }> {
  const xml = (await parts.text('docProps/core.xml', MOST_UNPACKED)) ?? '';
  const tag = (name: string) =>
    textOf(parsePage(`<p>${new RegExp(`<${name}[^>]*>([^<]*)<`).exec(xml)?.[1] ?? ''}</p>`).body);
  return {
    title: tag('dc:title'),
    author: tag('dc:creator'),
    date: day(tag('dcterms:modified') || tag('dcterms:created')),
  };
}
