import { describe, expect, it } from 'vitest';
import { compose } from './compose.ts';
import { formOf, type PartName, partAt } from './form.ts';
import { BEATS, type BeatName, type Hit } from './moods/beats.ts';
import { MOOD_NAMES, MOODS, type Mood } from './moods.ts';

const SCALES = {
  major: [0, 2, 4, 5, 7, 9, 11],
  minor: [0, 2, 3, 5, 7, 8, 10],
  dorian: [0, 2, 3, 5, 7, 9, 10],
  lydian: [0, 2, 4, 6, 7, 9, 11],
};
const [CHORDS, BASS, LEAD, PAD, DRUMS] = [0, 1, 2, 3, 9];
const LENGTHS = [3000, 9000, 21_000, 90_000];
const every = (check: (mood: Mood, score: ReturnType<typeof compose>, ms: number, seed: number) => void) => {
  for (const mood of MOOD_NAMES)
    for (const ms of LENGTHS) for (const seed of [0, 1, 17]) check(mood, compose(mood, seed, ms), ms, seed);
};
/** Bars before the closing chord. */
const bars = (s: ReturnType<typeof compose>) => s.bars - 1;
const notes = (s: ReturnType<typeof compose>, channel: number | undefined, bar?: number) =>
  s.notes.filter((n) => n.channel === channel && (bar === undefined || Math.floor(n.at / 4) === bar));
/** The scale step on which a bar stands, told by its bass: 0 to 6. */
const degreeOf = (mood: Mood, s: ReturnType<typeof compose>, bar: number): number => {
  const bass = notes(s, BASS, bar)[0]?.pitch ?? 0;
  return SCALES[MOODS[mood].scale].indexOf((((bass - MOODS[mood].tonic) % 12) + 12) % 12);
};

describe('harmony', () => {
  it('never leaves the scale of the mood', () => {
    every((mood, score) => {
      const scale = SCALES[MOODS[mood].scale];
      for (const n of score.notes)
        if (n.channel !== DRUMS) expect(scale).toContain((((n.pitch - MOODS[mood].tonic) % 12) + 12) % 12);
    });
  });

  it('follows the progression that the seed chooses, the next one in lifts, and leads home in the last bar', () => {
    every((mood, score, _, seed) => {
      const { progressions, scale } = MOODS[mood];
      const own = progressions[seed % progressions.length] ?? [];
      const other = progressions[(seed + 1) % progressions.length] ?? [];
      for (let bar = 0; bar < bars(score); bar++) {
        const part = partAt(score.form, bar);
        if (!part || notes(score, BASS, bar).length === 0) continue;
        const harmony = part.name === 'lift' ? other : own;
        const wanted =
          bar === bars(score) - 1 ? (scale === 'lydian' ? 1 : 4) : (harmony[(bar - part.start) % 4] ?? -1);
        expect([mood, bar, degreeOf(mood, score, bar)]).toEqual([mood, bar, ((wanted % 7) + 7) % 7]);
      }
    });
  });

  it('plays the figure of the mood on the chord of the bar: its strong beats louder', () => {
    every((mood, score) => {
      const { figure } = MOODS[mood];
      for (let bar = 0; bar < bars(score); bar++) {
        const played = notes(score, CHORDS, bar);
        expect(played.map((n) => (n.at - bar * 4) * 2)).toEqual(figure.flatMap((i, k) => (i < 0 ? [] : [k])));
      }
      const mean = (strong: boolean) => {
        const v = notes(score, CHORDS).filter((n) => n.at < bars(score) * 4 && (n.at % 2 === 0) === strong);
        return v.reduce((a, n) => a + n.velocity, 0) / Math.max(1, v.length);
      };
      if (bars(score) > 8 && figure.some((i, k) => i >= 0 && k % 4 !== 0))
        expect(mean(true)).toBeGreaterThan(mean(false));
    });
  });
});

describe('the form', () => {
  it('has every bar in one part: intro, verses that each lead to a lift, an ending; a short track is one verse', () => {
    for (let bars = 0; bars <= 400; bars++) {
      const form = formOf(bars);
      expect(form.reduce((n, p) => n + p.bars, 0)).toBe(bars);
      let at = 0;
      for (const p of form) {
        expect([p.start, p.bars > 0]).toEqual([at, true]);
        at += p.bars;
      }
      const names = form.map((p) => p.name).join(' ');
      expect(names).toMatch(bars < 7 ? /^(verse)?$/ : /^intro( verse lift)+ ending$/);
      for (const p of form.filter((q) => q.name === 'lift')) expect(p.bars).toBeGreaterThan(1);
      for (let bar = 0; bar < bars; bar++) {
        const part = partAt(form, bar);
        expect(part && bar >= part.start && bar < part.start + part.bars).toBe(true);
      }
    }
    expect(formOf(20).map((p) => [p.name, p.start, p.bars])).toEqual([
      ['intro', 0, 2],
      ['verse', 2, 8],
      ['lift', 10, 8],
      ['ending', 18, 2],
    ]);
  });

  /** The first bar of a part of a kind, and how many notes of a channel are in a bar of it on the whole. */
  const bar = (score: ReturnType<typeof compose>, name: PartName) =>
    score.form.find((p) => p.name === name)?.start ?? -1;
  const busy = (score: ReturnType<typeof compose>, name: PartName, channel: number | undefined) => {
    const parts = score.form.filter((p) => p.name === name);
    const of = parts.flatMap((p) =>
      Array.from({ length: p.bars }, (_, i) => notes(score, channel, p.start + i).length),
    );
    return of.reduce((a, n) => a + n, 0) / of.length;
  };

  it('begins thin and is fullest in the lift: bass, beat, pad and tune', () => {
    for (const mood of MOOD_NAMES) {
      const score = compose(mood, 2, 90_000);
      const beat = MOODS[mood].band.beat !== null;
      expect(busy(score, 'intro', BASS)).toBe(0);
      expect(busy(score, 'intro', DRUMS)).toBe(0);
      expect(busy(score, 'intro', LEAD)).toBe(0);
      expect(notes(score, PAD, 0)).toEqual([]);
      expect(notes(score, PAD, 1)).toHaveLength(3);
      expect(busy(score, 'lift', BASS)).toBeGreaterThan(busy(score, 'verse', BASS));
      expect(busy(score, 'lift', PAD)).toBe(4);
      expect(busy(score, 'ending', BASS)).toBe(1);
      expect(busy(score, 'ending', LEAD)).toBe(0);
      if (beat) {
        expect(busy(score, 'lift', DRUMS)).toBeGreaterThan(busy(score, 'verse', DRUMS));
        const crash = score.notes.filter((n) => n.channel === DRUMS && n.pitch === 49).map((n) => n.at / 4);
        const lifts = score.form.filter((p) => p.name === 'lift').map((p) => p.start);
        expect(crash).toEqual([...lifts, bars(score)]);
      }
      const loud = (at: number) => {
        const v = notes(score, CHORDS, at).filter((n) => n.at % 2 === 0);
        return v.reduce((a, n) => a + n.velocity, 0) / v.length;
      };
      expect(loud(0)).toBeLessThan(loud(bar(score, 'verse')) * 0.95);
      expect(loud(bar(score, 'verse'))).toBeLessThan(loud(bar(score, 'lift')) * 0.92);
      expect(loud(bars(score) - 1)).toBeLessThan(loud(bar(score, 'lift')) * 0.95);
    }
  });

  it('has a tune that answers in verses and leads in lifts, there in two voices a third apart', () => {
    for (const mood of MOOD_NAMES) {
      const score = compose(mood, 2, 90_000);
      const rhythm = (at: number) => [...new Set(notes(score, LEAD, at).map((n) => n.at - at * 4))];
      const [verse, lift] = [bar(score, 'verse'), bar(score, 'lift')];
      for (const at of [verse, verse + 1]) expect(notes(score, LEAD, at)).toEqual([]);
      const tune = [verse + 2, verse + 3].map(rhythm);
      expect(tune.flat().length).toBeGreaterThan(0);
      // The same tune begins on an even bar in both.
      expect([lift + (lift % 2), lift + (lift % 2) + 1].map(rhythm)).toEqual(
        (verse + 2) % 2 ? tune.toReversed() : tune,
      );
      const steps = SCALES[MOODS[mood].scale];
      const step = (pitch: number) => {
        const from = pitch - MOODS[mood].tonic;
        return 7 * Math.floor(from / 12) + steps.indexOf(((from % 12) + 12) % 12);
      };
      for (let at = lift; at < lift + 2; at++)
        for (const n of notes(score, LEAD, at).filter((x) => x.length > 1)) {
          const with_ = notes(score, LEAD, at).filter((x) => x.at === n.at);
          expect(with_).toHaveLength(2);
          expect(Math.abs(step(with_[0]?.pitch ?? 0) - step(with_[1]?.pitch ?? 0))).toBe(2);
        }
    }
  });

  it('has the beat of the mood where it has one, whole in lifts, lighter in verses, and rolls before what is next', () => {
    every((mood, score) => {
      const drums = notes(score, DRUMS);
      const { beat } = MOODS[mood].band;
      if (beat === null) {
        expect(drums).toEqual([]);
        return;
      }
      const pattern: readonly Hit[] = BEATS[beat as BeatName];
      for (const part of score.form)
        for (let at = part.start; at < part.start + part.bars; at++) {
          const hits = (pitch: number) =>
            drums.filter((n) => n.pitch === pitch && Math.floor(n.at / 4) === at).map((n) => n.at - at * 4);
          const end = at === bars(score) - 1;
          const before = at === part.start + part.bars - 1 && part.name !== 'intro';
          const roll = end ? [3, 3.25, 3.5, 3.75] : before ? [3.5, 3.75] : [];
          const whole = part.name === 'lift' || score.form.length === 1;
          for (const pitch of [36, 38, 39, 42, 46, 47, 51, 70, 76]) {
            const own = pattern.filter((h) => h[0] === pitch).map((h) => h[1]);
            const heavy = [39, 46, 47].includes(pitch);
            const wanted = part.name === 'intro' || (heavy && !whole) ? [] : own;
            expect(hits(pitch).sort()).toEqual(
              (part.name !== 'intro' && pitch === 38 ? [...wanted, ...roll] : wanted).sort(),
            );
          }
        }
    });
  });

  it('ends on the tonic, in all voices, with a chord that is rolled and rings', () => {
    every((mood, score) => {
      const { tonic, scale, band } = MOODS[mood];
      const end = score.notes.filter((n) => n.at >= bars(score) * 4);
      const chord = end.filter((n) => n.channel === CHORDS);
      const steps = SCALES[scale];
      expect(chord.map((n) => n.pitch - tonic)).toEqual([0, steps[2], steps[4], 12, 12 + (steps[2] ?? 0)]);
      expect(chord.map((n) => n.at - bars(score) * 4)).toEqual(
        [0, 1, 2, 3, 4].map((i) => expect.closeTo(i * 0.06)),
      );
      expect(chord.map((n) => n.velocity)).toEqual([82, 78, 74, 70, 66]);
      expect(end.filter((n) => n.channel === BASS).map((n) => n.pitch)).toEqual([tonic - 24]);
      expect(end.filter((n) => n.channel === LEAD).map((n) => n.pitch)).toEqual([tonic + 12]);
      expect(end.filter((n) => n.channel === PAD).map((n) => n.pitch)).toEqual([
        tonic,
        tonic + (steps[4] ?? 0),
      ]);
      expect(end.filter((n) => n.channel === DRUMS).map((n) => n.pitch)).toEqual(band.beat ? [36, 49] : []);
      for (const n of end) if (n.channel !== DRUMS) expect(n.length).toBe(8);
    });
  });
});

describe('time', () => {
  it('is filled with whole bars: the closing chord falls where the last bar ends', () => {
    every((mood, score, ms) => {
      const barMs = 240_000 / score.tempo;
      expect(score.barStarts).toHaveLength(score.bars);
      score.barStarts.forEach((at, b) => {
        expect(Math.abs(at - b * barMs * 48)).toBeLessThanOrEqual(0.5);
      });
      const play = score.tempo / MOODS[mood].tempo;
      const free = bars(score) <= 6 ? 0.13 : 0.08;
      expect(play).toBeGreaterThanOrEqual(1 - free - 1e-9);
      expect(play).toBeLessThanOrEqual(1 + free + 1e-9);
      // What is left over for the chord to ring: about what it should be where the tempo could be bent far enough.
      const ring = ms - bars(score) * barMs;
      if (bars(score) > 8) expect(Math.abs(ring - 2600)).toBeLessThan(60);
      if (ms >= 9000) expect(ring).toBeGreaterThan(1000);
    });
  });

  it('keeps every note inside its bar’s reach and every velocity what MIDI allows', () => {
    every((_, score) => {
      const whole = (v: number, least: number, most: number) =>
        Number.isInteger(v) && v >= least && v <= most;
      const inTime = (at: number, length: number) =>
        at >= 0 && at < bars(score) * 4 + 1 && length > 0 && length <= 8;
      expect(
        score.notes.filter(
          (n) => !whole(n.velocity, 1, 127) || !whole(n.pitch, 20, 110) || !inTime(n.at, n.length),
        ),
      ).toEqual([]);
    });
  });

  it('gives instruments, levels and places of the band', () => {
    for (const mood of MOOD_NAMES) {
      const { band } = MOODS[mood];
      expect(compose(mood, 1, 30_000).programs.map((p) => [p.channel, p.program])).toEqual([
        [CHORDS, band.chords],
        [BASS, band.bass],
        [LEAD, band.lead],
        [PAD, band.pad],
      ]);
    }
  });
});
