declare const unit: unique symbol;
/**
 * A number with its unit. A plain number may be given where a unit is wanted, but not one of another unit: frames handed
 * over as milliseconds do not compile.
 */
type Unit<U extends string> = number & { readonly [unit]?: U };

/** Whole milliseconds: the document's unit of time. */
export type Milliseconds = Unit<'milliseconds'>;
/** Whole frames at FPS: the timeline's unit for pictures. */
export type Frames = Unit<'frames'>;
/** Whole samples at SAMPLE_RATE: the timeline's unit for sound. */
export type Samples = Unit<'samples'>;
/** Seconds with a fraction, as players, encoders and people count them. */
export type Seconds = Unit<'seconds'>;
/** Level relative to full scale or gain, dB. */
export type Decibels = Unit<'decibels'>;

export const FPS = 30;
export const SAMPLE_RATE = 48_000;
export const SAMPLES_PER_FRAME = SAMPLE_RATE / FPS;

export const msToFrames = (ms: Milliseconds): Frames => Math.round((ms * FPS) / 1000);
export const framesToMs = (frames: Frames): Milliseconds => Math.round((frames * 1000) / FPS);
export const msToSamples = (ms: Milliseconds): Samples => Math.round((ms * SAMPLE_RATE) / 1000);
export const samplesToMs = (samples: Samples): Milliseconds => Math.round((samples * 1000) / SAMPLE_RATE);
export const framesToSamples = (frames: Frames): Samples => frames * SAMPLES_PER_FRAME;
export const framesToSeconds = (frames: Frames): Seconds => frames / FPS;
export const samplesToSeconds = (samples: Samples): Seconds => samples / SAMPLE_RATE;
export const msToSeconds = (ms: Milliseconds): Seconds => ms / 1000;

/** m:ss, or h:mm:ss from an hour on; seconds rounded down, as clocks show them. */
export function clock(ms: Milliseconds): string {
  const s = Math.max(0, Math.floor(ms / 1000));
  const two = (n: number) => String(n).padStart(2, '0');
  const hours = Math.floor(s / 3600);
  const minutes = Math.floor((s % 3600) / 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${two(s % 60)}` : `${minutes}:${two(s % 60)}`;
}
