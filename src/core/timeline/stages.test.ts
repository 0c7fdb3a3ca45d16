import { describe, expect, it } from 'vitest';
import { REVEAL_KINDS } from '../look/reveals.ts';
import { AS_THE_PIECE } from '../piece/appearance.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { type Bed, newBed, type Piece, plainVoice, type Scene } from '../piece/types.ts';
import { gainCurve, MIX, mix, soundOf } from '../sound/mix.ts';
import { FPS, msToFrames, msToSamples, SAMPLE_RATE, SAMPLES_PER_FRAME } from '../time.ts';
import { compile, locate } from './compile.ts';
import { narrationKey, takeKey } from './keys.ts';
import { PACING } from './pacing.ts';
import { setter } from './testing.ts';
import { NO_FACTS, type TakeFact } from './types.ts';

const quiet = (id: string, durationMs: number, more: Partial<Scene> = {}): Scene =>
  scene(id, '', { durationMs, ...more });
const bed = (id: string, more: Partial<Bed> = {}): Bed => ({
  ...newBed(id, { kind: 'composed', mood: 'gentle', seed: 1 }),
  ...more,
});

describe('transitions on a border', () => {
  const frames = (before: number, after: number, transition: Scene['transition'] = null): number => {
    const p = piece([quiet('a', before), quiet('b', after, { transition })]);
    const [a, b] = compile(p, NO_FACTS, setter()).scenes;
    expect(a?.tail).toBe(b?.transition.frames);
    expect(a?.transition.frames).toBe(0);
    return b?.transition.frames ?? -1;
  };

  it('are as long as the look has it, or as the writer wants it', () => {
    expect(frames(3000, 3000)).toBe(10);
    expect(frames(3000, 3000, { kind: 'dissolve', lengthMs: 600 })).toBe(18);
    expect(frames(3000, 3000, { kind: 'dissolve', lengthMs: 0 })).toBe(0);
    expect(frames(3000, 3000, { kind: 'cut', lengthMs: 600 })).toBe(0);
  });

  it('leave the shorter of both scenes most of its time', () => {
    expect(frames(600, 3000, { kind: 'dissolve', lengthMs: 2000 })).toBe(18 / PACING.transitionPart);
    expect(frames(3000, 600, { kind: 'dissolve', lengthMs: 2000 })).toBe(18 / PACING.transitionPart);
  });

  it('are not there where the picture runs on', () => {
    const p = piece([
      quiet('a', 3000, { pictures: [picture('p')] }),
      quiet('b', 3000, { runsOn: true, transition: { kind: 'dissolve', lengthMs: 600 } }),
    ]);
    expect(compile(p, NO_FACTS, setter()).scenes[1]?.transition.frames).toBe(0);
  });
});

describe('a narration that was recorded', () => {
  const words = [0, 500, 1000, 1500].map((startMs, i) => ({
    start: i * 4,
    end: i * 4 + 3,
    startMs,
    endMs: startMs + 400,
  }));
  const spoken = (startMs: number, endMs: number | null, clean = false): Piece =>
    piece([
      scene('a', 'one two six ten', {
        narration: { kind: 'take', takeId: 'recorded', startMs, endMs, clean },
      }),
    ]);
  const keyOf = (p: Piece) => narrationKey(p.scenes[0] as Scene, p) as string;

  it('is heard as long as its part lasts, its words shown when they are said there', () => {
    const p = spoken(0, null);
    const take: TakeFact = { key: keyOf(p), samples: msToSamples(2000), words };
    const t = compile(p, { ...NO_FACTS, takes: { [take.key]: take } }, setter());
    expect(t.scenes[0]?.voice).toMatchObject({ key: take.key, samples: msToSamples(2000) });
    const lead = t.scenes[0]?.voice?.start ?? 0;
    // The music makes way from the first word to the last.
    const [first, last] = [words[0], words.at(-1)];
    expect(t.sound.speech).toEqual([
      [lead + msToSamples(first?.startMs ?? 0), lead + msToSamples(last?.endMs ?? 0)],
    ]);
  });

  it('is another one for another part, other words, and without the noise of the room', () => {
    const keys = [
      spoken(0, null),
      spoken(500, null),
      spoken(0, 1500),
      spoken(0, null, true),
      piece([{ ...(spoken(0, null).scenes[0] as Scene), shown: 'other words' }]),
    ].map(keyOf);
    expect(new Set(keys).size).toBe(5);
    // Who would speak does not matter.
    expect(keyOf({ ...spoken(0, null), voice: plainVoice('bram') })).toBe(keys[0]);
  });

  it('that is not there yet is as long as its part, or estimated where that has no end', () => {
    const t = compile(spoken(500, 1750), NO_FACTS, setter());
    const open = compile(spoken(500, null), NO_FACTS, setter());
    expect(t.scenes[0]).toMatchObject({ estimated: true, voice: null });
    expect(open.scenes[0]).toMatchObject({ estimated: true, voice: null });
    expect(t.frames).not.toBe(open.frames);
  });
});

describe('stretches of music', () => {
  const p = (beds: Bed[]) => piece([quiet('a', 4000), quiet('b', 6000)], { beds });
  const beds = (list: Bed[]) => compile(p(list), NO_FACTS, setter()).sound.beds;

  it('run where they are set, to the end where no end is set, and ask for tracks of their length', () => {
    const [first, second] = beds([bed('x', { startMs: 0, endMs: 2500 }), bed('y', { startMs: 7000 })]);
    expect([first?.start, first?.length]).toEqual([0, msToSamples(2500)]);
    expect([second?.start, second?.length]).toEqual([msToSamples(7000), msToSamples(3000)]);
    expect(first?.wanted).toMatchObject({
      source: { mood: 'gentle', seed: 1 },
      lengthMs: 2500,
      steady: false,
    });
    expect(first?.wanted.key).not.toBe(second?.wanted.key);
  });

  it('that lie behind the end are not there, one that reaches over it ends with it', () => {
    expect(beds([bed('x', { startMs: 10_000 }), bed('y', { startMs: 60_000, endMs: 70_000 })])).toEqual([]);
    expect(beds([bed('x', { startMs: 9000, endMs: 70_000 })])[0]?.length).toBe(SAMPLE_RATE);
  });

  it('are heard in their stretch only, each as loud as it is set', () => {
    const list = [bed('x', { endMs: 3000 }), bed('y', { startMs: 5000, endMs: 8000, gainDb: -12 })];
    const t = compile(p(list), NO_FACTS, setter());
    for (const b of t.sound.beds) b.track = { key: b.wanted.key, samples: b.length, bars: [] };
    const tone = Float32Array.from({ length: 10 * SAMPLE_RATE }, (_, i) => 0.2 * Math.sin(i / 20));
    const { left } = mix(t, {
      take: () => null,
      clip: () => null,
      track: () => soundOf(tone, tone),
    });
    const rms = (fromMs: number, toMs: number) => {
      const part = left.subarray(msToSamples(fromMs), msToSamples(toMs));
      return Math.sqrt(part.reduce((a, x) => a + x * x, 0) / part.length);
    };
    expect(20 * Math.log10(rms(500, 2400) / rms(5500, 7400))).toBeCloseTo(12, 0);
    expect([rms(3000, 5000), rms(8000, 10_000)]).toEqual([0, 0]);
  });

  it('go down under the voice as far as it is set, or as the mixer finds right', () => {
    const speech = [[msToSamples(2000), msToSamples(4000)]] as const;
    const at = (duckDb: number | null, ms: number, gainDb = 0) => {
      const curve = gainCurve(speech, msToSamples(9000), { gainDb, duckDb });
      return curve.findLast((point) => point.at <= msToSamples(ms))?.db;
    };
    expect(at(null, 2100)).toBe(MIX.musicUnderVoiceDb);
    expect(at(6, 2100)).toBe(MIX.musicOpenDb - 6);
    expect(at(0, 2100)).toBe(MIX.musicOpenDb);
    expect(at(6, 2100, 3)).toBe(MIX.musicOpenDb + 3 - 6);
    expect(at(6, 8000)).toBe(MIX.musicOpenDb);
  });
});

describe('words', () => {
  it('are gone before their scene is where they shall be, but are seen for half of what is left of it', () => {
    const end = (goneMs: number | null, durationMs = 4000) => {
      const look = { ...AS_THE_PIECE, goneMs };
      const p = piece([quiet('a', durationMs, { shown: 'One line.', look: goneMs === null ? null : look })]);
      return compile(p, NO_FACTS, setter()).scenes[0]?.words?.pages.at(-1)?.end;
    };
    expect(end(null)).toBe(msToFrames(4000));
    expect(end(1000)).toBe(msToFrames(3000));
    expect(end(9000)).toBe(msToFrames(2000));
  });

  it('that are a figure count, and those that say which one of a list it is do not', () => {
    const counting = (layout: Scene['layout'], shown: string) =>
      compile(piece([scene('a', shown, { layout })]), NO_FACTS, setter())
        .scenes[0]?.words?.pages.flatMap((p) => p.lines.flatMap((l) => l.words))
        .filter((w) => w.counts)
        .map((w) => w.text);
    expect(counting('figure', '4.9 / 5\nstars')).toEqual(['4.9']);
    expect(counting('number', '4. A thank you keeps us going for 30 days.')).toEqual([]);
  });

  it('come as the look has it, or as the scene’s exception has it', () => {
    const reveal = (look: Scene['look']) => {
      const t = compile(piece([scene('a', 'One two three.', { look })]), NO_FACTS, setter());
      return t.scenes[0]?.words?.reveal.kind;
    };
    const own = reveal(null);
    expect(REVEAL_KINDS).toContain(own);
    expect(reveal(AS_THE_PIECE)).toBe(own);
    for (const kind of REVEAL_KINDS) expect(reveal({ ...AS_THE_PIECE, reveal: kind })).toBe(kind);
  });

  it('that are hashtags stand out as what the writer stresses does; numbers and signs do not', () => {
    const words = (more: Partial<Scene>) => {
      const t = compile(piece([scene('a', 'See #LanternNight and #1, not R&#D.', more)]), NO_FACTS, setter());
      const pages = t.scenes[0]?.words?.pages ?? [];
      return pages.flatMap((p) =>
        p.lines.flatMap((l) => l.words.map((w) => [w.text, `${w.colour} ${w.highlight !== null}`] as const)),
      );
    };
    const plain = words({});
    const stressed = words({ highlights: [[0, 3]] });
    expect(stressed.find(([t]) => t === 'See')?.[1]).toBe(plain.find(([t]) => t.startsWith('#Lantern'))?.[1]);
    const others = plain.filter(([t]) => !t.startsWith('#Lantern')).map(([, c]) => c);
    expect(new Set(others).size).toBe(1);
    expect(others[0]).not.toBe(plain.find(([t]) => t.startsWith('#Lantern'))?.[1]);
  });

  it('are not laid again while nothing they depend on changes', () => {
    const s = setter();
    const p = piece([scene('a', 'One.'), scene('b', 'Two.')]);
    const first = compile(p, NO_FACTS, s);
    const again = compile({ ...p, title: 'Another' }, NO_FACTS, s);
    expect(again.scenes[0]?.words).toBe(first.scenes[0]?.words);
    const changed = compile({ ...p, scenes: p.scenes.with(1, scene('b', 'Three.')) }, NO_FACTS, s);
    expect(changed.scenes[0]?.words).toBe(first.scenes[0]?.words);
    expect(changed.scenes[1]?.words).not.toBe(first.scenes[1]?.words);
    expect(compile({ ...p, captions: false }, NO_FACTS, s).scenes[0]?.words).toBeNull();
  });
});

describe('a format', () => {
  it('that is delivered may differ from the one that is edited; times and sound stay the same', () => {
    const s = setter();
    const p = piece([scene('a', 'One two three.'), scene('b', 'Four.')], {
      format: '9:16',
      beds: [bed('x')],
    });
    const tall = compile(p, NO_FACTS, s);
    const wide = compile(p, NO_FACTS, s, '16:9');
    expect([wide.format, wide.width > wide.height, tall.width < tall.height]).toEqual(['16:9', true, true]);
    expect(wide.scenes.map((x) => [x.start, x.end])).toEqual(tall.scenes.map((x) => [x.start, x.end]));
    expect(wide.sound).toEqual(tall.sound);
    expect(wide).toEqual(compile({ ...p, format: '16:9' }, NO_FACTS, setter()));
    // Both are remembered beside each other.
    expect(compile(p, NO_FACTS, s).scenes[0]?.words).toBe(tall.scenes[0]?.words);
  });
});

describe('places', () => {
  it('of frames are found in their scene, to the frame', () => {
    const t = compile(piece([quiet('a', 1000), quiet('b', 2000)]), NO_FACTS, setter());
    expect(locate(t, 0)).toEqual({ index: 0, local: 0 });
    expect(locate(t, FPS - 1)).toEqual({ index: 0, local: FPS - 1 });
    expect(locate(t, FPS)).toEqual({ index: 1, local: 0 });
    expect(locate(t, 3 * FPS)).toEqual({ index: 1, local: 2 * FPS });
    expect(t.sound.samples).toBe(3 * FPS * SAMPLES_PER_FRAME);
  });

  it('of no voice: a silent scene is long enough to be read, never shorter than a third of a second', () => {
    const length = (more: Partial<Scene>) => {
      const t = compile(piece([scene('a', '', more), quiet('z', 1000)]), NO_FACTS, setter());
      return t.scenes[0]?.end ?? 0;
    };
    expect(length({})).toBe(msToFrames(PACING.silentSceneMs));
    expect(length({ shown: 'word '.repeat(60).trim(), spoken: '' })).toBeGreaterThan(10 * FPS);
    expect(length({ durationMs: 100 })).toBe(PACING.leastFrames);
  });

  it('of a voice: nearer to the start in later scenes, and the last scene holds', () => {
    const t = compile(
      piece([scene('a', 'One.'), scene('b', 'One.'), scene('c', 'One.')]),
      NO_FACTS,
      setter(),
    );
    const take: TakeFact = { key: takeKey('One.', piece().voice), samples: msToSamples(900), words: [] };
    const told = compile(
      piece([scene('a', 'One.'), scene('b', 'One.'), scene('c', 'One.')]),
      { ...NO_FACTS, takes: { [take.key]: take } },
      setter(),
    );
    const lead = told.scenes.map((s) => (s.voice?.start ?? 0) / SAMPLES_PER_FRAME - s.start);
    expect(lead).toEqual([
      msToFrames(PACING.firstLeadMs),
      msToFrames(PACING.leadMs),
      msToFrames(PACING.leadMs),
    ]);
    const lengths = told.scenes.map((s) => s.end - s.start);
    expect(
      Math.abs((lengths[2] ?? 0) - (lengths[1] ?? 0) - msToFrames(PACING.endHoldMs)),
    ).toBeLessThanOrEqual(1);
    expect(t.scenes.every((s) => s.estimated)).toBe(true);
    expect(told.scenes.some((s) => s.estimated)).toBe(false);
  });
});
