'use client';

import { startTransition, useEffect, useRef, useState } from 'react';

/**
 * A value that follows another once the screen was painted: what a key changed is seen first, and what is worked out from
 * it comes after. Unlike useDeferredValue the work cannot begin before the paint.
 */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value);
  const latest = useRef(value);
  const waiting = useRef(false);
  latest.current = value;
  useEffect(() => {
    if (value === shown || waiting.current) return;
    waiting.current = true;
    const after = () =>
      setTimeout(() => {
        waiting.current = false;
        startTransition(() => setShown(() => latest.current));
      });
    // A page in the background is not painted; it does not wait.
    if (document.visibilityState === 'hidden') after();
    else requestAnimationFrame(after);
  }, [value, shown]);
  return shown;
}
