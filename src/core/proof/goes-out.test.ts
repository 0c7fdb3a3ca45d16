import { describe, expect, it } from 'vitest';
import { markWords } from '../../wording/marks.ts';
import { newDelivery, newKitEntry } from '../piece/outputs.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import type { Piece, Scene } from '../piece/types.ts';
import { clippedPeaks } from '../sound/clipped.ts';
import { msToSamples, SAMPLE_RATE } from '../time.ts';
import { compile } from '../timeline/compile.ts';
import { wantedTakes } from '../timeline/keys.ts';
import { setter } from '../timeline/testing.ts';
import { type CheckName, check, type Mark } from './proof.ts';
import type { ProofFacts } from './types.ts';

const about = (id: string, more: object = {}) => ({
  ...{ id, title: `Picture ${id}`, licence: 'own' as const, credit: '', description: 'A lock gate.' },
  ...more,
});
const NOTHING: ProofFacts = {
  ...{ takes: {}, assets: {}, tracks: {}, ownTracks: {}, refused: {}, destinations: [], comments: [] },
  misspelled: () => [],
  credits: { p: about('p'), q: about('q', { description: '' }), m: about('m', { machineMade: true }) },
};
const of = <N extends CheckName>(name: N, p: Piece, facts: Partial<ProofFacts> = {}) => {
  const all = { ...NOTHING, ...facts };
  return check(p, compile(p, all, setter()), all).filter(
    (m): m is Extract<Mark, { check: N }> => m.check === name,
  );
};
const line = (id: string, assetId: string, more: Partial<Scene> = {}) =>
  scene(id, `The gate of ${id} opens.`, { pictures: [picture(assetId)], ...more });

describe('what reviewers said', () => {
  it('is found at its scene, and at the first one where that is gone or there was none', () => {
    const said = (id: string, sceneId: string | null) => ({ id, author: 'Ida', text: 'Too long.', sceneId });
    const marks = of('comment', piece([line('a', 'p'), line('b', 'p')]), {
      comments: [said('1', 'b'), said('2', 'gone'), said('3', null)],
    });
    expect(marks.map((m) => [m.id, m.sceneId])).toEqual([
      ['1', 'b'],
      ['2', 'a'],
      ['3', 'a'],
    ]);
    expect(marks.map(markWords)[0]).toBe('Ida: Too long.');
    expect(of('comment', piece([]), { comments: [said('1', 'b')] })).toEqual([]);
  });
});

describe('a delivery in another language', () => {
  const german = (text: string, of: string) => ({ language: 'de', shown: text, spoken: null, of });
  const inGerman = { deliveries: [newDelivery('v'), { ...newDelivery('w'), language: 'de' }] };
  const scenes = [
    line('a', 'p', { translations: [german('Das Tor geht auf.', 'The gate of a opens.')] }),
    line('b', 'p', { translations: [german('Das Tor geht zu.', 'The gate of b shuts.')] }),
    line('c', 'p'),
    scene('d', ' '),
  ];

  it('has each line that is not translated, and each that has changed since', () => {
    const marks = of('untranslated', piece(scenes, inGerman));
    expect(marks.map((m) => [m.sceneId, m.language, m.older])).toEqual([
      ['b', 'de', true],
      ['c', 'de', false],
    ]);
    expect(marks.map(markWords)).toEqual([
      'The words have changed since they were put into German.',
      'A delivery is in German, and these words are not.',
    ]);
    expect(of('untranslated', piece(scenes))).toEqual([]);
    expect(of('untranslated', piece(scenes.slice(0, 1), inGerman))).toEqual([]);
  });
});

describe('a cover that goes out', () => {
  const asCover = { deliveries: [{ ...newDelivery('c'), kind: 'cover' as const }] };
  it('wants words for those who do not see it', () => {
    expect(of('no-alternative', piece([line('a', 'q')], asCover))).toMatchObject([{ sceneId: 'a' }]);
    expect(of('no-alternative', piece([line('a', 'p')], asCover))).toEqual([]);
    const kit = [{ ...newKitEntry('here'), alternative: 'A gate of old oak.' }];
    expect(of('no-alternative', piece([line('a', 'q')], { ...asCover, kit }))).toEqual([]);
  });

  it('is looked at where it was chosen, and not at all while none goes out', () => {
    const two = [line('a', 'p', { durationMs: 3000 }), line('b', 'q', { durationMs: 3000 })];
    expect(of('no-alternative', piece(two, asCover))).toEqual([]);
    expect(of('no-alternative', piece(two, { ...asCover, coverMs: 4500 }))).toMatchObject([{ sceneId: 'b' }]);
    expect(of('no-alternative', piece([line('a', 'q')]))).toEqual([]);
  });
});

describe('a picture that a machine made', () => {
  it('is told once, where it is first seen', () => {
    const marks = of('machine-made', piece([line('a', 'p'), line('b', 'm'), line('c', 'm')]));
    expect(marks.map((m) => [m.sceneId, m.title, m.weight])).toEqual([['b', 'Picture m', 'note']]);
  });
});

describe('a recording that was too loud', () => {
  const recorded: Partial<Scene> = {
    narration: { kind: 'take', takeId: 'r'.repeat(32), startMs: 0, endMs: null, clean: false },
  };
  const facts = (p: Piece, clipped: number) => ({
    takes: Object.fromEntries(
      wantedTakes(p).map(({ key }) => [key, { key, samples: msToSamples(1500), words: [], clipped }]),
    ),
  });
  it('is found by what was cut off, and a synthetic voice never', () => {
    const p = piece([line('a', 'p', recorded), line('b', 'p')]);
    expect(of('clipped', p, facts(p, 40)).map((m) => [m.sceneId, m.peaks])).toEqual([['a', 40]]);
    expect(of('clipped', p, facts(p, 0))).toEqual([]);
  });

  const tone = (gain: number, hz = 180, ceiling = 1, after = 1) =>
    Float32Array.from({ length: SAMPLE_RATE }, (_, i) => {
      const v = gain * Math.sin((2 * Math.PI * hz * i) / SAMPLE_RATE);
      return after * Math.max(-ceiling, Math.min(ceiling, v));
    });
  it('has flat tops, also where it was made quieter afterwards; what just fits has none', () => {
    expect(clippedPeaks(tone(1.6))).toBeGreaterThan(300);
    expect(clippedPeaks(tone(1.6, 180, 1, 0.5))).toBeGreaterThan(300);
    expect(clippedPeaks(tone(0.99, 900))).toBe(0);
    expect(clippedPeaks(tone(0.05))).toBe(0);
    expect(clippedPeaks(new Float32Array(1000))).toBe(0);
  });
});
