import { TRANSITIONS } from '../look/transitions.ts';
import type { Bed, Piece } from '../piece/types.ts';
import { hitOf } from '../sound/effects.ts';
import { type Frames, framesToSamples, msToFrames, msToSamples, type Samples, samplesToMs } from '../time.ts';
import { trackKey, trackLength } from './keys.ts';
import { PACING } from './pacing.ts';
import type { SceneTime } from './times.ts';
import type { ClipSound, EffectSound, Facts, SceneVoice, SoundBed, Timeline } from './types.ts';

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
    beds: bedsOf(piece, times).flatMap(({ bed, start, end }): SoundBed[] => {
      const { source } = bed;
      if (end <= start || source.kind === 'silence') return [];
      const lengthMs = trackLength(end - start);
      const steady = piece.onBeat !== 'free';
      const key = trackKey(source, lengthMs, steady);
      return [
        {
          bedId: bed.id,
          start: framesToSamples(start),
          length: framesToSamples(end - start),
          gainDb: bed.gainDb,
          duckDb: bed.duckDb,
          wanted: { key, source, lengthMs, steady },
          track: tracks[key] ?? null,
        },
      ];
    }),
    clips,
    effects: effectsOf(piece, times),
  };
}

interface LaidBed {
  bed: Bed;
  /** [start, end) of the piece. */
  start: Frames;
  end: Frames;
}

/** Where the beds are: one that begins with a scene ends the one before. */
export function bedsOf(
  piece: Pick<Piece, 'beds' | 'scenes'>,
  times: readonly Pick<SceneTime, 'start' | 'end'>[],
): LaidBed[] {
  const frames = times.at(-1)?.end ?? 0;
  const starts = new Map(piece.scenes.map((s, i) => [s.id, times[i]?.start ?? 0]));
  const laid = piece.beds.flatMap((bed) => {
    const start =
      bed.fromScene === null ? Math.min(frames, msToFrames(bed.startMs)) : starts.get(bed.fromScene);
    return start === undefined ? [] : [{ bed, start }];
  });
  const borders = laid.filter(({ bed }) => bed.fromScene !== null).map(({ start }) => start);
  return laid.map(({ bed, start }) => {
    const last = bed.endMs === null ? frames : Math.min(frames, msToFrames(bed.endMs));
    return { bed, start, end: Math.min(last, ...borders.filter((b) => b > start)) };
  });
}

/** What is heard as scenes begin: their own effect, or what the piece has on its borders. */
function effectsOf(piece: Piece, times: readonly SceneTime[]): EffectSound[] {
  return piece.scenes.flatMap((scene, i): EffectSound[] => {
    const time = times[i] as SceneTime;
    const { kind, frames } = time.transition;
    // A border that nobody sees, since the picture runs on, has no sound.
    const border = i > 0 && time.seen === i;
    const fitting = frames > 0 ? TRANSITIONS[kind].sound : null;
    const ofPiece = border ? (piece.borderSound === 'fitting' ? fitting : piece.borderSound) : null;
    const name = scene.effect?.name ?? ofPiece ?? 'none';
    if (name === 'none') return [];
    const at = framesToSamples(time.start + Math.floor(frames / 2));
    return [{ name, start: at - hitOf(name), gainDb: scene.effect?.gainDb ?? 0 }];
  });
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
