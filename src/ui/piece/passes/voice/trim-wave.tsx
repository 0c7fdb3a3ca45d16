'use client';

import { Slider } from 'antd';
import { LRUCache } from 'lru-cache';
import { useEffect, useState } from 'react';
import { addressOf } from '../../../../api/endpoint.ts';
import { recordingSound } from '../../../../api/material.ts';
import type { RecordedPart } from '../../../../core/piece/types.ts';
import { peaks } from '../../../../core/sound/mix.ts';
import type { Milliseconds } from '../../../../core/time.ts';

/** Of a long recording only what lies so far round the part is shown. */
const ROUND_MS = 4000;
const BARS = 140;

/** Sound of recordings that were shown, by their name. */
const decoded = new LRUCache<string, Promise<AudioBuffer>>({ max: 4 });

function soundOf(id: string): Promise<AudioBuffer> {
  const known = decoded.get(id);
  if (known) return known;
  const made = (async () => {
    const response = await fetch(addressOf(recordingSound, { key: id }));
    if (!response.ok) throw new Error('The recording cannot be read.');
    return new OfflineAudioContext(1, 1, 8000).decodeAudioData(await response.arrayBuffer());
  })();
  made.catch(() => decoded.delete(id));
  decoded.set(id, made);
  return made;
}

/** Where a recording begins and ends in its scene, on its wave. */
export function TrimWave({
  part,
  onTrim,
}: {
  part: RecordedPart;
  onTrim: (startMs: Milliseconds, endMs: Milliseconds) => void;
}) {
  const [sound, setSound] = useState<AudioBuffer | null>(null);
  useEffect(() => {
    let alive = true;
    soundOf(part.takeId).then(
      (s) => alive && setSound(s),
      () => undefined,
    );
    return () => {
      alive = false;
    };
  }, [part.takeId]);
  const lengthMs = sound ? Math.round(sound.duration * 1000) : null;
  const endMs = part.endMs ?? lengthMs ?? part.startMs + 1000;
  // The window is that of the part as it was first shown, so that it does not move under the hand.
  const [first] = useState({ startMs: part.startMs, endMs: part.endMs });
  if (!sound || lengthMs === null) return <p className="wave wave--none">The wave follows</p>;
  const from = Math.max(0, first.startMs - ROUND_MS);
  const to = Math.min(lengthMs, (first.endMs ?? lengthMs) + ROUND_MS);
  const rate = sound.sampleRate / 1000;
  const shown = sound.getChannelData(0).subarray(Math.floor(from * rate), Math.ceil(to * rate));
  const bars = peaks(shown, BARS);
  const loudest = Math.max(0.05, ...bars);
  const at = (ms: number) => ((ms - from) / (to - from)) * BARS;
  return (
    <div className="trim">
      <svg viewBox={`0 0 ${BARS} 2`} preserveAspectRatio="none" role="img" aria-label="Wave of the recording">
        {bars.map((v, i) => (
          <rect
            key={i}
            className={i >= at(part.startMs) && i < at(endMs) ? 'trim__in' : ''}
            x={i}
            y={1 - v / loudest}
            width={0.7}
            height={Math.max(0.03, (v / loudest) * 2)}
          />
        ))}
      </svg>
      <Slider
        range
        min={from}
        max={to}
        step={10}
        key={`${part.startMs} ${endMs}`}
        defaultValue={[part.startMs, endMs]}
        ariaLabelForHandle={['Begin of the recording', 'End of the recording']}
        tooltip={{ formatter: (v) => `${((v ?? 0) / 1000).toFixed(2)} s` }}
        onChangeComplete={([a, b]) => a !== undefined && b !== undefined && b - a >= 100 && onTrim(a, b)}
      />
    </div>
  );
}
