import { sceneEdit } from '../../piece/edit.ts';
import {
  framesToMs,
  type Milliseconds,
  msToSamples,
  SAMPLES_PER_FRAME,
  type Samples,
  samplesToMs,
} from '../../time.ts';
import type { Check, Finding } from '../types.ts';

export interface SilenceFinding extends Finding {
  lengthMs: Milliseconds;
  /** Where it begins in the piece. */
  atMs: Milliseconds;
}

/** Longer than a breath that anybody would take, in a piece in which something is said. */
const LONG_MS: Milliseconds = 2200;
/** Music that was turned down so far is not heard. */
const FAINT_DB = -15;

/** Nothing at all is heard for long. Mended where the length was set by hand. */
export const silence: Check<SilenceFinding> = {
  weight: 'look',
  pass: 'voice',
  find({ piece, timeline }) {
    const { speech, beds, clips, effects, samples } = timeline.sound;
    if (!speech.length || timeline.scenes.some((s) => s.estimated)) return [];
    const heard: [Samples, Samples][] = [
      ...speech.map(([a, b]): [Samples, Samples] => [a, b]),
      ...beds
        .filter((b) => b.gainDb > FAINT_DB)
        .map((b): [Samples, Samples] => [b.start, b.start + b.length]),
      ...clips.map((c): [Samples, Samples] => [c.start, c.start + c.length]),
      ...effects.map((e): [Samples, Samples] => [e.start, e.start + msToSamples(300)]),
    ].sort((a, b) => a[0] - b[0]);
    const out: SilenceFinding[] = [];
    let until: Samples = 0;
    for (const [start, end] of [...heard, [samples, samples] as [Samples, Samples]]) {
      if (start - until > msToSamples(LONG_MS)) {
        const at =
          timeline.scenes.findLast((s) => s.start * SAMPLES_PER_FRAME <= until) ?? timeline.scenes[0];
        const scene = piece.scenes.find((s) => s.id === at?.sceneId);
        if (at && scene)
          out.push({
            sceneId: scene.id,
            lengthMs: samplesToMs(start - until),
            atMs: Math.max(framesToMs(at.start), samplesToMs(until)),
            repair: scene.durationMs === null ? null : sceneEdit('length', scene.id, { durationMs: null }),
          });
      }
      until = Math.max(until, end);
    }
    return out;
  },
};
