'use client';

import { type EffectName, effectSamples } from '../../core/sound/effects.ts';
import { wavFile } from '../../core/sound/wav.ts';
import { SAMPLE_RATE } from '../../core/time.ts';

const made = new Map<EffectName, string>();

/** Where an effect can be heard; it is made here. */
export function effectAddress(name: EffectName): string {
  const have = made.get(name);
  if (have) return have;
  const file = new Blob([wavFile([effectSamples(name)], SAMPLE_RATE)], { type: 'audio/wav' });
  const address = URL.createObjectURL(file);
  made.set(name, address);
  return address;
}
