import { parseHTML } from 'linkedom';
import { parse, serialize } from 'parse5';
import { Failed } from '../../core/failure.ts';

/** The parts of a document that the readers use; linkedom's own types stand on the browser's. */
export type Doc = Document;
export type El = Element;

/** More of a page than this is not looked at. */
const MOST_ELEMENTS = 60_000;
const DEEPEST = 400;

/** Parses a page by the standard's rules (implied and misnested tags included), without running anything on it. */
export function parsePage(html: string): Doc {
  const tree = parse(html);
  measureTree(tree);
  return parseHTML(serialize(tree)).document as unknown as Doc;
}

/** Refuses pages that are built to exhaust a reader. */
function measureTree(tree: unknown): void {
  type Node = { childNodes?: Node[]; content?: Node };
  let level = [tree as Node];
  let count = 0;
  for (let depth = 0; level.length; depth++) {
    count += level.length;
    if (count > MOST_ELEMENTS * 3 || depth > DEEPEST) throw new Failed({ code: 'nested' });
    level = level.flatMap((n) => [...(n.childNodes ?? []), ...(n.content ? [n.content] : [])]);
  }
}

export const textOf = (e: { textContent: string | null } | null | undefined): string =>
  (e?.textContent ?? '')
    .replace(/[\u00ad\u200b\ufeff]/g, '')
    .replace(/[\s\u00a0]+/g, ' ')
    .trim();

export const attr = (e: El | null | undefined, name: string): string => (e?.getAttribute(name) ?? '').trim();

/** id and class names in one string, for guessing what a part is. */
export const labelOf = (e: El): string =>
  `${attr(e, 'id')} ${attr(e, 'class')} ${attr(e, 'role')} ${attr(e, 'data-component')}`;

/** An address made whole, or null when it is none that a picture or page can have. */
export function absolute(href: string, base: string | null): string | null {
  if (!href || /^(javascript|about|blob):/i.test(href)) return null;
  try {
    const url = base ? new URL(href, base) : new URL(href);
    return /^https?:$/.test(url.protocol) ? url.href : null;
  } catch {
    return null;
  }
}
