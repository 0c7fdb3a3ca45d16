import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { SAMPLE_RATE } from '../time.ts';
import { joined } from './joined.ts';
import { Limiter, limit } from './limit.ts';
import { integratedLoudness, LoudnessMeter } from './loudness.ts';

/** Noise with loud moments, also where two blocks meet. */
function noise(seed: string, n: number): Float32Array {
  const random = seeded(seed);
  return Float32Array.from(
    { length: n },
    (_, i) => (random() - 0.5) * (i % 7000 < 200 ? 4 : 0.4) * (i % 40_000 < 9000 ? 0.02 : 1),
  );
}

/** Cuts channels into blocks of any length, empty ones among them. */
function* cut(channels: readonly Float32Array[], random: () => number): Generator<Float32Array[]> {
  const n = channels[0]?.length ?? 0;
  for (let at = 0; at < n; ) {
    const length = Math.floor(random() ** 4 * 9000);
    yield channels.map((c) => c.subarray(at, at + length));
    at += length;
  }
}

describe.each(['a', 'b', 'c', 'd'])('sound that comes in blocks of any length, seed %s', (seed) => {
  const n = seed === 'd' ? 150 : SAMPLE_RATE * 3 + 17;
  const channels = [noise(`${seed} left`, n), noise(`${seed} right`, n)];

  it('is as loud as in one piece', () => {
    const meter = new LoudnessMeter();
    for (const block of cut(channels, seeded(seed))) meter.push(block);
    expect(meter.integrated).toBe(integratedLoudness(channels));
  });

  it('is limited to the same samples, each of which is given once', () => {
    const limiter = new Limiter(2, -2);
    const given = [...cut(channels, seeded(seed))].map((block) => limiter.push(block));
    given.push(limiter.end());
    const whole = channels.map((c) => c.slice());
    const reduction = limit(whole, -2);
    expect(limiter.reduction).toBe(reduction);
    if (n > SAMPLE_RATE) expect(reduction).toBeGreaterThan(3);
    [0, 1].forEach((c) => {
      expect(joined(given.map((g) => g[c] as Float32Array))).toEqual(whole[c]);
    });
  });

  it('is held back by no more than the look-ahead', () => {
    const limiter = new Limiter(2, -2);
    let came = 0;
    let went = 0;
    for (const block of cut(channels, seeded(seed))) {
      came += block[0]?.length ?? 0;
      went += limiter.push(block)[0]?.length ?? 0;
      expect(came - went).toBeLessThanOrEqual(0.004 * SAMPLE_RATE + 6);
    }
    expect(limiter.end()[0]).toHaveLength(came - went);
  });
});
