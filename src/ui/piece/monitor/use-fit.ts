'use client';

import { type CSSProperties, type RefObject, useEffect, useState } from 'react';

/** The largest size in which a picture of these proportions fits into an element, followed as it changes. */
export function useFit(
  room: RefObject<HTMLElement | null>,
  { width, height }: { width: number; height: number },
): CSSProperties {
  const [fit, setFit] = useState<CSSProperties>({ maxWidth: '100%', maxHeight: '100%' });
  useEffect(() => {
    const box = room.current;
    if (!box) return;
    const measure = () => {
      const k = Math.min(box.clientWidth / width, box.clientHeight / height);
      if (k > 0) setFit({ width: Math.floor(width * k), height: Math.floor(height * k) });
    };
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(box);
    return () => watch.disconnect();
  }, [room, width, height]);
  return fit;
}
