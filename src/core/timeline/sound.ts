import type { Piece } from '../piece/types.ts';
import { type Frames, framesToSamples, msToFrames, msToSamples, type Samples, samplesToMs } from '../time.ts';
import { trackKey, trackLength } from './keys.ts';
import { PACING } from './pacing.ts';
import type { SceneTime } from './times.ts';
import type { ClipSound, Facts, SceneVoice, SoundBed, Timeline } from './types.ts';

/** Where a scene's voice is heard; null without a take. */
export const voiceOf = ({ take, voice, start }: SceneTime): SceneVoice | null =>
  take && {
    key: take.key,
    start: framesToSamples(start + voice.start),
    samples: take.samples,
  };

/** Speech, music and clips in samples of the piece: the last stage. */
export function laySound(
  piece: Piece,
  times: readonly SceneTime[],
  clips: ClipSound[],
  tracks: Facts['tracks'],
): Timeline['sound'] {
  const frames = times.at(-1)?.end ?? 0;
  return {
    samples: framesToSamples(frames),
    speech: speechOf(times),
    beds: piece.beds.flatMap((bed): SoundBed[] => {
      const start: Frames = Math.min(frames, msToFrames(bed.startMs));
      const end: Frames = bed.endMs === null ? frames : Math.min(frames, msToFrames(bed.endMs));
      if (end <= start) return [];
      const lengthMs = trackLength(end - start);
      const key = trackKey(bed.source.mood, bed.source.seed, lengthMs);
      return [
        {
          bedId: bed.id,
          start: framesToSamples(start),
          length: framesToSamples(end - start),
          gainDb: bed.gainDb,
          duckDb: bed.duckDb,
          wanted: { ...bed.source, key, lengthMs },
          track: tracks[key] ?? null,
        },
      ];
    }),
    clips,
  };
}

function speechOf(times: readonly SceneTime[]): [Samples, Samples][] {
  const out: [Samples, Samples][] = [];
  for (const time of times) {
    const voice = voiceOf(time);
    if (!voice) continue;
    const words = time.take?.words ?? [];
    const first = words[0]?.startMs ?? 0;
    const last = words.at(-1)?.endMs ?? samplesToMs(voice.samples);
    const span: [Samples, Samples] = [voice.start + msToSamples(first), voice.start + msToSamples(last)];
    const before = out.at(-1);
    if (before && span[0] - before[1] < msToSamples(PACING.breathMs))
      before[1] = Math.max(before[1], span[1]);
    else out.push(span);
  }
  return out;
}
