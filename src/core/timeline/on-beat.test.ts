import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { lookOf } from '../look/looks.ts';
import { compose } from '../music/compose.ts';
import { gridOf } from '../music/grid.ts';
import { MOOD_NAMES, MOODS } from '../music/moods.ts';
import { newEffect } from '../piece/effects.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { newBed, type Piece } from '../piece/types.ts';
import { hitOf } from '../sound/effects.ts';
import { mix, soundOf } from '../sound/mix.ts';
import { framesToSamples, msToSamples, SAMPLE_RATE, SAMPLES_PER_FRAME, samplesToMs } from '../time.ts';
import { compile } from './compile.ts';
import { takeKey } from './keys.ts';
import { bedsOf } from './sound.ts';
import { setter } from './testing.ts';
import { layTimes } from './times.ts';
import { type AssetFact, type Facts, NO_FACTS, type TakeFact } from './types.ts';

const random = seeded('on the beat');
const asset = (id: string): AssetFact => ({
  ...{ id, kind: 'still', durationMs: 0, sound: false, loopFrames: 0 },
  views: { tall: { width: 1080, height: 1920, focal: [0.3, 0.4, 0.4, 0.3] } },
});

/** Scenes with takes of many lengths. */
function spoken(count: number, more: Partial<Piece> = {}): { p: Piece; facts: Facts } {
  const scenes = Array.from({ length: count }, (_, i) => scene(`s${i}`, `Line ${i} says something.`));
  const p = piece(scenes, more);
  const takes: Record<string, TakeFact> = {};
  for (const s of scenes) {
    const key = takeKey(s.shown, p.voice);
    takes[key] = { key, samples: Math.round((0.6 + 4 * random()) * SAMPLE_RATE), words: [] };
  }
  return { p, facts: { ...NO_FACTS, takes, assets: { p: asset('p'), q: asset('q'), r: asset('r') } } };
}

describe('pictures that change on the beat', () => {
  it.each(['bar', 'half', 'beat'] as const)(
    'change with every %s, and cut nothing that is said',
    (onBeat) => {
      for (const mood of MOOD_NAMES) {
        const beds = [newBed('m', { kind: 'composed', mood, seed: 1 })];
        const { p, facts } = spoken(12, { beds, onBeat });
        const grid = gridOf(beds[0]?.source as never, onBeat, {});
        const free = layTimes({ ...p, onBeat: 'free' }, facts, lookOf(p.look));
        layTimes(p, facts, lookOf(p.look)).forEach((t, i, all) => {
          expect(t.start).toBe(all[i - 1]?.end ?? 0);
          expect(t.end - t.start).toBeGreaterThanOrEqual(t.voice.end);
          expect(t.end - t.start).toBeGreaterThanOrEqual((free[i]?.end ?? 0) - (free[i]?.start ?? 0));
          if (i === 0) return;
          const seen = t.start + Math.floor(t.transition.frames / 2);
          expect(grid?.near(seen)).toBe(seen);
        });
      }
    },
  );

  it('are where the music has its bars: the composer plays at the tempo that it was counted with', () => {
    for (const mood of MOOD_NAMES)
      for (const lengthMs of [9000, 31_700, 60_000, 91_300]) {
        const { barStarts, tempo } = compose(mood, 1, lengthMs, true);
        expect(tempo).toBe(MOODS[mood].tempo);
        barStarts.forEach((at, i) => {
          expect(Math.abs(samplesToMs(at) - (i * 240_000) / tempo)).toBeLessThanOrEqual(1);
        });
        expect(barStarts.at(-1)).toBeLessThan(msToSamples(lengthMs));
      }
  });

  it('leave lengths alone that were set by hand', () => {
    const beds = [newBed('m', { kind: 'composed', mood: 'still', seed: 1 })];
    const { p, facts } = spoken(4, { beds, onBeat: 'bar' });
    const set: Piece = { ...p, scenes: p.scenes.map((s, i) => (i === 1 ? { ...s, durationMs: 7777 } : s)) };
    const times = layTimes(set, facts, lookOf(p.look));
    expect((times[1]?.end ?? 0) - (times[1]?.start ?? 0)).toBe(Math.round(7.777 * 30));
  });

  it('change within a scene on beats too, and none is passed over', () => {
    const beds = [newBed('m', { kind: 'composed', mood: 'drive', seed: 1 })];
    const { p, facts } = spoken(3, { beds, onBeat: 'beat' });
    const three = [picture('p'), picture('q'), picture('r')];
    const full: Piece = { ...p, scenes: p.scenes.map((s) => ({ ...s, durationMs: 6000, pictures: three })) };
    const t = compile(full, facts, setter());
    const grid = gridOf(beds[0]?.source as never, 'beat', {});
    for (const s of t.scenes) {
      expect(s.shots.map((x) => x.assetId)).toEqual(['p', 'q', 'r']);
      for (const shot of s.shots.slice(1)) {
        const seen = s.start + shot.start + Math.floor(shot.transition.frames / 2);
        expect(grid?.near(seen)).toBe(seen);
        expect(shot.start).toBeGreaterThan(30);
      }
    }
  });

  it('follow the music that begins with a scene from there', () => {
    const beds = [
      newBed('m', { kind: 'composed', mood: 'drive', seed: 1 }),
      { ...newBed('n', { kind: 'composed', mood: 'still', seed: 1 }), fromScene: 's5' },
    ];
    const { p, facts } = spoken(10, { beds, onBeat: 'bar' });
    const times = layTimes(p, facts, lookOf(p.look));
    const from = times[5]?.start ?? 0;
    const grid = gridOf(beds[1]?.source as never, 'bar', {});
    for (const t of times.slice(6)) {
      const seen = t.start + Math.floor(t.transition.frames / 2) - from;
      expect(grid?.near(seen)).toBe(seen);
    }
    expect(bedsOf(p, times).map(({ start, end }) => [start, end])).toEqual([
      [0, from],
      [from, times.at(-1)?.end],
    ]);
  });
});

describe('short sounds', () => {
  const { p, facts } = spoken(4);
  const effects = (of: Partial<Piece>) => compile({ ...p, ...of }, facts, setter()).sound.effects;
  const dissolved = { transition: { kind: 'page', lengthMs: 400 } } as const;

  it('are none unless somebody wants them', () => {
    expect(effects({})).toEqual([]);
  });

  it('go with the transition, and are in the middle of it', () => {
    const t = compile({ ...p, ...dissolved, borderSound: 'fitting' }, facts, setter());
    expect(t.sound.effects.map((e) => e.name)).toEqual(['paper', 'paper', 'paper']);
    t.sound.effects.forEach((e, i) => {
      const s = t.scenes[i + 1];
      const middle = (s?.start ?? 0) + Math.floor((s?.transition.frames ?? 0) / 2);
      expect(e.start + hitOf('paper')).toBe(framesToSamples(middle));
    });
    expect(effects({ transition: { kind: 'dissolve', lengthMs: 400 }, borderSound: 'fitting' })).toEqual([]);
  });

  it('are of the row where it has its own, or is to be silent; not where a picture runs on', () => {
    const scenes = p.scenes.map((s, i) =>
      i === 0 ? { ...s, effect: newEffect('bell') } : i === 1 ? { ...s, effect: newEffect('none') } : s,
    );
    expect(effects({ scenes, borderSound: 'click' }).map((e) => e.name)).toEqual(['bell', 'click', 'click']);
    const on = p.scenes.map((s, i) => ({ ...s, runsOn: i === 2, pictures: [picture('p')] }));
    expect(effects({ scenes: on, borderSound: 'click' })).toHaveLength(2);
  });

  it('are heard where they are, the first also when it begins before the piece', () => {
    const scenes = p.scenes.map((s, i) => (i === 0 || i === 2 ? { ...s, effect: newEffect('lift') } : s));
    const t = compile({ ...p, scenes }, facts, setter());
    expect(t.sound.effects[0]?.start).toBeLessThan(0);
    const nothing = soundOf(new Float32Array(10 * SAMPLE_RATE));
    const { left } = mix(t, { take: () => nothing, clip: () => null, track: () => null });
    const loud = (frame: number) =>
      Math.max(
        ...left
          .subarray(Math.max(0, frame - 3) * SAMPLES_PER_FRAME, (frame + 2) * SAMPLES_PER_FRAME)
          .map(Math.abs),
      );
    expect(loud(1)).toBeGreaterThan(0.01);
    expect(loud(t.scenes[2]?.start ?? 0)).toBeGreaterThan(0.01);
    expect(loud((t.scenes[1]?.start ?? 0) + 10)).toBe(0);
  });
});
