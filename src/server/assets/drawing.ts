import { DOMParser } from 'linkedom';
import { Failed } from '../../core/failure.ts';

/** Bytes of a drawing (SVG). */
const MOST_BYTES = 3_000_000;

/** Elements that are drawn, those that `use` draws again included. */
const MOST_DRAWN = 100_000;

const ELEMENTS = new Set(
  'svg g defs symbol use path rect circle ellipse line polyline polygon text tspan title desc lineargradient radialgradient stop clippath mask pattern filter feblend fecolormatrix fecomposite feflood fegaussianblur femerge femergenode feoffset fedropshadow style marker image'.split(
    ' ',
  ),
);

export const isDrawing = (bytes: Buffer): boolean =>
  /^\uFEFF?\s*(<\?xml|<!--|<!DOCTYPE\s+svg|<svg)/i.test(bytes.subarray(0, 200).toString('utf8')) &&
  /<svg[\s>]/i.test(bytes.subarray(0, 4000).toString('utf8'));

/**
 * A drawing without anything that could run or be fetched: only elements on the list, no event attributes, and
 * references only to itself or to pictures that it holds.
 */
export function safeDrawing(bytes: Buffer): Buffer {
  if (bytes.length > MOST_BYTES) throw new Failed({ code: 'drawing-large', most: MOST_BYTES });
  const root = new DOMParser().parseFromString(fromRoot(bytes.toString('utf8')), 'image/svg+xml')
    .documentElement as unknown as Element | null;
  if (root?.localName !== 'svg') throw new Failed({ code: 'drawing-damaged' });
  clean(root);
  if (timesDrawn(root) > MOST_DRAWN) throw new Failed({ code: 'drawing-repeats', most: MOST_DRAWN });
  if (!root.getAttribute('xmlns')) root.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  return Buffer.from(root.toString(), 'utf8');
}

/**
 * A drawing from its root on. What stands before it is left out: entities of a DOCTYPE can be made to grow without end, or to
 * read files.
 */
function fromRoot(text: string): string {
  let at = 0;
  for (;;) {
    const root = text.indexOf('<svg', at);
    const comment = text.indexOf('<!--', at);
    if (comment < 0 || comment > root) return root < 0 ? '' : text.slice(root);
    const end = text.indexOf('-->', comment);
    if (end < 0) return '';
    at = end;
  }
}

/** How many elements are drawn when every `use` is followed; more than can be counted for one that leads to itself. */
function timesDrawn(root: Element): number {
  const named = new Map<string, Element>();
  for (const e of root.querySelectorAll('[id]')) named.set(e.id, e);
  const known = new Map<Element, number>();
  const count = (e: Element): number => {
    const have = known.get(e);
    if (have !== undefined) return have;
    // While it is being counted it is without end: whoever asks then has come round.
    known.set(e, Number.POSITIVE_INFINITY);
    let n = 1;
    for (const child of e.children) n += count(child);
    if (e.localName === 'use') {
      const target = named.get((e.getAttribute('href') ?? e.getAttribute('xlink:href') ?? '').slice(1));
      if (target) n += count(target);
    }
    known.set(e, n);
    return n;
  };
  return count(root);
}

function clean(element: Element): void {
  for (const child of [...element.children]) {
    if (!ELEMENTS.has(child.localName.toLowerCase())) child.remove();
    else clean(child);
  }
  for (const { name, value } of [...element.attributes]) {
    const key = name.toLowerCase();
    const reference = key === 'href' || key === 'xlink:href';
    if (
      key.startsWith('on') ||
      (reference && !/^(#|data:image\/(png|jpeg|webp);base64,)/i.test(value.trim())) ||
      /url\(\s*['"]?(?!#)/i.test(value)
    )
      element.removeAttribute(name);
  }
  if (element.localName === 'style' && /@import|url\(\s*['"]?(?!#)/i.test(element.textContent ?? ''))
    element.remove();
}
