import { Readability } from '@mozilla/readability';
import { type Doc, type El, parsePage, textOf } from './dom.ts';

/** The element that holds the text: Readability's finding where it is sound, else the densest container. */
export function mainPart(doc: Doc, wholeText: number): El {
  const body = doc.body as unknown as El;
  const marked = doc.querySelector(
    '[itemprop="articleBody"], .e-content, .entry-content, .article-body, .post-content, .story-body',
  );
  if (marked && textOf(marked).length > 0.35 * wholeText) return marked as El;
  const copy = parsePage(`<html><body>${body.innerHTML}</body></html>`);
  let found: El | null = null;
  try {
    const parsed = new Readability(copy as never, {
      charThreshold: 120,
      keepClasses: true,
      nbTopCandidates: 8,
    }).parse();
    if (parsed?.content)
      found = parsePage(`<html><body>${parsed.content}</body></html>`).body as unknown as El;
  } catch {
    found = null;
  }
  const densest = densestPart(body);
  const a = found ? textOf(found).length : 0;
  const b = textOf(densest).length;
  return found && a > 0.92 * b && a < 1.3 * b ? found : densest;
}

/** Letters outside links in the paragraphs of an element, less those in links. */
function substance(e: El): number {
  const links = [...e.querySelectorAll('a')].reduce((s, x) => s + textOf(x).length, 0);
  return textOf(e).length - 2.2 * links;
}

/** The smallest element that holds nearly all of the page's running text. */
function densestPart(body: El): El {
  let at = body;
  for (;;) {
    const children = [...at.children].filter((c) => textOf(c).length > 0);
    const ranked = children.map((c) => ({ c, s: substance(c) })).sort((x, y) => y.s - x.s);
    const best = ranked[0];
    if (!best) return at;
    const loose = [...at.childNodes]
      .filter((n) => n.nodeType === 3)
      .reduce((s, n) => s + (n.textContent ?? '').trim().length, 0);
    const rest = ranked.slice(1).reduce((s, r) => s + Math.max(0, r.s), 0) + loose;
    if (best.s < 200 || /^(P|LI|BLOCKQUOTE|UL|OL|TBODY|TR)$/.test(best.c.tagName.toUpperCase())) {
      if (!/^(TBODY|TR)$/.test(best.c.tagName.toUpperCase())) return at;
    } else if (rest > 0.16 * best.s) return at;
    at = best.c;
  }
}
