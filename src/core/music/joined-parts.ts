import type { Sound } from '../sound/mix.ts';
import { msToSamples, SAMPLE_RATE, type Samples } from '../time.ts';

/** What goes over into each other at a seam, and what is given at once. */
const SEAM = msToSamples(24);
const BLOCK = 10 * SAMPLE_RATE;

/**
 * Parts [start, end) of a sound one after the other, left and right, in blocks; round each seam what would have come goes over
 * into what comes, at equal power. What the sound does not have is silence. Pure.
 */
export function* joinedParts(
  sound: Sound,
  parts: readonly (readonly [Samples, Samples])[],
): Generator<Float32Array[]> {
  const at = (channel: readonly Float32Array[], c: number, i: number) => (channel[c] ?? channel[0])?.[i] ?? 0;
  for (const [k, [start, end]] of parts.entries()) {
    const before = parts[k - 1];
    // What would have come after the part before.
    const old = before && before[1] !== start ? sound.read(before[1], before[1] + SEAM) : null;
    for (let from = start; from < end; from += BLOCK) {
      const to = Math.min(end, from + BLOCK);
      const read = sound.read(from, to);
      yield [0, 1].map((c) => {
        const out = new Float32Array(to - from);
        for (let i = 0; i < out.length; i++) {
          const into = from + i - start;
          const now = at(read, c, i);
          const t = into / SEAM;
          out[i] =
            old && into < SEAM
              ? now * Math.sin((t * Math.PI) / 2) + at(old, c, into) * Math.cos((t * Math.PI) / 2)
              : now;
        }
        return out;
      });
    }
  }
}
