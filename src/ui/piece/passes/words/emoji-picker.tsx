'use client';

import { useEffect, useRef } from 'react';

/** Emoji by group and by search; the list ships with the application. */
export function EmojiPicker({ onPick }: { onPick: (emoji: string) => void }) {
  const box = useRef<HTMLDivElement>(null);
  const pick = useRef(onPick);
  pick.current = onPick;
  useEffect(() => {
    let alive = true;
    const place = box.current;
    void import('emoji-picker-element').then(({ Picker }) => {
      if (!alive || !place) return;
      const picker = new Picker({ dataSource: '/data/emoji-en.json', locale: 'en', emojiVersion: 15 });
      picker.addEventListener('emoji-click', (e) => {
        const { unicode } = e.detail;
        if (unicode) pick.current(unicode);
      });
      picker.className = 'emoji-picker light';
      place.replaceChildren(picker as unknown as Node);
    });
    return () => {
      alive = false;
      place?.replaceChildren();
    };
  }, []);
  return <div ref={box} className="emoji-box" />;
}
