import type { ScenePatch } from './edit.ts';
import type { Scene, Span } from './types.ts';

/**
 * Highlighted parts after the text was changed: what stands before and after the change moves with its letters, what was
 * typed inside a highlighted part belongs to it, parts that were deleted go.
 */
export function shiftHighlights(highlights: readonly Span[], before: string, after: string): Span[] {
  if (!highlights.length || before === after) return [...highlights];
  let head = 0;
  const most = Math.min(before.length, after.length);
  while (head < most && before[head] === after[head]) head++;
  let tail = 0;
  while (tail < most - head && before[before.length - 1 - tail] === after[after.length - 1 - tail]) tail++;
  const cutEnd = before.length - tail;
  const grow = after.length - before.length;
  const move = (at: number, isEnd: boolean): number => {
    if (at <= head) return at;
    if (at >= cutEnd) return at + grow;
    return isEnd ? head : after.length - tail;
  };
  return tidy(
    highlights.map(([s, e]): Span => [move(s, false), move(e, true)]),
    after.length,
  );
}

/** In order, inside the text, joined where they touch, none empty. */
export function tidy(highlights: readonly Span[], length: number): Span[] {
  const out: Span[] = [];
  for (const [s, e] of [...highlights].sort((a, b) => a[0] - b[0])) {
    const [start, end] = [Math.max(0, s), Math.min(length, e)];
    if (end <= start) continue;
    const last = out[out.length - 1];
    if (last && start <= last[1]) last[1] = Math.max(last[1], end);
    else out.push([start, end]);
  }
  return out;
}

/** Highlights a part, or takes the highlight off when the whole part has it. */
export function toggleHighlight(highlights: readonly Span[], span: Span, length: number): Span[] {
  const [s, e] = span;
  if (e <= s) return [...highlights];
  const whole = highlights.some(([a, b]) => a <= s && b >= e);
  if (!whole) return tidy([...highlights, span], length);
  return tidy(
    highlights.flatMap(([a, b]): Span[] =>
      a < e && b > s
        ? [
            [a, Math.min(b, s)],
            [Math.max(a, e), b],
          ]
        : [[a, b]],
    ),
    length,
  );
}

/**
 * The patch for new shown words; highlights go along. Without highlights it is the words alone, so that typing can be merged. Words
 * typed on a picture that stood alone are to be seen.
 */
export function shownPatch(scene: Scene, shown: string): ScenePatch {
  if (scene.layout === 'plain' && scene.shown === '' && shown !== '') return { shown, layout: 'caption' };
  return scene.highlights.length
    ? { shown, highlights: shiftHighlights(scene.highlights, scene.shown, shown) }
    : { shown };
}
