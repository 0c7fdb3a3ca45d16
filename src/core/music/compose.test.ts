import { describe, expect, it } from 'vitest';
import { compose } from './compose.ts';
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

  it('follows the progression that the seed chooses, another in every fourth phrase, and leads home in the last bar', () => {
    every((mood, score, _, seed) => {
      const { progressions, scale } = MOODS[mood];
      const own = progressions[seed % progressions.length] ?? [];
      const other = progressions[(seed + 1) % progressions.length] ?? [];
      for (let bar = 1; bar < bars(score); bar++) {
        const harmony = Math.floor(bar / 4) % 4 === 2 ? other : own;
        const wanted = bar === bars(score) - 1 ? (scale === 'lydian' ? 1 : 4) : (harmony[bar % 4] ?? -1);
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
  it('begins thin: the bass comes in the second bar, the pad in the third', () => {
    every((_, score) => {
      expect(notes(score, BASS, 0)).toEqual([]);
      for (const early of [0, 1]) if (bars(score) > early) expect(notes(score, PAD, early)).toEqual([]);
      if (bars(score) > 1) expect(notes(score, BASS, 1).length).toBeGreaterThan(0);
      if (bars(score) > 2) expect(notes(score, PAD, 2)).toHaveLength(3);
    });
  });

  it('grows fuller over the first bars and makes way for the end', () => {
    for (const mood of MOOD_NAMES) {
      const score = compose(mood, 1, 90_000);
      const loud = (bar: number) => {
        const v = notes(score, CHORDS, bar).filter((n) => n.at % 2 === 0);
        return v.reduce((a, n) => a + n.velocity, 0) / v.length;
      };
      expect(loud(0)).toBeLessThan(loud(8) * 0.65);
      expect(loud(3)).toBeLessThan(loud(8));
      expect(loud(bars(score) - 1)).toBeLessThan(loud(bars(score) - 4) * 0.97);
    }
  });

  it('has a melody that comes back every second phrase, from the first bar only in a short piece', () => {
    for (const mood of MOOD_NAMES) {
      const long = compose(mood, 2, 90_000);
      for (let bar = 0; bar < 4; bar++) expect(notes(long, LEAD, bar)).toEqual([]);
      const rhythm = (bar: number) => notes(long, LEAD, bar).map((n) => [n.at - bar * 4, n.length]);
      for (const bar of [4, 5]) expect(rhythm(bar)).toEqual(rhythm(bar + 2));
      for (const bar of [8, 9, 10, 11]) expect(notes(long, LEAD, bar)).toEqual([]);
      const short = compose(mood, 2, 14_000);
      if (bars(short) < 8 && bars(short) > 1) expect(notes(short, LEAD).length).toBeGreaterThan(1);
    }
  });

  it('has the beat of the mood where it has one, and a roll before the end', () => {
    every((mood, score) => {
      const drums = notes(score, DRUMS);
      if (MOODS[mood].band.beat === null) {
        expect(drums).toEqual([]);
        return;
      }
      const first = bars(score) < 6 ? 0 : 2;
      for (let bar = 0; bar < bars(score); bar++) {
        const hits = (pitch: number) =>
          drums.filter((n) => n.pitch === pitch && Math.floor(n.at / 4) === bar).map((n) => n.at - bar * 4);
        const last = bar === bars(score) - 1;
        const roll = last ? [3, 3.25, 3.5, 3.75] : [];
        for (const pitch of [36, 38, 39, 42, 70, 76]) {
          const pattern: readonly Hit[] = BEATS[MOODS[mood].band.beat as BeatName];
          const own = pattern.filter((h) => h[0] === pitch).map((h) => h[1]);
          expect(hits(pitch)).toEqual(bar < first ? [] : pitch === 38 ? [...own, ...roll] : own);
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
