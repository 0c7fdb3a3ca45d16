/** Where a caret stands in a field, measured on the mirror that lies under it with the same text and layout. */

function place(mirror: HTMLElement, offset: number): DOMRect | null {
  const walker = document.createTreeWalker(mirror, NodeFilter.SHOW_TEXT);
  let left = offset;
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const length = node.textContent?.length ?? 0;
    if (left <= length) {
      const range = document.createRange();
      range.setStart(node, left);
      range.setEnd(node, left);
      return range.getClientRects()[0] ?? range.getBoundingClientRect();
    }
    left -= length;
  }
  return null;
}

const textLength = (mirror: HTMLElement): number => Math.max(0, (mirror.textContent?.length ?? 1) - 1);

/** The visual line of an offset, from 0, and how many there are. */
export function lineOf(mirror: HTMLElement, offset: number): { line: number; lines: number } {
  const height = Number.parseFloat(getComputedStyle(mirror).lineHeight) || 22;
  const top = place(mirror, 0)?.top ?? 0;
  const row = (at: number) => Math.round(((place(mirror, at)?.top ?? top) - top) / height);
  return { line: row(offset), lines: row(textLength(mirror)) + 1 };
}

/** How far from the left an offset stands, pixels of the page. */
export const xOf = (mirror: HTMLElement, offset: number): number => place(mirror, offset)?.left ?? 0;

/** The offset on the first or the last visual line that is nearest to x. */
export function offsetAt(mirror: HTMLElement, x: number, edge: 'first' | 'last'): number {
  const length = textLength(mirror);
  const { lines } = lineOf(mirror, 0);
  const wanted = edge === 'first' ? 0 : lines - 1;
  let best = edge === 'first' ? 0 : length;
  let distance = Number.POSITIVE_INFINITY;
  for (let at = 0; at <= length; at++) {
    if (lineOf(mirror, at).line !== wanted) continue;
    const d = Math.abs(xOf(mirror, at) - x);
    if (d < distance) {
      distance = d;
      best = at;
    }
  }
  return best;
}
