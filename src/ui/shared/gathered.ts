'use client';

import { useCallback, useEffect, useRef } from 'react';

/** Files of one choice or drop are announced one by one; this hands them on together. */
const TOGETHER_MS = 60;

export function useGathered(onFiles: (files: File[]) => void): (file: File) => void {
  const pending = useRef<File[]>([]);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const latest = useRef(onFiles);
  latest.current = onFiles;
  useEffect(
    () => () => {
      if (timer.current) clearTimeout(timer.current);
    },
    [],
  );
  return useCallback((file: File) => {
    pending.current.push(file);
    timer.current ??= setTimeout(() => {
      timer.current = null;
      const files = pending.current;
      pending.current = [];
      latest.current(files);
    }, TOGETHER_MS);
  }, []);
}
