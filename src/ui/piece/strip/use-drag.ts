import { type PointerEvent, useRef } from 'react';
import type { Frames } from '../../../core/time.ts';

/** So near, in pixels, something is drawn to a place where it likes to stand. */
const NEAR_PX = 7;

/**
 * What was taken hold of, as it was then: what is drawn may make the piece longer, and so may a voice that comes meanwhile.
 */
interface Held {
  x: number;
  at: Frames;
  likes: readonly Frames[];
  set(frame: Frames): void;
  perPixel: number;
}

/**
 * Pointer handlers of something in the strip that is drawn along it. perPixel: frames. at: the frame where it stands; likes:
 * frames where it likes to stand. reset: twice clicked.
 */
export function useDrag(perPixel: number) {
  const from = useRef<Held | null>(null);
  return (at: Frames, likes: readonly Frames[], set: (frame: Frames) => void, reset: () => void) => ({
    onPointerDown(e: PointerEvent) {
      if (e.button !== 0) return;
      e.stopPropagation();
      e.currentTarget.setPointerCapture(e.pointerId);
      from.current = { x: e.clientX, at, likes, set, perPixel };
    },
    onPointerMove(e: PointerEvent) {
      if (!from.current || e.buttons !== 1) return;
      e.stopPropagation();
      const { x, at, likes, set, perPixel } = from.current;
      const wanted = at + (e.clientX - x) * perPixel;
      const near = likes.find((f) => Math.abs(f - wanted) <= NEAR_PX * perPixel);
      set(Math.round(near ?? wanted));
    },
    onPointerUp() {
      from.current = null;
    },
    onDoubleClick: reset,
  });
}
