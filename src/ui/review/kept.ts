'use client';

import { useEffect, useState } from 'react';

/** A text that stays in the browser, so that a reload loses nothing. */
export function useKept(key: string): [string, (text: string) => void] {
  const [text, setText] = useState('');
  useEffect(() => setText(window.localStorage.getItem(key) ?? ''), [key]);
  return [
    text,
    (next) => {
      setText(next);
      if (next) window.localStorage.setItem(key, next);
      else window.localStorage.removeItem(key);
    },
  ];
}
