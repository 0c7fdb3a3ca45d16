/** How something is said: what a tone does to the voice's own way. Pace and pauses are factors, pitch in semitones. */
export interface Tone {
  label: string;
  describe: string;
  pace: number;
  pitch: number;
  pauses: number;
  /** Gains on the voice in dB: below 250 Hz, at 3.2 kHz, above 6.5 kHz. */
  lowDb: number;
  presenceDb: number;
  airDb: number;
}

const plain: Tone = {
  label: 'Plain',
  describe: 'as the voice speaks by itself',
  ...{ pace: 1, pitch: 0, pauses: 1, lowDb: 0, presenceDb: 0, airDb: 0 },
};

/** Every tone, in the order in which they are offered. */
export const TONES = {
  plain,
  calm: {
    ...{ ...plain, label: 'Calm', describe: 'slower, lower, with longer pauses' },
    ...{ pace: 0.91, pitch: -0.6, pauses: 1.5, lowDb: 1, presenceDb: -1, airDb: -1.5 },
  },
  bright: {
    ...{ ...plain, label: 'Bright', describe: 'a little quicker, open and clear' },
    ...{ pace: 1.05, pitch: 0.4, pauses: 0.9, lowDb: -1.5, presenceDb: 1.5, airDb: 2 },
  },
  urgent: {
    ...{ ...plain, label: 'Urgent', describe: 'quick, with hardly a pause' },
    ...{ pace: 1.17, pitch: 0.3, pauses: 0.5, lowDb: -2, presenceDb: 2.5, airDb: 0.5 },
  },
  warm: {
    ...{ ...plain, label: 'Warm', describe: 'close and round' },
    ...{ pace: 0.96, pitch: -0.4, pauses: 1.15, lowDb: 3, presenceDb: -1.5, airDb: -1 },
  },
  matter: {
    ...{ ...plain, label: 'Matter of fact', describe: 'even, dry, on its way' },
    ...{ pace: 1.06, pauses: 0.75, lowDb: -0.5, presenceDb: 0.5 },
  },
} satisfies Record<string, Tone>;

export type ToneName = keyof typeof TONES;
export const TONE_NAMES = Object.keys(TONES) as ToneName[];
