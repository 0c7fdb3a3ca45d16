import { type Decibels, SAMPLE_RATE } from '../time.ts';

/** A bell around a frequency, its width in octaves between the half gains. */
export interface Bell {
  hz: number;
  octaves: number;
  db: Decibels;
}

/** What is taken out of music under speech: where one sound of speech is told from another. */
export const CARVE: Bell = { hz: 1600, octaves: 2.5, db: -12 };

/**
 * Lays a bell over one channel of sound at 48 kHz that comes in blocks, going on where it was: the peaking filter of
 * R. Bristow-Johnson's Audio EQ Cookbook.
 */
export class BellFilter {
  private readonly b0: number;
  private readonly b1: number;
  private readonly b2: number;
  private readonly a2: number;
  /** The last two samples before and after it. */
  private state = { x1: 0, x2: 0, y1: 0, y2: 0 };

  constructor({ hz, octaves, db }: Bell) {
    const w = (2 * Math.PI * hz) / SAMPLE_RATE;
    const amplitude = 10 ** (db / 40);
    const alpha = Math.sin(w) * Math.sinh(((Math.LN2 / 2) * octaves * w) / Math.sin(w));
    const a0 = 1 + alpha / amplitude;
    this.b0 = (1 + alpha * amplitude) / a0;
    this.b1 = (-2 * Math.cos(w)) / a0;
    this.b2 = (1 - alpha * amplitude) / a0;
    this.a2 = (1 - alpha / amplitude) / a0;
  }

  push(x: Float32Array): Float32Array {
    let { x1, x2, y1, y2 } = this.state;
    const { b0, b1, b2, a2 } = this;
    const out = new Float32Array(x.length);
    for (let i = 0; i < x.length; i++) {
      const v = x[i] as number;
      // The middle coefficient of a peaking filter is the same on both sides.
      const y = b0 * v + b1 * (x1 - y1) + b2 * x2 - a2 * y2;
      x2 = x1;
      x1 = v;
      y2 = y1;
      y1 = y;
      out[i] = y;
    }
    this.state = { x1, x2, y1, y2 };
    return out;
  }
}

/**
 * Music as it is under speech. Of what is cut out of a longer sound `RUN_UP` samples before it come too, whose result is
 * thrown away.
 */
export const carved = (x: Float32Array): Float32Array => new BellFilter(CARVE).push(x);

/** After so many samples it has forgotten what was before. */
export const RUN_UP = 2048;
