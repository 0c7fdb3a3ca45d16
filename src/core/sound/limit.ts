import { type Decibels, SAMPLE_RATE } from '../time.ts';
import { joined } from './joined.ts';
import { PEAK_TAPS, peakAround } from './loudness.ts';

/** The limiter looks so far ahead, and lets go so slowly. */
const LIMITER = { aheadMs: 4, releaseMs: 120 } as const;
const AHEAD = Math.round((LIMITER.aheadMs * SAMPLE_RATE) / 1000);
const RELEASE = Math.exp(-1000 / (LIMITER.releaseMs * SAMPLE_RATE));
/** Places of the queue: a power of two above the look-ahead. */
const RING = 256;
/** A peak between samples is judged by so many before and after it. */
const AROUND = PEAK_TAPS / 2;

/**
 * Holds the true peak of all channels under a ceiling by one common gain: the gain needed at each sample is spread over
 * the look-ahead (minimum, then mean of the same length, so it is down in time and never steps) and released slowly.
 * Takes sound in blocks of any length, and gives it a little later.
 */
export class Limiter {
  private readonly max: number;
  /** Samples from `from` on, of each channel; those before have been given, but for a few that peaks are judged by. */
  private kept: Float32Array[];
  private from = 0;
  private received = 0;
  /** So far the needed gain is known, and so far samples were given. */
  private seen = 0;
  private given = 0;
  /** Needed gains of the look-ahead, of which each is higher than those before it: a monotone queue in two rings. */
  private readonly queueAt = new Float64Array(RING);
  private readonly queueNeed = new Float32Array(RING);
  private head = 0;
  private tail = 0;
  /** The gain after its release; its last values, and their sum. */
  private gain = 1;
  private readonly last = new Float32Array(AHEAD);
  private sum = 0;
  private lowest = 1;

  constructor(channels: number, ceiling: Decibels) {
    this.max = 10 ** (ceiling / 20);
    this.kept = Array.from({ length: channels }, () => new Float32Array(0));
  }

  /** Takes the next samples of each channel, and gives those that are ready. */
  push(block: readonly Float32Array[]): Float32Array[] {
    const keep = Math.max(0, this.given - AROUND - this.from);
    this.kept = this.kept.map((old, c) => joined([old.subarray(keep), block[c] ?? new Float32Array(0)]));
    this.from += keep;
    this.received += block[0]?.length ?? 0;
    return this.give(this.received - AROUND, Math.max(this.given, this.received - AROUND - AHEAD));
  }

  /** What is left when no more comes. */
  end(): Float32Array[] {
    return this.give(this.received, this.received);
  }

  /** The largest reduction so far, dB. */
  get reduction(): Decibels {
    return this.lowest === 1 ? 0 : -20 * Math.log10(this.lowest);
  }

  /** Looks at the samples up to one, and gives those up to another. */
  private give(seen: number, ready: number): Float32Array[] {
    const begin = this.given;
    const gains = new Float32Array(ready - begin);
    for (let i = begin; i < ready; i++) {
      for (; this.seen < seen && this.seen <= i + AHEAD; this.seen++) this.look(this.seen);
      gains[i - begin] = this.gainAt(i);
    }
    this.given = ready;
    return this.kept.map((x) => {
      const out = x.slice(begin - this.from, ready - this.from);
      for (let i = 0; i < out.length; i++) out[i] = (out[i] as number) * (gains[i] as number);
      return out;
    });
  }

  /** Finds the gain that a sample needs, and takes it into the queue. */
  private look(at: number): void {
    let need = 1;
    // An iterator for each sample would take longer than all else.
    for (let c = 0; c < this.kept.length; c++) {
      const p = peakAround(this.kept[c] as Float32Array, at - this.from, this.max * 0.5);
      if (p > this.max) need = Math.min(need, this.max / p);
    }
    const rounded = Math.fround(need);
    while (this.tail > this.head && (this.queueNeed[(this.tail - 1) & (RING - 1)] as number) >= rounded)
      this.tail--;
    const slot = this.tail++ & (RING - 1);
    this.queueAt[slot] = at;
    this.queueNeed[slot] = rounded;
  }

  private gainAt(i: number): number {
    while ((this.queueAt[this.head & (RING - 1)] as number) < i) this.head++;
    const least = this.queueNeed[this.head & (RING - 1)] as number;
    this.gain = Math.min(least, 1 - (1 - this.gain) * RELEASE);
    const slot = i % AHEAD;
    const left = this.last[slot] as number;
    this.last[slot] = this.gain;
    this.sum += this.last[slot] as number;
    if (i >= AHEAD) this.sum -= left;
    const gain = Math.fround(this.sum / Math.min(i + 1, AHEAD));
    if (gain < this.lowest) this.lowest = gain;
    return gain;
  }
}

/** Limits whole channels in place. Gives the largest reduction, dB. */
export function limit(channels: readonly Float32Array[], ceiling: Decibels): Decibels {
  const limiter = new Limiter(channels.length, ceiling);
  const parts = [limiter.push(channels), limiter.end()];
  channels.forEach((c, k) => {
    let at = 0;
    for (const part of parts) {
      c.set(part[k] as Float32Array, at);
      at += part[k]?.length ?? 0;
    }
  });
  return limiter.reduction;
}
