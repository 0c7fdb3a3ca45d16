'use client';

import { Slider } from 'antd';
import type { OwnTrack } from '../../../../api/music.ts';
import { FIRM_BEAT } from '../../../../core/music/grid.ts';
import { clock, type Milliseconds } from '../../../../core/time.ts';

/** Steps of a track without bars, ms. */
const FREE_STEP: Milliseconds = 100;

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
  const snapped = (ms: Milliseconds): Milliseconds =>
    bars.reduce((best, b) => (Math.abs(b - ms) < Math.abs(best - ms) ? b : best), 0);
  const gap = bars.length > 1 ? ((bars.at(-1) ?? 0) - (bars[0] ?? 0)) / (bars.length - 1) : FREE_STEP;
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
        step={Math.round(gap)}
        key={startMs}
        defaultValue={startMs}
        ariaLabelForHandle="Where the track begins"
        tooltip={{ formatter: (v) => `begins at ${clock(v ?? 0)}` }}
        onChangeComplete={(ms) => onStart(bars.length > 1 ? snapped(ms) : ms)}
      />
    </div>
  );
}
