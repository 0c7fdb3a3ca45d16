import { emptySource, type Source } from '../../core/source/types.ts';
import { attr, type El, parsePage, textOf } from './dom.ts';
import { trimEdges } from './edges.ts';
import { PASTE_INSTEAD, ReadError } from './errors.ts';
import { languageOf } from './language.ts';
import { mainPart } from './main-part.ts';
import { pageMeta } from './meta.ts';
import { PassageCollector } from './passages.ts';
import { dropRepeated, type Note, strip } from './strip.ts';

/** Reads a page: what it is called, who wrote it, its passages and pictures, and what was left out. */
export function readHtml(html: string, address: string | null, form = 'Web page'): Source {
  const doc = parsePage(html);
  const meta = pageMeta(doc);
  const base = attr(doc.querySelector('base[href]'), 'href') || address;
  const source: Source = {
    ...emptySource('article', form),
    title: meta.title,
    author: meta.author,
    date: meta.date,
    site: meta.site || (address ? siteOf(address) : ''),
    address,
    language: meta.language.toLowerCase(),
  };
  const left: Source['left'] = [];
  const note: Note = (e, why) => {
    const text = textOf(e);
    if (text.length > 3 && left.length < 60) left.push({ text: text.slice(0, 240), why });
  };
  strip(doc, source.title, note);
  const pulled = dropRepeated(doc);
  const body = doc.body as unknown as El;
  const wholeText = textOf(body).length;
  const root = mainPart(doc, wholeText);
  source.language ||= languageOf(textOf(root));
  const collector = new PassageCollector(base, source.language);
  collector.walk(root);
  source.passages = trimEdges(collector.passages, source.title, source.author, note);
  source.pictures = collector.pictures;
  source.left = [...left, ...pulled];
  const kept = new Set(source.passages.map((p) => p.id));
  for (const p of source.pictures) {
    if (p.after && !kept.has(p.after)) {
      const order = collector.passages.findIndex((x) => x.id === p.after);
      p.after = collector.passages.slice(0, order + 1).findLast((x) => kept.has(x.id))?.id ?? null;
    }
  }
  if (!source.passages.length) throw emptyPage(html);
  return source;
}

/** The name of a site by its host; an address in figures names nobody. */
function siteOf(address: string): string {
  const { hostname } = new URL(address);
  return /^[\d.:[\]]+$/.test(hostname) || hostname === 'localhost' ? '' : hostname.replace(/^www\./, '');
}

function emptyPage(html: string): ReadError {
  if (/<script/i.test(html) && /id=["']?(app|root|__next|main)\b/i.test(html))
    return new ReadError(
      'script-built',
      `This page is built by scripts in the browser, and none are run here, so there are no words on it. ${PASTE_INSTEAD}`,
    );
  return new ReadError('empty', `No words could be found on this page. ${PASTE_INSTEAD}`);
}
