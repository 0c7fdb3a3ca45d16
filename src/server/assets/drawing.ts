import { DOMParser } from 'linkedom';
import { Failed } from '../../core/failure.ts';

/** Bytes of a drawing (SVG). */
const MOST_BYTES = 3_000_000;

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
  // Entities can be made to grow without end, or to read files.
  const text = bytes.toString('utf8').replace(/<!DOCTYPE[^>[]*(\[[\s\S]*?\])?[^>]*>/gi, '');
  const root = new DOMParser().parseFromString(text, 'image/svg+xml')
    .documentElement as unknown as Element | null;
  if (root?.localName !== 'svg') throw new Failed({ code: 'drawing-damaged' });
  clean(root);
  if (!root.getAttribute('xmlns')) root.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  return Buffer.from(root.toString(), 'utf8');
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
