'use client';

import type { ArticlePart } from '../../core/outline/in-place.ts';
import { clock } from '../../core/time.ts';

/** A scene on the rule is at least so high, share of the whole. */
const LEAST = 0.012;

/** A rule down the margin: the whole article from top to bottom, and on it where the seconds of the piece go. */
export function ArticleRule({
  parts,
  times,
  onGo,
}: {
  parts: readonly ArticlePart[];
  /** Of each line, ms. */
  times: readonly number[];
  /** at: number of the part. */
  onGo: (at: number) => void;
}) {
  const total = Math.max(
    1,
    parts.reduce((n, p) => n + p.words, 0),
  );
  let words = 0;
  let ms = 0;
  const marks = parts.flatMap((part, at) => {
    const from = words / total;
    words += part.words;
    if (part.kind !== 'scene') return [];
    const start = ms;
    ms += times[part.index] ?? 0;
    return [{ at, index: part.index, from, share: part.words / total, start, end: ms }];
  });
  return (
    <div className="rule" aria-hidden>
      <span className="rule__whole">
        {marks.map((m) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: a second way for the mouse; the scenes themselves are in reach of the keys
          // biome-ignore lint/a11y/useKeyWithClickEvents: as above
          <span
            key={m.at}
            className="rule__scene"
            title={`Scene ${m.index + 1}: ${clock(m.start)} to ${clock(m.end)}`}
            style={{ top: `${m.from * 100}%`, height: `${Math.max(LEAST, m.share) * 100}%` }}
            onClick={() => onGo(m.at)}
          >
            <small>{clock(m.start)}</small>
          </span>
        ))}
      </span>
    </div>
  );
}
