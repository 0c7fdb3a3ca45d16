import { Failed } from '../../core/failure.ts';
import { emptySource, type Source, type SourceForm, type SourceNote } from '../../core/source/types.ts';
import { languageOf } from '../../core/text/language.ts';
import { parsePage } from './dom.ts';
import { readHtml } from './html.ts';
import { pageMeta } from './meta.ts';
import { isProductPage, productFacts, productPictures } from './product.ts';
import type { ReadAs } from './readers/types.ts';

export interface PageOptions {
  as: ReadAs;
  /** Where it stands, and where its relative addresses lead; null when that is not known. */
  address: string | null;
  form: SourceForm;
}

/** Reads a page as an article or as a product, as it was asked for or as the page itself says. */
export function readPage(html: string, options: PageOptions): Source {
  const product = options.as === 'product' || (options.as === 'auto' && isProductPage(parsePage(html)));
  return product ? readProduct(html, options) : readHtml(html, options.address, options.form);
}

/** A product page: the fact sheet, its pictures, and its text below them. */
function readProduct(html: string, { address, form }: PageOptions): Source {
  const doc = parsePage(html);
  const meta = pageMeta(doc);
  let text: Source;
  try {
    text = readHtml(html, address, form);
  } catch (e) {
    if (!(e instanceof Failed)) throw e;
    text = emptySource('product', form);
  }
  const language = meta.language.toLowerCase() || languageOf(doc.body?.textContent ?? '');
  const facts = productFacts(doc, language);
  if (!facts.name && !facts.description && !text.passages.length)
    throw new Failed({ code: 'empty', what: 'product' });
  const notes: SourceNote[] = [];
  if (!facts.price) notes.push({ code: 'no-price' });
  if (!facts.features.length) notes.push({ code: 'no-features' });
  return {
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
  };
}

export const looksLikeHtml = (text: string): boolean =>
  /^\s*(<\?xml[^>]*>\s*)?(<!--[\s\S]*?-->\s*)?<(!doctype html|html|head|body|article|main|div|p|h1|section)\b/i.test(
    text.slice(0, 4000),
  );
