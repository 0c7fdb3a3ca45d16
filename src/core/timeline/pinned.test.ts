import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { contentKey, seeded } from '../hash.ts';
import { FORMATS } from '../look/formats.ts';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { applyEdit, type Edit, edit, pieceEdit, sceneEdit } from '../piece/edit.ts';
import { migratePiece } from '../piece/migrate.ts';
import { type Piece, plainVoice, spokenOf } from '../piece/types.ts';
import { msToSamples } from '../time.ts';
import { compile } from './compile.ts';
import { takeKey, trackKey, wantedTakes } from './keys.ts';
import { segments } from './segments.ts';
import type { AssetFact, Facts, TakeFact, Timeline, TrackFact } from './types.ts';

/**
 * The timelines of three stored pieces with made-up voices, in every format, and the keys of their segments, as one hash
 * each. A video that was made must stay what it is: whoever means to change times, words, shots or sound writes down here
 * what they are now, and raises the version of the painter or the mixer where kept parts would not be made again.
 */
const PINNED: Record<string, string> = {
  'lantern-night': 'cba507202128fa52756be775e81d5df3',
  'mending-bench': 'af7960e2af50e57719bf503217874f1e',
  everything: 'ee23b539fefd01681b6d5ea227697537',
};

const read = (file: string): unknown => JSON.parse(readFileSync(new URL(file, import.meta.url), 'utf8'));
/** What the shelf knew of the pictures of these pieces; the shelf itself may change. */
const shelf = read('../paint/fixtures/shelf.json') as AssetFact[];
const assets = Object.fromEntries(
  shelf.map((e): [string, AssetFact] => [e.id, { ...e, durationMs: 0, sound: false }]),
);
const stored = (name: string): Piece => migratePiece(read(`../paint/fixtures/${name}.json`));
const setter = () => new Typesetter((text, font) => text.length * font.size * 0.52);

/** A voice that takes 70 ms for a letter and 120 ms between words. */
function take(text: string, key: string): TakeFact {
  let at = 80;
  const words = [...text.matchAll(/\S+/g)].map((m) => {
    const startMs = at;
    at += m[0].length * 70;
    const word = { start: m.index, end: m.index + m[0].length, startMs, endMs: at };
    at += 120;
    return word;
  });
  return { key, samples: msToSamples(at), words };
}

/** Facts for a piece; every third scene has no take yet. */
function factsOf(piece: Piece): Facts {
  const takes: Record<string, TakeFact> = {};
  for (const [i, { key, text }] of wantedTakes(piece).entries())
    if (i % 3 !== 2) takes[key] = take(text.replace(/\s+/g, ' '), key);
  const tracks: Record<string, TrackFact> = {};
  for (const bed of piece.beds)
    for (let ms = 1000; ms < 120_000; ms += 500) {
      if (bed.source.kind === 'silence') continue;
      const key = trackKey(bed.source, ms);
      tracks[key] = { key, samples: msToSamples(ms), bars: [0, msToSamples(2000), msToSamples(4000)] };
    }
  return { takes, tracks, assets, ownTracks: {} };
}

const keysOf = (timeline: Timeline) => segments(timeline, { width: 480, height: 854 }, 'encoder', {});

describe('the timeline of an unchanged piece', () => {
  it.each(Object.keys(PINNED))('of %s is what it was', (name) => {
    const piece = stored(name);
    const facts = factsOf(piece);
    const all = FORMATS.map((format) => {
      const timeline = compile(piece, facts, setter(), format);
      return { timeline, segments: keysOf(timeline).map(({ key: _, ...s }) => s) };
    });
    // Powers differ in their last digits from one processor to the next.
    const rounded = JSON.stringify(all, (_, v) => (typeof v === 'number' ? Math.round(v * 1e4) / 1e4 : v));
    expect(contentKey(rounded)).toBe(PINNED[name]);
  });

  it('speaks: words light up one after the other while they are said', () => {
    const piece = stored('mending-bench');
    const timeline = compile(piece, factsOf(piece), setter());
    const spoken = timeline.scenes.filter((s) => !s.estimated && s.words);
    expect(spoken.length).toBeGreaterThan(5);
    for (const scene of spoken) {
      const words = scene.words?.pages.flatMap((p) => p.lines.flatMap((l) => l.words)) ?? [];
      expect(words.map((w) => w.text).join(' ').length).toBeGreaterThan(3);
      for (const [i, w] of words.entries()) expect(w.start).toBeGreaterThanOrEqual(words[i - 1]?.start ?? 0);
    }
  });
});

/** What a writer changes, one thing at a time: everything on which words, shots or sound depend. */
function change(piece: Piece, random: () => number): Edit {
  const of = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const { id, shown } = of(piece.scenes);
  const pictured = of(piece.scenes.filter((s) => s.pictures.length));
  return of([
    () => sceneEdit('type', id, { shown: `${shown} more`.slice(-60).trim() }),
    () => sceneEdit('type-spoken', id, { spoken: of(['Other words are said.', null, '']) }),
    () => sceneEdit('layout', id, { layout: of(['title', 'caption', 'quote', 'figure', 'plain'] as const) }),
    () => sceneEdit('length', id, { durationMs: of([null, 1500, 4200]) }),
    () => sceneEdit('run-on', id, { runsOn: of([true, false]) }),
    () => sceneEdit('change-picture', id, { pictures: pictured.pictures }),
    () => pieceEdit('captions', { captions: !piece.captions }),
    () => pieceEdit('pace', { voice: { ...plainVoice('maud'), pace: of([0.8, 1, 1.4]) } }),
    () => edit('move', [{ op: 'move', id, to: Math.floor(random() * piece.scenes.length) }]),
  ])();
}

it.each([1, 2, 3, 4])(
  'a timeline that takes over what did not change is the one made anew, seed %i',
  (seed) => {
    const random = seeded(`timeline-${seed}`);
    const reused = setter();
    let piece = stored('everything');
    let facts = factsOf(piece);
    for (let i = 0; i < 60; i++) {
      const r = applyEdit(piece, change(piece, random));
      if (!r.ok) throw new Error(`Step ${i}: ${r.failure.reason}`);
      piece = r.piece;
      // Voices come and go.
      if (random() < 0.4) facts = random() < 0.5 ? factsOf(piece) : { ...facts, takes: {} };
      const format = FORMATS[Math.floor(random() * FORMATS.length)] ?? piece.format;
      expect(compile(piece, facts, reused, format)).toEqual(
        compile(structuredClone(piece), facts, setter(), format),
      );
    }
  },
);

describe('keys', () => {
  const piece = stored('mending-bench');
  const facts = factsOf(piece);
  const timeline = () => compile(piece, facts, setter());

  it('of segments cover every frame once, in order', () => {
    const t = timeline();
    let at = 0;
    for (const s of keysOf(t)) {
      expect((t.scenes[s.scene]?.start ?? 0) + s.start).toBe(at);
      expect(s.end - s.start).toBeLessThanOrEqual(300);
      at += s.end - s.start;
    }
    expect(at).toBe(t.frames);
  });

  it('of segments change with what is drawn, and not with when it is', () => {
    const keys = keysOf(timeline()).map((s) => s.key);
    const of = (change: (t: Timeline) => Timeline, encoder = 'encoder', files: Record<string, string> = {}) =>
      segments(change(timeline()), { width: 480, height: 854 }, encoder, files).map((s) => s.key);
    expect(of((t) => t)).toEqual(keys);
    expect(new Set(keys).size).toBe(keys.length);
    const same = (other: string[]) => other.filter((k, i) => k === keys[i]).length;
    expect(same(of((t) => t, 'another'))).toBe(0);
    const coloured = (colours: Partial<Timeline['colours']>) => (t: Timeline) => ({
      ...t,
      scenes: t.scenes.map((s) => ({ ...s, colours: { ...s.colours, ...colours } })),
    });
    expect(same(of(coloured({ ground: ['#123456', '#654321'] })))).toBe(0);
    expect(same(of(coloured({ ink: '#123456' })))).toBe(0);
    const later = (t: Timeline): Timeline => ({
      ...t,
      scenes: t.scenes.map((s, i) => (i ? { ...s, start: s.start + 9, end: s.end + 9 } : s)),
    });
    expect(same(of(later))).toBe(keys.length);
    const shot = timeline().scenes[3]?.shots[0];
    const file = of((t) => t, 'encoder', { [`${shot?.assetId}/${shot?.view}`]: 'other' });
    expect(same(file)).toBeLessThan(keys.length);
    expect(same(file)).toBeGreaterThan(keys.length / 2);
  });

  it('of takes go by words, voice and pace, and not by white space', () => {
    const voice = plainVoice('maud');
    const key = takeKey('One two.', voice);
    expect(takeKey('  One \n two.', voice)).toBe(key);
    expect(takeKey('One two.', voice)).toBe(key);
    const others = [
      takeKey('One two!', voice),
      takeKey('One two.', { ...voice, pace: 1.1 }),
      takeKey('One two.', plainVoice('otto')),
      takeKey('One two.', { ...voice, pitch: 1 }),
      takeKey('One two.', { ...voice, tone: 'calm' }),
      takeKey('One two.', { ...voice, pauses: 2 }),
      takeKey('One two.', voice, [{ written: 'two', said: 'too' }]),
    ];
    expect(new Set([key, ...others]).size).toBe(8);
    expect(takeKey('One two.', voice, [{ written: 'three', said: 'tree' }])).toBe(key);
  });

  it('of wanted takes: one for each different text that a synthetic voice says', () => {
    const [a, b, c] = piece.scenes.slice(0, 3).map((s) => ({ ...s, spoken: 'Said twice.' }));
    if (!a || !b || !c) throw new Error('Scenes are missing.');
    const recorded = {
      ...c,
      spoken: 'Recorded.',
      narration: { kind: 'take' as const, takeId: 't', startMs: 0, endMs: null, clean: false },
    };
    const silent = { ...c, id: 'silent', spoken: '  ' };
    const wanted = wantedTakes({ ...piece, scenes: [a, b, recorded, silent] });
    expect(wanted.map((w) => [w.text, w.recorded?.takeId ?? null])).toEqual([
      ['Said twice.', null],
      ['Recorded.', 't'],
    ]);
    expect(wanted[0]).toMatchObject({
      key: takeKey('Said twice.', piece.voice),
      voice: piece.voice,
      says: [],
    });
    expect(spokenOf(a)).toBe('Said twice.');
  });
});
