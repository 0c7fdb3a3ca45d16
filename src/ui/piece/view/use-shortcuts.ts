'use client';

import { useEffect } from 'react';
import { FPS } from '../../../core/time.ts';
import type { PieceContextValue } from '../context.ts';

/** Keys of the whole screen. Letters and space are left to a field that is being typed in. */
export function useShortcuts({ store, player }: Pick<PieceContextValue, 'store' | 'player'>): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      const typing = /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.isContentEditable;
      const mod = e.ctrlKey || e.metaKey;
      const key = e.key.toLowerCase();
      if (mod && key === 'z' && !e.altKey && !(typing && target.dataset.own === 'true')) {
        e.preventDefault();
        if (e.shiftKey) store.redo();
        else store.undo();
        return;
      }
      if (mod && key === 'y') {
        e.preventDefault();
        store.redo();
        return;
      }
      if (mod && key === 's') {
        e.preventDefault();
        void store.flush();
        return;
      }
      if (
        typing ||
        mod ||
        e.altKey ||
        target.closest('[role="dialog"], [role="menu"], [role="listbox"], .ant-segmented, .ant-slider')
      )
        return;
      const { frame } = player.view;
      const act: Record<string, () => void> = {
        ' ': () => player.toggle(),
        k: () => player.pause(),
        l: () => void player.play(),
        j: () => player.seek(frame - FPS * 2),
        arrowleft: () => player.seek(frame - (e.shiftKey ? FPS : 1)),
        arrowright: () => player.seek(frame + (e.shiftKey ? FPS : 1)),
        home: () => player.seek(0),
      };
      const run = act[key];
      if (!run || (key === ' ' && target.tagName === 'BUTTON')) return;
      e.preventDefault();
      run();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [store, player]);
}
