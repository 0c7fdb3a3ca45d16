import { Failed } from '../../core/failure.ts';
import { emptySource, type Source, type SourceForm } from '../../core/source/types.ts';
import { languageOf } from '../../core/text/language.ts';
import { cleanPage, dropRepeated, type Note } from './clean.ts';
import { attr, type El, parsePage, textOf } from './dom.ts';
import { trimEdges } from './edges.ts';
import { mainPart } from './main-part.ts';
import { pageMeta } from './meta.ts';
import { PassageCollector } from './passages.ts';

/** Reads a page: what it is called, who wrote it, its passages and pictures, and what was left out. */
export function readHtml(html: string, address: string | null, form: SourceForm = { kind: 'page' }): Source {
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
  cleanPage(doc, source.title, note);
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

function emptyPage(html: string): Failed {
  const built = /<script/i.test(html) && /id=["']?(app|root|__next|main)\b/i.test(html);
  return built ? new Failed({ code: 'script-built' }) : new Failed({ code: 'empty', what: 'page' });
}
