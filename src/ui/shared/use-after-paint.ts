'use client';

import { startTransition, useEffect, useRef, useState } from 'react';

/** Changes that follow each other within so many milliseconds are typing, or a drag: what follows from them waits. */
const FLOW = {
  withinMs: 250,
  /** It comes when nothing changed for so long, and after so long in any case. */
  quietMs: 140,
  longestMs: 1500,
} as const;

/**
 * A value that follows another once the screen was painted: what a key changed is seen first, and what is worked out from
 * it comes after. While changes flow it comes at their first, then now and then, and when they pause, so that the next key
 * does not wait for it. Unlike useDeferredValue the work cannot begin before the paint.
 */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value);
  const latest = useRef(value);
  const timing = useRef({ changed: Number.NEGATIVE_INFINITY, came: Number.NEGATIVE_INFINITY });
  latest.current = value;
  useEffect(() => {
    if (value === shown) return;
    const now = performance.now();
    const flows = now - timing.current.changed < FLOW.withinMs;
    timing.current.changed = now;
    const wait = flows ? Math.max(0, Math.min(FLOW.quietMs, timing.current.came + FLOW.longestMs - now)) : 0;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let frame = 0;
    const after = () => {
      timer = setTimeout(() => {
        timing.current.came = performance.now();
        startTransition(() => setShown(() => latest.current));
      }, wait);
    };
    // A page in the background is not painted; it does not wait.
    if (document.visibilityState === 'hidden') after();
    else frame = requestAnimationFrame(after);
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [value, shown]);
  return shown;
}
