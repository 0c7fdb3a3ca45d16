import type { MoodRules } from './types.ts';

export const tense: MoodRules = {
  label: 'Tense',
  describe: 'Low strings and a heartbeat',
  tempo: 94,
  tonic: 50,
  scale: 'minor',
  progressions: [
    [0, 0, 5, 0],
    [0, 5, 3, 4],
    [0, 3, 0, 6],
  ],
  band: { chords: 45, bass: 43, lead: 70, pad: 44, beat: 'heart' },
  figure: [0, 0, -1, 0, 0, 0, -1, 2],
  melody: 0.12,
  words: ['sober', 'loud'],
  pictures: ['tense', 'serious'],
};
