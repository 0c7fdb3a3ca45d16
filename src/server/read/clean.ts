import type { LeftOut, Source } from '../../core/source/types.ts';
import { looksLikeCode } from '../../core/text/code.ts';
import { attr, type Doc, type El, labelOf, textOf } from './dom.ts';

/** Told what was taken off, and why. */
export type Note = (e: { textContent: string | null }, why: LeftOut) => void;

/** Parts of a page that are never its text, by what they are called. */
const NOISE: [RegExp, LeftOut][] = [
  [/cookie|consent|gdpr|privacy-(banner|notice)|cmp-/i, 'cookies'],
  [/newsletter|sign-?up|subscri|paywall|promo\b|upsell/i, 'subscribe'],
  [/\b(share|sharing|social|sharedaddy|shariff)\b|share-|-share|social-/i, 'share'],
  [
    /related|recirc|recommend|more-on|read-?(more|next|also)|see-?also|more-?(from|stories|articles)|teaser|most-?read|next-up|also-like|mehr-zum|outbrain|taboola/i,
    'other-articles',
  ],
  [/comment|discussion|disqus|forum|\brepl(y|ies)\b|respon(d|se)|guestbook/i, 'comments'],
  [
    /breadcrumb|pagination|pager|post-nav|nav-links|\bmenu\b|navbar|navigation|skip-?link|\bskip\b|\btoc\b|table-of-contents|toolbar|ticker/i,
    'navigation',
  ],
  [/\bad\b|\bads\b|advert|sponsor|banner|ad-slot|adslot/i, 'advertisement'],
  [
    /author-?(box|bio|info|card|profile|desc|about)|about-(the-)?author|(^|[\s_-])bio([\s_-]|$)|post-?footer/i,
    'author',
  ],
  [/feedback|was-this|rate-this|meta-?bar|phase-banner|(^|\s)(post-)?actions(\s|$)|top-?bar/i, 'frame'],
  [
    /footnote|correction|copyright|\bcredits?\b|print-only|\btags?\b|entry-meta|post-tags|kicker/i,
    'small-print',
  ],
  [
    /(?<!(has|with|no|left|right)[-_])\bside-?bar\b|(^|\s)(widget|widget-area|right-rail|rail|x-rail)(\s|$)/i,
    'side-column',
  ],
  [/(^|[\s_-])(foot|footer|fuss|pied|colophon|imprint)(\s|$)/i, 'frame'],
];
/** These may hold more text than the article itself. */
const TALKATIVE = new Set<LeftOut>(['comments', 'cookies', 'other-articles']);
/** Names that stand round whole pages, and must not bring them down. */
const SHELTERED = /^(HTML|BODY|MAIN|ARTICLE)$/;

const cleanLabel = (e: El): string => labelOf(e).replace(/([a-z])([A-Z])/g, '$1-$2');

/** A few words in the middle of a sentence belong to it, whatever they are called. */
function inSentence(e: El): boolean {
  if (!/^(SPAN|A|EM|STRONG|B|I|ABBR|MARK|U|FONT|CITE|Q|SMALL)$/.test(e.tagName.toUpperCase())) return false;
  const beside = (n: { nodeType: number; textContent: string | null } | null) =>
    n?.nodeType === 3 && /[\p{L}\p{N}]/u.test(n.textContent ?? '');
  return beside(e.previousSibling) && beside(e.nextSibling);
}

/** How much text a page holds, kept while parts of it are taken off: to ask all of it for each part takes too long. */
class BodyText {
  length: number;

  constructor(doc: Doc) {
    this.length = textOf(doc.body).length;
  }

  remove(e: El): void {
    this.length -= textOf(e).length;
    e.remove();
  }
}

/** What a page calls a listing. */
const LISTING = /screen|code|listing|highlight|literal|verbatim|console|terminal|shell|synopsis|example/i;

/** Set in the letters of a typewriter: something to be typed, and not a poem. */
function isListing(e: El): boolean {
  if (LISTING.test(labelOf(e)) || e.querySelector('code, kbd, samp, tt')) return true;
  const lines = (e.textContent ?? '').split('\n').filter((l) => l.trim());
  return lines.filter(looksLikeCode).length * 4 >= lines.length;
}

/** Takes off what is not text, and what is hidden. */
export function cleanPage(doc: Doc, title: string, note: Note): void {
  for (const n of doc.querySelectorAll('noscript')) {
    const image = /<img[^>]+>/i.exec(n.innerHTML)?.[0];
    const before = n.previousElementSibling;
    if (image && before?.tagName.toUpperCase() === 'IMG') {
      const src = /\ssrc=["']?([^"'\s>]+)/i.exec(image)?.[1];
      if (src && !attr(before, 'data-src')) before.setAttribute('data-src', src);
    }
    n.remove();
  }
  for (const e of doc.querySelectorAll(
    'script, style, template, svg, iframe, object, embed, canvas, video, audio, button, input, select, textarea, link, dialog, map',
  ))
    e.remove();
  for (const e of doc.querySelectorAll('pre'))
    if (isListing(e)) {
      note(e, 'code');
      e.remove();
    }
  for (const e of [...doc.querySelectorAll('[hidden], [aria-hidden="true"], [style]')]) {
    const gone =
      e.hasAttribute('hidden') ||
      /display\s*:\s*none|visibility\s*:\s*hidden/i.test(attr(e, 'style')) ||
      (attr(e, 'aria-hidden') === 'true' && !e.querySelector('img'));
    if (gone && e.parentNode) {
      note(e, 'hidden');
      e.remove();
    }
  }
  const body = new BodyText(doc);
  for (const [selector, why] of [
    ['nav, [role="navigation"], menu', 'navigation'],
    ['[role="dialog"], [role="alertdialog"], [aria-modal="true"]', 'cookies'],
    ['[role="contentinfo"], [role="search"], [role="banner"]', 'frame'],
    ['form', 'form'],
  ] as const)
    for (const e of [...doc.querySelectorAll(selector)]) {
      if (!e.parentNode || textOf(e).length > 0.6 * body.length) continue;
      note(e, why);
      body.remove(e);
    }
  for (const e of [...doc.querySelectorAll('header, footer')]) {
    if (!e.parentNode || e.closest('blockquote, figure')) continue;
    if (e.tagName.toUpperCase() === 'HEADER' && e.querySelector('p') && e.closest('article, main')) continue;
    note(e, 'frame');
    body.remove(e);
  }
  for (const e of [...doc.querySelectorAll('body *')]) {
    if (!e.parentNode || !e.closest('body') || SHELTERED.test(e.tagName.toUpperCase())) continue;
    const found = NOISE.find(([p]) => p.test(cleanLabel(e)));
    if (!found) continue;
    const text = textOf(e);
    if (inSentence(e)) continue;
    const rest = body.length - text.length;
    const holdsTitle =
      text.length > 400 && (e.querySelector('h1') !== null || (title.length > 8 && text.includes(title)));
    if (holdsTitle || (TALKATIVE.has(found[1]) ? rest < 300 : text.length > rest)) continue;
    note(e, found[1]);
    body.remove(e);
  }
  dropLinkLists(doc, note);
  // Other articles beside or below the longest one.
  const articles = [...doc.querySelectorAll('article')].filter((a) => !a.querySelector('article'));
  const longest = articles.reduce<El | null>(
    (best, a) => (best && textOf(best).length >= textOf(a).length ? best : a),
    null,
  );
  for (const e of articles)
    if (e !== longest) {
      note(e, 'other-articles');
      e.remove();
    }
  for (const e of [...doc.querySelectorAll('aside')]) {
    if (!e.parentNode) continue;
    note(e, 'aside');
    e.remove();
  }
}

/** Paragraphs and lists that are nothing but links lead to other pages. */
function dropLinkLists(doc: Doc, note: Note): void {
  const linked = (e: El) => {
    const text = textOf(e).length;
    return (
      text > 0 && [...e.querySelectorAll('a[href]')].reduce((s, a) => s + textOf(a).length, 0) > 0.82 * text
    );
  };
  // A link round a heading or a paragraph is a card that leads elsewhere.
  for (const a of [...doc.querySelectorAll('a[href]')]) {
    if (!a.parentNode || !a.querySelector('h2, h3, h4, p') || a.querySelector('h1') || textOf(a).length > 400)
      continue;
    note(a, 'links');
    a.remove();
  }
  for (const e of [...doc.querySelectorAll('p, div, h2, h3, h4, h5, h6, ul, ol, x-teaser')]) {
    if (e.tagName.toUpperCase() === 'DIV' && e.querySelector('p, div, section, article, h1, ul')) continue;
    if (!e.parentNode || e.querySelector('img') || !linked(e)) continue;
    const items = e.querySelectorAll('li').length;
    if (/^(UL|OL)$/.test(e.tagName.toUpperCase()) ? items < 2 : textOf(e).length > 160) continue;
    note(e, 'links');
    e.remove();
  }
}

/** Quotations that are printed twice, once in the text and once large beside it. */
export function dropRepeated(doc: Doc): Source['left'] {
  const out: Source['left'] = [];
  // Beyond so many nobody repeats a sentence, and each is looked for in the whole text.
  const quotes = [...doc.querySelectorAll('blockquote, [class*="pull"], [class*="quote"]')].slice(0, 200);
  for (const e of quotes) {
    const text = textOf(e).replace(/[“”"«»]/g, '');
    if (text.length < 20 || !e.parentNode) continue;
    const rest = textOf(doc.body).replace(/[“”"«»]/g, '');
    if (rest.split(text).length > 2) {
      out.push({ text: text.slice(0, 240), why: 'twice' });
      e.remove();
    }
  }
  return out;
}
