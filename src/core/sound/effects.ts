import { seeded } from '../hash.ts';
import { msToSamples, SAMPLE_RATE, type Samples } from '../time.ts';
import { bell } from './effects/bell.ts';
import { chime } from './effects/chime.ts';
import { click } from './effects/click.ts';
import { drop } from './effects/drop.ts';
import { lift } from './effects/lift.ts';
import { paper } from './effects/paper.ts';
import { pop } from './effects/pop.ts';
import { rush } from './effects/rush.ts';
import { shutter } from './effects/shutter.ts';
import { thud } from './effects/thud.ts';
import type { Effect } from './effects/types.ts';

/** Every short sound, in the order in which they are offered. */
export const EFFECTS = {
  rush,
  lift,
  paper,
  click,
  pop,
  thud,
  shutter,
  bell,
  chime,
  drop,
} satisfies Record<string, Effect>;

export type EffectName = keyof typeof EFFECTS;
export const EFFECT_NAMES = Object.keys(EFFECTS) as EffectName[];

/** The largest value of every effect, so that all are heard alike. */
const PEAK = 0.6;

/** From its first sample to what is put on the border. */
export const hitOf = (name: EffectName): Samples => msToSamples(EFFECTS[name].hitMs);
export const effectLength = (name: EffectName): Samples => msToSamples(EFFECTS[name].lengthMs);

const made = new Map<EffectName, Float32Array>();

/** The samples of an effect, mono; made once. The same name gives the same samples. */
export function effectSamples(name: EffectName): Float32Array {
  const have = made.get(name);
  if (have) return have;
  const samples = makeEffect(EFFECTS[name], name);
  made.set(name, samples);
  return samples;
}

function makeEffect({ at, band, lengthMs }: Effect, seed: string): Float32Array {
  const random = seeded(`effect ${seed}`);
  const out = new Float32Array(msToSamples(lengthMs));
  // A state variable filter (Chamberlin, 1985) whose band moves.
  let [low, mid] = [0, 0];
  for (let i = 0; i < out.length; i++) {
    const t = i / SAMPLE_RATE;
    const noise = (): number => {
      const white = 2 * random() - 1;
      if (!band) return white;
      const { hz, q } = band(t);
      const f = 2 * Math.sin((Math.PI * Math.min(hz, SAMPLE_RATE / 6)) / SAMPLE_RATE);
      low += f * mid;
      const high = white - low - mid / q;
      mid += f * high;
      return mid;
    };
    out[i] = at(t, noise);
  }
  const peak = out.reduce((m, v) => Math.max(m, Math.abs(v)), 0) || 1;
  const end = msToSamples(8);
  for (let i = 0; i < out.length; i++)
    out[i] = ((out[i] as number) / peak) * PEAK * Math.min(1, (out.length - i) / end);
  return out;
}
