'use client';

import { CloseOutlined } from '@ant-design/icons';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { IconButton } from '../shared/icon-button.tsx';
import { usePiece, useViewState } from './context.ts';
import './hints.css';

const KEPT = 'nabbet-hints';

/** What somebody does who is here for the first time, in this order; each goes away when it is done. */
const HINTS = {
  play: 'This is your first draft. Press Play below the picture to see and hear it.',
  pictures: 'Any picture can be another one: press it, or go to Pictures, and choose beside it.',
  render: 'Render makes the video. You can go on writing meanwhile, and make another one afterwards.',
};
type Hint = keyof typeof HINTS;
const ORDER = Object.keys(HINTS) as Hint[];

function done(): Hint[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT) ?? '[]');
    return Array.isArray(kept) ? ORDER.filter((h) => kept.includes(h)) : [];
  } catch {
    // What is kept there is not ours: the hints begin again.
    return [];
  }
}

/** A line over the sheet for the first minutes. It never lies over anything. */
export function Hints() {
  const { player } = usePiece();
  const [gone, setGone] = useState<readonly Hint[]>(done);
  const { phase } = useSyncExternalStore(player.subscribe, player.getView, player.getView);
  const pass = useViewState((s) => s.pass);
  const delivering = useViewState((s) => s.delivering);
  const now: Partial<Record<Hint, boolean>> = {
    play: phase === 'playing',
    pictures: pass === 'pictures',
    render: delivering,
  };
  const fresh = ORDER.filter((h) => now[h] && !gone.includes(h)).join();
  const put = (all: readonly Hint[]) => {
    setGone(all);
    localStorage.setItem(KEPT, JSON.stringify(all));
  };
  useEffect(() => {
    if (fresh) put([...gone, ...(fresh.split(',') as Hint[])]);
  }, [fresh]);
  const next = ORDER.find((h) => !gone.includes(h));
  if (!next) return null;
  return (
    <p className="hint">
      <span>
        <strong>
          {ORDER.indexOf(next) + 1} of {ORDER.length}
        </strong>{' '}
        {HINTS[next]}
      </span>
      <IconButton label="No hints, please" icon={<CloseOutlined aria-hidden />} onClick={() => put(ORDER)} />
    </p>
  );
}
