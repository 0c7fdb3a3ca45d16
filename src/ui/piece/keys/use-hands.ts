'use client';

import { useEffect, useRef } from 'react';
import { usePiece, useTimelineNow } from '../context.ts';
import { useRowActions } from '../sheet/use-row-actions.ts';
import type { Hands } from './actions.ts';

/** What actions are done with, from anywhere on the screen. */
export function useHands(): Hands {
  const piece = usePiece();
  const timeline = useTimelineNow();
  const page = useRef<HTMLElement | null>(null);
  useEffect(() => {
    page.current = document.body;
  }, []);
  const rows = useRowActions(page);
  return { piece, rows, timeline };
}
