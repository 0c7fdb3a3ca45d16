import { bright } from './grades/bright.ts';
import { cool } from './grades/cool.ts';
import { dark } from './grades/dark.ts';
import { dusk } from './grades/dusk.ts';
import { faded } from './grades/faded.ts';
import { mono } from './grades/mono.ts';
import { none } from './grades/none.ts';
import { rich } from './grades/rich.ts';
import { sepia } from './grades/sepia.ts';
import type { Grade } from './grades/types.ts';
import { warm } from './grades/warm.ts';

/** Every grade that pictures can have, in the order in which they are offered. */
export const GRADES = {
  none,
  mono,
  sepia,
  warm,
  cool,
  dark,
  bright,
  faded,
  rich,
  dusk,
} satisfies Record<string, Grade>;

export type GradeName = keyof typeof GRADES;
export const GRADE_NAMES = Object.keys(GRADES) as GradeName[];
