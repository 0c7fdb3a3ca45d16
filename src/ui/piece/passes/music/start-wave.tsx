'use client';

import { Slider } from 'antd';
import type { OwnTrack } from '../../../../api/music.ts';
import { FIRM_BEAT } from '../../../../core/music/grid.ts';
import { clock, type Milliseconds } from '../../../../core/time.ts';

/** Where a bar begins that is as near as this is meant, as a share of the track. */
const NEAR = 0.02;

/** Where a track begins, on its wave; it snaps to bars. */
export function StartWave({
  track,
  startMs,
  onStart,
}: {
  track: OwnTrack;
  startMs: Milliseconds;
  onStart(ms: Milliseconds): void;
}) {
  const { wave, lengthMs, meter, first } = track;
  const bars = track.sure >= FIRM_BEAT ? track.beats.filter((_, i) => i % meter === first) : [];
  const snapped = (ms: Milliseconds): Milliseconds => {
    const bar = bars.reduce<Milliseconds | null>(
      (best, b) => (best === null || Math.abs(b - ms) < Math.abs(best - ms) ? b : best),
      null,
    );
    return ms === 0 || bar === null || Math.abs(bar - ms) > NEAR * lengthMs ? ms : bar;
  };
  const from = (startMs / Math.max(1, lengthMs)) * wave.length;
  return (
    <div className="start-wave">
      <svg
        viewBox={`0 0 ${wave.length} 2`}
        preserveAspectRatio="none"
        role="img"
        aria-label="Wave of the track"
      >
        {wave.map((v, i) => (
          <rect
            key={i}
            className={i >= from ? 'start-wave__in' : ''}
            x={i}
            y={1 - v}
            width={0.8}
            height={Math.max(0.03, v * 2)}
          />
        ))}
      </svg>
      <Slider
        min={0}
        max={Math.max(1, lengthMs - 1000)}
        step={10}
        key={startMs}
        defaultValue={startMs}
        ariaLabelForHandle="Where the track begins"
        tooltip={{ formatter: (v) => `begins at ${clock(v ?? 0)}` }}
        onChangeComplete={(ms) => onStart(snapped(ms))}
      />
    </div>
  );
}
