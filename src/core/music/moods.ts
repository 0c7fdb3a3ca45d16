import { bright } from './moods/bright.ts';
import { circuit } from './moods/circuit.ts';
import { drive } from './moods/drive.ts';
import { easy } from './moods/easy.ts';
import { gentle } from './moods/gentle.ts';
import { grand } from './moods/grand.ts';
import { hopeful } from './moods/hopeful.ts';
import { playful } from './moods/playful.ts';
import { still } from './moods/still.ts';
import { tender } from './moods/tender.ts';
import { tense } from './moods/tense.ts';
import type { MoodRules } from './moods/types.ts';
import { wonder } from './moods/wonder.ts';

/** Every mood that the composer knows, in the order in which they are offered. */
export const MOODS = {
  gentle,
  bright,
  drive,
  wonder,
  hopeful,
  tense,
  tender,
  playful,
  circuit,
  grand,
  easy,
  still,
} satisfies Record<string, MoodRules>;

export type Mood = keyof typeof MOODS;
export const MOOD_NAMES = Object.keys(MOODS) as Mood[];
