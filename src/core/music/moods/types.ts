import type { MoodOfLook } from '../../look/moods.ts';
import type { BeatName } from './beats.ts';

/** General MIDI programs, 0-based. */
interface Band {
  chords: number;
  bass: number;
  lead: number;
  pad: number;
  /** null: without drums. */
  beat: BeatName | null;
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
  /** Moods of words that it goes with, best first. */
  words: readonly MoodOfLook[];
  /** Moods of pictures that go with it; see the shelf's catalogue. */
  pictures: readonly string[];
}
