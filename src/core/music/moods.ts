import { bright } from './moods/bright.ts';
import { drive } from './moods/drive.ts';
import { gentle } from './moods/gentle.ts';
import type { MoodRules } from './moods/types.ts';
import { wonder } from './moods/wonder.ts';

/** Every mood that the composer knows, in the order in which they are offered. */
export const MOODS = { gentle, bright, drive, wonder } satisfies Record<string, MoodRules>;

export type Mood = keyof typeof MOODS;
export const MOOD_NAMES = Object.keys(MOODS) as Mood[];
