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

function filtered(x: Float32Array, stages: readonly Biquad[]): Float64Array {
  const y = Float64Array.from(x);
  for (const { b0, b1, b2, a1, a2 } of stages) {
    let x1 = 0;
    let x2 = 0;
    let y1 = 0;
    let y2 = 0;
    for (let i = 0; i < y.length; i++) {
      const v = y[i] as number;
      const w = b0 * v + b1 * x1 + b2 * x2 - a1 * y1 - a2 * y2;
      x2 = x1;
      x1 = v;
      y2 = y1;
      y1 = w;
      y[i] = w;
    }
  }
  return y;
}

const lufs = (power: number): number => -0.691 + 10 * Math.log10(power);

/**
 * Integrated loudness in LUFS of one or two channels at 48 kHz: blocks of 400 ms every 100 ms, absolute gate at -70,
 * relative gate 10 LU under the mean of what passes (ITU-R BS.1770-4). -Infinity for silence or less than one block.
 */
export function integratedLoudness(channels: readonly Float32Array[]): number {
  const step = SAMPLE_RATE / 10;
  const length = channels[0]?.length ?? 0;
  const steps = Math.floor(length / step);
  const energy = new Float64Array(steps);
  for (const c of channels) {
    const y = filtered(c, [SHELF, HIGHPASS]);
    for (let s = 0; s < steps; s++) {
      let sum = 0;
      for (let i = s * step; i < (s + 1) * step; i++) sum += (y[i] as number) ** 2;
      energy[s] = (energy[s] as number) + sum / step;
    }
  }
  const blocks: number[] = [];
  for (let s = 0; s + 4 <= steps; s++)
    blocks.push(
      ((energy[s] as number) +
        (energy[s + 1] as number) +
        (energy[s + 2] as number) +
        (energy[s + 3] as number)) /
        4,
    );
  const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;
  const loud = blocks.filter((p) => p > 0 && lufs(p) > -70);
  if (!loud.length) return Number.NEGATIVE_INFINITY;
  const gate = lufs(mean(loud)) - 10;
  return lufs(mean(loud.filter((p) => lufs(p) > gate)));
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

/** The largest value between the samples round index i, where that can be above `from`; 0 elsewhere. */
export function peakAround(x: Float32Array, i: number, from: number): number {
  const here = Math.abs(x[i] as number);
  if (here < from && Math.abs(x[i - 1] ?? 0) < from) return here;
  let peak = here;
  for (const taps of PHASES) {
    let v = 0;
    for (let k = 0; k < 12; k++) v += (taps[k] as number) * (x[i + 5 - k] ?? 0);
    const a = Math.abs(v);
    if (a > peak) peak = a;
  }
  return peak;
}

/** True peak in dBTP over all channels; -Infinity for silence. */
export function truePeak(channels: readonly Float32Array[]): Decibels {
  let peak = 0;
  for (const c of channels) {
    for (let i = 0; i < c.length; i++) peak = Math.max(peak, peakAround(c, i, peak * 0.5));
  }
  return 20 * Math.log10(peak);
}
