import { type Decibels, SAMPLE_RATE } from '../time.ts';

interface Biquad {
  b0: number;
  b1: number;
  b2: number;
  a1: number;
  a2: number;
}

/** K-weighting at 48 kHz: head shelf, then high-pass (ITU-R BS.1770-4, tables 1 and 2). */
const SHELF: Biquad = {
  b0: 1.53512485958697,
  b1: -2.69169618940638,
  b2: 1.19839281085285,
  a1: -1.69065929318241,
  a2: 0.73248077421585,
};
const HIGHPASS: Biquad = { b0: 1, b1: -2, b2: 1, a1: -1.99004745483398, a2: 0.99007225036621 };

/** Both filters of one channel, going on where they were (direct form I), and the energy of what came out of them. */
class Weighted {
  energy = 0;
  /** The last two samples before, between and after the filters. */
  private state = { x1: 0, x2: 0, m1: 0, m2: 0, y1: 0, y2: 0 };

  add(x: Float32Array, from: number, to: number): void {
    let { x1, x2, m1, m2, y1, y2 } = this.state;
    let energy = this.energy;
    for (let i = from; i < to; i++) {
      const v = x[i] as number;
      const m = SHELF.b0 * v + SHELF.b1 * x1 + SHELF.b2 * x2 - SHELF.a1 * m1 - SHELF.a2 * m2;
      const y = HIGHPASS.b0 * m + HIGHPASS.b1 * m1 + HIGHPASS.b2 * m2 - HIGHPASS.a1 * y1 - HIGHPASS.a2 * y2;
      x2 = x1;
      x1 = v;
      m2 = m1;
      m1 = m;
      y2 = y1;
      y1 = y;
      energy += y ** 2;
    }
    this.energy = energy;
    this.state = { x1, x2, m1, m2, y1, y2 };
  }
}

const lufs = (power: number): number => -0.691 + 10 * Math.log10(power);
const mean = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0) / list.length;

/** Energy is summed up over this many samples. */
const STEP = SAMPLE_RATE / 10;

/**
 * Measures the integrated loudness of one or two channels at 48 kHz that come in blocks: parts of 400 ms every 100 ms,
 * absolute gate at -70, relative gate 10 LU under the mean of what passes (ITU-R BS.1770-4).
 */
export class LoudnessMeter {
  private filters: Weighted[] = [];
  /** Samples of the step that is not full yet. */
  private inStep = 0;
  private readonly energy: number[] = [];

  push(channels: readonly Float32Array[]): void {
    if (!this.filters.length) this.filters = channels.map(() => new Weighted());
    const length = channels[0]?.length ?? 0;
    for (let from = 0; from < length; ) {
      const to = Math.min(length, from + STEP - this.inStep);
      this.filters.forEach((f, c) => {
        f.add(channels[c] as Float32Array, from, to);
      });
      this.inStep += to - from;
      from = to;
      if (this.inStep === STEP) this.closeStep();
    }
  }

  private closeStep(): void {
    this.energy.push(this.filters.reduce((n, f) => n + f.energy / STEP, 0));
    for (const f of this.filters) f.energy = 0;
    this.inStep = 0;
  }

  /**
   * Short-term loudness (EBU Tech 3341: 3 s, without gates), LUFS: one value for each 100 ms, of the 3 s round it as far as there is
   * sound; -Infinity for silence.
   */
  get shortTerm(): number[] {
    const half = 15;
    return this.energy.map((_, s) =>
      lufs(mean(this.energy.slice(Math.max(0, s - half), Math.min(this.energy.length, s + half)))),
    );
  }

  /** LUFS; -Infinity for silence or less than one part. */
  get integrated(): number {
    const parts: number[] = [];
    for (let s = 0; s + 4 <= this.energy.length; s++) parts.push(mean(this.energy.slice(s, s + 4)));
    const loud = parts.filter((p) => p > 0 && lufs(p) > -70);
    if (!loud.length) return Number.NEGATIVE_INFINITY;
    const gate = lufs(mean(loud)) - 10;
    return lufs(mean(loud.filter((p) => lufs(p) > gate)));
  }
}

/** Integrated loudness in LUFS of whole channels; see LoudnessMeter. */
export function integratedLoudness(channels: readonly Float32Array[]): number {
  const meter = new LoudnessMeter();
  meter.push(channels);
  return meter.integrated;
}

/** Taps per phase of the fourfold interpolator for the true peak (ITU-R BS.1770-4, annex 2). */
const PHASES: readonly (readonly number[])[] = [
  [
    0.001708984375, 0.010986328125, -0.0196533203125, 0.033203125, -0.0594482421875, 0.1373291015625,
    0.97216796875, -0.102294921875, 0.047607421875, -0.026611328125, 0.014892578125, -0.00830078125,
  ],
  [
    -0.0291748046875, 0.029296875, -0.0517578125, 0.089111328125, -0.16650390625, 0.465087890625,
    0.77978515625, -0.2003173828125, 0.1015625, -0.0582275390625, 0.0330810546875, -0.0189208984375,
  ],
  [
    -0.0189208984375, 0.0330810546875, -0.0582275390625, 0.1015625, -0.2003173828125, 0.77978515625,
    0.465087890625, -0.16650390625, 0.089111328125, -0.0517578125, 0.029296875, -0.0291748046875,
  ],
  [
    -0.00830078125, 0.014892578125, -0.026611328125, 0.047607421875, -0.102294921875, 0.97216796875,
    0.1373291015625, -0.0594482421875, 0.033203125, -0.0196533203125, 0.010986328125, 0.001708984375,
  ],
];

/** So many samples round a place are asked for the peak there. */
export const PEAK_TAPS = 12;

/** The taps in the order of the samples that they weigh, those of all phases for a sample side by side. */
const TAPS = Float64Array.from({ length: 4 * PEAK_TAPS }, (_, i) => PHASES[i % 4]?.[i >> 2] ?? 0);

/** The largest value between the samples round index i, where that can be above `from`; 0 elsewhere. */
export function peakAround(x: Float32Array, i: number, from: number): number {
  const here = Math.abs(x[i] as number);
  if (here < from && Math.abs(x[i - 1] ?? 0) < from) return here;
  let a = 0;
  let b = 0;
  let c = 0;
  let d = 0;
  for (let k = 0, tap = 0; k < PEAK_TAPS; k++, tap += 4) {
    const v = x[i + 5 - k] ?? 0;
    a += (TAPS[tap] as number) * v;
    b += (TAPS[tap + 1] as number) * v;
    c += (TAPS[tap + 2] as number) * v;
    d += (TAPS[tap + 3] as number) * v;
  }
  return Math.max(here, Math.abs(a), Math.abs(b), Math.abs(c), Math.abs(d));
}

/** True peak in dBTP over all channels; -Infinity for silence. */
export function truePeak(channels: readonly Float32Array[]): Decibels {
  let peak = 0;
  for (const c of channels) {
    for (let i = 0; i < c.length; i++) peak = Math.max(peak, peakAround(c, i, peak * 0.5));
  }
  return 20 * Math.log10(peak);
}
