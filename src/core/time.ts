/** Whole milliseconds: the document's unit of time. */
export type Milliseconds = number;
/** Whole frames at FPS: the timeline's unit for pictures. */
export type Frames = number;
/** Whole samples at SAMPLE_RATE: the timeline's unit for sound. */
export type Samples = number;
/** Level relative to full scale or gain, dB. */
export type Decibels = number;

export const FPS = 30;
export const SAMPLE_RATE = 48_000;
export const SAMPLES_PER_FRAME = SAMPLE_RATE / FPS;

export const msToFrames = (ms: Milliseconds): Frames => Math.round((ms * FPS) / 1000);
export const framesToMs = (frames: Frames): Milliseconds => Math.round((frames * 1000) / FPS);
export const msToSamples = (ms: Milliseconds): Samples => Math.round((ms * SAMPLE_RATE) / 1000);
export const samplesToMs = (samples: Samples): Milliseconds => Math.round((samples * 1000) / SAMPLE_RATE);
export const framesToSamples = (frames: Frames): Samples => frames * SAMPLES_PER_FRAME;

/** m:ss, or h:mm:ss from an hour on; seconds rounded down, as clocks show them. */
export function clock(ms: Milliseconds): string {
  const s = Math.max(0, Math.floor(ms / 1000));
  const two = (n: number) => String(n).padStart(2, '0');
  const hours = Math.floor(s / 3600);
  const minutes = Math.floor((s % 3600) / 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${two(s % 60)}` : `${minutes}:${two(s % 60)}`;
}
