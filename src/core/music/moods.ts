import type { Mood } from '../piece/types.ts';

/** General MIDI programs, 0-based. */
export interface Band {
  chords: number;
  bass: number;
  lead: number;
  pad: number;
  drums: boolean;
}

/** What makes a mood: tempo, harmony, the band, and how busy it plays. */
export interface MoodRules {
  label: string;
  describe: string;
  /** Tempo in BPM to start from; the composer stays within 8 % of it to end with the piece. */
  tempo: number;
  /** MIDI note of the key. */
  tonic: number;
  scale: 'major' | 'minor' | 'dorian' | 'lydian';
  /** Four-bar progressions as scale degrees, 0-based. */
  progressions: number[][];
  band: Band;
  /** Eighths of a bar on which the broken chord plays, as indices into the chord (0 root … 4 tenth), -1 rests. */
  figure: number[];
  /** Chance of a melody note on a strong beat. */
  melody: number;
}

export const MOOD_RULES: Record<Exclude<Mood, 'none'>, MoodRules> = {
  gentle: {
    label: 'Gentle',
    describe: 'Slow piano and strings, room for the voice',
    tempo: 76,
    tonic: 60,
    scale: 'major',
    progressions: [
      [0, 4, 5, 3],
      [0, 2, 3, 4],
      [3, 0, 4, 5],
    ],
    band: { chords: 0, bass: 32, lead: 73, pad: 48, drums: false },
    figure: [0, 2, 3, 4, 3, 2, 3, 2],
    melody: 0.42,
  },
  bright: {
    label: 'Bright',
    describe: 'Plucked strings and claps, friendly and quick',
    tempo: 108,
    tonic: 62,
    scale: 'major',
    progressions: [
      [0, 3, 4, 3],
      [0, 5, 3, 4],
      [0, 4, 5, 3],
    ],
    band: { chords: 24, bass: 33, lead: 11, pad: 49, drums: true },
    figure: [0, 2, 3, 2, 4, 2, 3, 2],
    melody: 0.5,
  },
  drive: {
    label: 'Drive',
    describe: 'Pulsing bass and drums for news and deadlines',
    tempo: 122,
    tonic: 57,
    scale: 'dorian',
    progressions: [
      [0, 0, 5, 6],
      [0, 3, 5, 4],
      [0, 6, 3, 0],
    ],
    band: { chords: 4, bass: 38, lead: 80, pad: 50, drums: true },
    figure: [0, -1, 2, 0, -1, 3, 0, 2],
    melody: 0.3,
  },
  wonder: {
    label: 'Wonder',
    describe: 'Bells over wide chords, for questions and night',
    tempo: 88,
    tonic: 65,
    scale: 'lydian',
    progressions: [
      [0, 1, 0, 4],
      [0, 4, 1, 0],
      [5, 0, 1, 0],
    ],
    band: { chords: 10, bass: 32, lead: 88, pad: 89, drums: false },
    figure: [0, 3, 2, 4, 3, 4, 2, 3],
    melody: 0.35,
  },
};
