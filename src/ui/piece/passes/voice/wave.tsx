'use client';

import { useEffect, useState } from 'react';
import { usePiece } from '../../context.ts';

/** The wave of a take. */
export function Wave({ takeKey }: { takeKey: string | null }) {
  const { player } = usePiece();
  const [wave, setWave] = useState<number[] | null>(null);
  useEffect(() => {
    setWave(takeKey ? player.sound.wave(takeKey) : null);
    if (!takeKey) return;
    let alive = true;
    player.sound.fetchTake(takeKey).then(
      () => alive && setWave(player.sound.wave(takeKey)),
      () => undefined,
    );
    return () => {
      alive = false;
    };
  }, [takeKey, player]);
  if (!takeKey) return <p className="wave wave--none">The voice follows</p>;
  return (
    <svg
      className="wave"
      viewBox={`0 0 ${wave?.length ?? 1} 2`}
      preserveAspectRatio="none"
      role="img"
      aria-label="Wave of the voice"
    >
      {wave?.map((v, i) => (
        <rect key={i} x={i} y={1 - v} width={0.7} height={Math.max(0.03, v * 2)} />
      ))}
    </svg>
  );
}
