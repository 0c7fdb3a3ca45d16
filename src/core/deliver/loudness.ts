import { MIX } from '../sound/mix.ts';
import type { Decibels } from '../time.ts';

/** How loud a delivery is, LUFS (ITU-R BS.1770), and where that is asked for. The mix is made at the loudest; others are quieter. */
export const LOUDNESSES = {
  [-14]: { label: '-14 LUFS', describe: 'for players on phones and the web' },
  [-16]: { label: '-16 LUFS', describe: 'for sound that goes with spoken episodes' },
  [-19]: { label: '-19 LUFS', describe: 'for quiet rooms' },
  [-23]: { label: '-23 LUFS', describe: 'for broadcasting (EBU R 128)' },
} as const;

export type Loudness = -14 | -16 | -19 | -23;
export const LOUDNESS_VALUES: readonly Loudness[] = [-14, -16, -19, -23];

/** What is taken off the mix for a loudness. */
export const gainFor = (loudness: Loudness): Decibels => loudness - MIX.targetLufs;
