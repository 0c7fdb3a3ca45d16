import { type Bell, BellFilter } from '../../core/sound/carve.ts';
import { LoudnessMeter } from '../../core/sound/loudness.ts';
import { wavHead, wavSamples } from '../../core/sound/wav.ts';
import { SAMPLE_RATE, type Samples } from '../../core/time.ts';
import { WavFile } from './wav.ts';

/** What samples are multiplied by. */
type Gains = (start: Samples, length: number) => Float64Array;

/** Samples that are worked at together. */
const PART = 10 * SAMPLE_RATE;

/**
 * The first samples of a WAVE file as left and right, in parts; what the file does not have is silence. gains: of so many samples
 * from one on.
 */
export function* partsOf(file: string, samples: Samples, gains?: Gains): Generator<Float32Array[]> {
  const wav = new WavFile(file);
  for (let start = 0; start < samples; start += PART) {
    const length = Math.min(PART, samples - start);
    const read = wav.read(start, start + length);
    const gain = gains?.(start, length);
    yield [0, 1].map((c) => {
      const out = new Float32Array(length);
      out.set(read[c] ?? read[0] ?? []);
      if (gain) for (let i = 0; i < length; i++) out[i] = (out[i] as number) * (gain[i] as number);
      return out;
    });
  }
}

/** Integrated loudness of the first samples of a WAVE file, LUFS. */
export const loudnessOf = (file: string, samples: Samples): number => meterOf(file, samples).integrated;

/** The first samples of a WAVE file, louder or quieter, and then through a bell, as a meter has heard them. */
export function meterOf(file: string, samples: Samples, gains?: Gains, bell?: Bell): LoudnessMeter {
  const meter = new LoudnessMeter();
  const filters = bell && [new BellFilter(bell), new BellFilter(bell)];
  for (const part of partsOf(file, samples, gains))
    meter.push(filters ? filters.map((f, c) => f.push(part[c] as Float32Array)) : part);
  return meter;
}

/** A WAVE file of 16-bit samples, left and right, from its parts. */
export function* wavOf(samples: Samples, parts: Iterable<readonly Float32Array[]>): Generator<Uint8Array> {
  yield wavHead(samples, 2, SAMPLE_RATE);
  for (const part of parts) yield wavSamples(part);
}
