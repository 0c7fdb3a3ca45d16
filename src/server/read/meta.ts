import { plainTitle } from '../../core/text/titles.ts';
import { attr, type Doc, textOf } from './dom.ts';

/** What a page says of itself. Empty strings where it is silent. */
export interface PageMeta {
  title: string;
  author: string;
  date: string;
  site: string;
  language: string;
}

type Thing = Record<string, unknown>;

/** Every object of the page's JSON-LD, graphs and lists opened. Broken blocks are passed over. */
export function jsonLd(doc: Doc): Thing[] {
  const out: Thing[] = [];
  const open = (v: unknown, depth: number): void => {
    if (depth > 6 || v === null || typeof v !== 'object') return;
    if (Array.isArray(v)) {
      for (const x of v.slice(0, 200)) open(x, depth + 1);
      return;
    }
    const thing = v as Thing;
    out.push(thing);
    for (const key of ['@graph', 'mainEntity', 'mainEntityOfPage', 'itemListElement', 'item'])
      open(thing[key], depth + 1);
  };
  for (const s of doc.querySelectorAll('script[type*="ld+json"]')) {
    const text = (s.textContent ?? '')
      .replace(/^\s*(<!--|\/\*<!\[CDATA\[\*\/)/, '')
      .replace(/(-->|\/\*\]\]>\*\/)\s*$/, '');
    try {
      open(JSON.parse(text), 0);
    } catch {
      try {
        open(JSON.parse(text.replace(/[\n\r\t]+/g, ' ').replace(/,\s*([}\]])/g, '$1')), 0);
      } catch {
        // A block that is no JSON says nothing.
      }
    }
  }
  return out;
}

export const isType = (thing: Thing, pattern: RegExp): boolean =>
  [thing['@type']].flat().some((t) => typeof t === 'string' && pattern.test(t));

/** A text of a JSON-LD value: strings, numbers, {name}, {@value}, first of a list. */
export function said(v: unknown): string {
  if (typeof v === 'string') return v.replace(/\s+/g, ' ').trim();
  if (typeof v === 'number') return String(v);
  if (Array.isArray(v)) return said(v[0]);
  if (v && typeof v === 'object') return said((v as Thing).name ?? (v as Thing)['@value'] ?? '');
  return '';
}

const meta = (doc: Doc, ...names: string[]): string => {
  for (const n of names) {
    const e = doc.querySelector(`meta[property="${n}" i], meta[name="${n}" i], meta[itemprop="${n}" i]`);
    const v = attr(e, 'content').replace(/\s+/g, ' ');
    if (v) return v;
  }
  return '';
};

/** Title, author, date, site and language, from the most explicit statement to the least. */
export function pageMeta(doc: Doc): PageMeta {
  const things = jsonLd(doc);
  const article = things.find((t) => isType(t, /Article$|BlogPosting|Report|Review$/)) ?? {};
  const authors = [article.author].flat().map(said).filter(Boolean);
  const site = said(article.publisher) || meta(doc, 'og:site_name', 'application-name', 'publisher');
  const headings = [...doc.querySelectorAll('h1')].filter((h) => textOf(h));
  const lone =
    headings.length === 1
      ? headings[0]
      : (headings.find((h) => /title|head|titre/i.test(attr(h, 'class'))) ?? headings[0]);
  const documentTitle = textOf(doc.querySelector('title'));
  const h1 = lone
    ? textOf(lone.querySelector('.headline, [itemprop="headline"], [class*="headline"]') ?? lone)
    : '';
  const declared =
    said(article.headline) ||
    meta(doc, 'og:title', 'twitter:title') ||
    textOf(doc.querySelector('[itemprop="headline"]'));
  const title = pickTitle(declared, h1, documentTitle, site, doc);
  return {
    title: plainTitle(title),
    author: writerName(
      authors.slice(0, 3).join(', ') ||
        meta(doc, 'author', 'article:author', 'dc.creator', 'parsely-author') ||
        byline(doc),
    ),
    date: day(
      said(article.datePublished) ||
        meta(
          doc,
          'article:published_time',
          'datePublished',
          'date',
          'dc.date',
          'dc.date.issued',
          'dcterms.date',
          'dcterms.created',
          'pubdate',
          'parsely-pub-date',
        ) ||
        timeOf(doc),
    ),
    site: lastOf(site || siteFromTitle(documentTitle, title)),
    language:
      attr(doc.documentElement, 'lang') ||
      attr(doc.documentElement, 'xml:lang') ||
      meta(doc, 'og:locale').replace('_', '-') ||
      said(article.inLanguage),
  };
}

function pickTitle(declared: string, h1: string, documentTitle: string, site: string, doc: Doc): string {
  const strip = (t: string) => {
    const parts = t.split(/\s+[|·—–-]\s+|\s+»\s+/);
    if (parts.length < 2) return t;
    const rest = parts.filter((p) => p.toLowerCase() !== site.toLowerCase());
    return rest.length < parts.length && rest.length ? rest.join(' – ') : t;
  };
  if (h1 && documentTitle.includes(h1)) return h1;
  if (declared) return strip(declared);
  if (h1) return h1;
  const inPage = [...doc.querySelectorAll('h2, h3, [class*="title"], [class*="headline"]')]
    .map((e) => textOf(e))
    .find((t) => t.length > 8 && documentTitle.includes(t));
  if (inPage) return inPage;
  const parts = documentTitle.split(/\s+[|·—–]\s+/);
  return parts.length > 1 ? parts.reduce((a, b) => (b.length > a.length ? b : a)) : documentTitle;
}

function siteFromTitle(documentTitle: string, title: string): string {
  if (!title || !documentTitle.startsWith(title)) return '';
  return documentTitle.slice(title.length).replace(/^[\s|·—–-]+/, '');
}

const BY =
  /^(?:by|words|text|von|par|de|por|posted by|written by|author|autor(?:in)?)[:\s]+(.{3,60}?)(?:\s*[|·•,]\s.*|\s+on\s.*)?$/i;

/** The writer's name as the page shows it. */
function byline(doc: Doc): string {
  for (const e of doc.querySelectorAll(
    '[rel="author"], [itemprop="author"], .p-author, .author, .autor, .byline, .by-line, .by, [class*="byline"], [class*="author-name"], address, .post-meta span',
  )) {
    if (/box|bio|about/i.test(attr(e, 'class'))) continue;
    const text = textOf(e);
    if (text.length > 2 && text.length < 90) return BY.exec(text)?.[1] ?? text;
  }
  const named = definition(doc, /^(from|by|author|written by|autor(in)?|auteur)\b/i);
  if (named) return named;
  for (const e of doc.querySelectorAll(
    '[class*="meta" i], [class*="info" i], [class*="date" i], [class*="post" i] > p:first-of-type',
  )) {
    const text = textOf(e);
    const m =
      text.length < 130
        ? /\b(?:by|von|par|por)\s+(\p{Lu}[\p{L}.'’-]+(?:\s+\p{Lu}[\p{L}.'’-]+){1,3})/u.exec(text)
        : null;
    if (m?.[1]) return m[1];
  }
  const head = [...doc.querySelectorAll('p, div, span, font, small')].slice(0, 400);
  for (const e of head) {
    const text = textOf(e);
    const m = text.length < 90 ? BY.exec(text) : null;
    if (m?.[1] && /^\p{Lu}/u.test(m[1])) return m[1].replace(/,\s*\d.*$/, '');
  }
  return '';
}

/** What a list of facts says under a name. */
function definition(doc: Doc, name: RegExp): string {
  const dt = [...doc.querySelectorAll('dt, th')].find((e) => name.test(textOf(e)));
  const value = textOf(dt?.nextElementSibling);
  return value.length < 90 ? value : '';
}

/** A name as it is called, without what stands round it; empty where there is none. */
export function writerName(author: string): string {
  const name = BY.exec(author)?.[1] ?? author;
  if (/^https?:/.test(name)) return '';
  const bare = name
    .replace(/\s*[|·].*$/, '')
    .replace(BESIDE_NAME, '')
    .trim();
  return /\p{L}{2}/u.test(bare) ? bare : '';
}

/** What stands behind a name: when it was written, what its bearer does, what more there is, where to follow. */
const BESIDE_NAME =
  /[\s,]*(?:\d|@|\b(?:posted|published|updated|more (?:from|by)|comments?|follow|senior|staff|contributing|special|chief)\b(?!$)|\b(?:correspondent|reporter|editor|writer|columnist)s?\b).*$/iu;

/** Of what a page calls its site with all its rooms, the last: "Money - Life - The Marsh Post". */
const lastOf = (site: string): string =>
  site
    .split(/\s+[-–—|·•»]\s+/)
    .at(-1)
    ?.trim() ?? '';

function timeOf(doc: Doc): string {
  const e = doc.querySelector('time[datetime], [itemprop="datePublished"], abbr.published, .dt-published');
  const own = attr(e, 'datetime') || attr(e, 'content') || attr(e, 'title');
  if (own) return own;
  const published = definition(doc, /^(published|date|issued|veröffentlicht|publié|data)\b/i);
  if (published) return published;
  const near = [
    ...doc.querySelectorAll('.byline, .by-line, .date, [class*="date"], small, font, .meta, p'),
  ].slice(0, 60);
  for (const n of near) {
    const text = textOf(n);
    const m =
      text.length < 160
        ? /\b(\d{4}-\d{2}-\d{2}|\d{1,2}\.? (?:January|February|March|April|May|June|July|August|September|October|November|December) \d{4}|\d{1,2}\.\d{1,2}\.\d{4})\b/.exec(
            text,
          )
        : null;
    if (m) return m[0];
  }
  return '';
}

/** The ISO day of a date, or the words as they are. */
export function day(text: string): string {
  const iso = /^\d{4}-\d{2}-\d{2}/.exec(text.trim());
  if (iso) return iso[0];
  const dotted = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(text.trim());
  if (dotted)
    return `${dotted[3]}-${String(dotted[2]).padStart(2, '0')}-${String(dotted[1]).padStart(2, '0')}`;
  const t = Date.parse(`${text} UTC`);
  return /\d{4}/.test(text) && !Number.isNaN(t) ? new Date(t).toISOString().slice(0, 10) : text;
}
