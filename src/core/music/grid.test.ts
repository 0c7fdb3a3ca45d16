import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { FPS, msToFrames } from '../time.ts';
import type { OwnTrackFact } from '../timeline/types.ts';
import { type Grid, gridOf } from './grid.ts';
import { MOODS } from './moods.ts';
import { ON_BEAT } from './on-beat.ts';

const waltz: OwnTrackFact = {
  beats: Array.from({ length: 60 }, (_, i) => 240 + i * 500),
  meter: 3,
  first: 1,
  sure: 0.5,
};
const brought = { kind: 'brought', trackId: 'w', startMs: 0 } as const;
const composed = { kind: 'composed', mood: 'drive', seed: 1 } as const;

const has = (grid: Grid | null, frame: number) => grid?.near(frame) === frame;

describe('when pictures may change with the music', () => {
  it('is always, where they do not follow it, where there is none, where it has no beat or is not known', () => {
    expect(gridOf(composed, 'free', {})).toBeNull();
    expect(gridOf({ kind: 'silence' }, 'beat', {})).toBeNull();
    expect(gridOf(brought, 'beat', {})).toBeNull();
    expect(gridOf(brought, 'beat', { w: { ...waltz, sure: 0.01 } })).toBeNull();
  });

  it.each(ON_BEAT.filter((o) => o !== 'free'))('gives the next and the nearest place: %s', (onBeat) => {
    const random = seeded(onBeat);
    for (const source of [composed, brought, { ...brought, startMs: 5740 }]) {
      const grid = gridOf(source, onBeat, { w: waltz }) as Grid;
      for (let i = 0; i < 200; i++) {
        const frame = Math.floor(random() * 3000);
        const from = grid.from(frame);
        const near = grid.near(frame);
        expect(from).toBeGreaterThanOrEqual(frame);
        expect(grid.from(from)).toBe(from);
        expect(grid.near(near)).toBe(near);
        // Nothing lies between.
        for (let f = frame; f < from; f++) expect(has(grid, f)).toBe(false);
        expect(Math.abs(near - frame)).toBeLessThanOrEqual(
          Math.max(from - frame, near > frame ? 0 : frame - near),
        );
      }
    }
  });

  it('is with every bar of three, from where the bars begin', () => {
    const grid = gridOf(brought, 'bar', { w: waltz }) as Grid;
    expect(grid.from(0)).toBe(msToFrames(740));
    expect(grid.from(msToFrames(741) + 1)).toBe(msToFrames(2240));
    // Beyond the end of the track it goes on.
    expect(grid.from(msToFrames(60_000)) - msToFrames(60_000)).toBeLessThanOrEqual(1.5 * FPS);
  });

  it('is with what is composed at its own tempo', () => {
    const beat = 60_000 / MOODS.drive.tempo;
    const grid = gridOf(composed, 'half', {}) as Grid;
    expect([grid.from(0), grid.from(1), grid.from(msToFrames(2 * beat) + 1)]).toEqual([
      0,
      msToFrames(2 * beat),
      msToFrames(4 * beat),
    ]);
  });
});
