import type { Drawings } from '../catalogue/slots.ts';
import { FEAST } from './objects/feast.ts';
import { HOUSEHOLD } from './objects/household.ts';
import { LEARNING } from './objects/learning.ts';
import { MEASURE } from './objects/measure.ts';
import { OUTING } from './objects/outing.ts';
import { PLAY } from './objects/play.ts';
import { SIGNS } from './objects/signs.ts';
import { TOOLS } from './objects/tools.ts';

/** Things that stand for something, by name; one staging serves them all. */
export const objects = {
  ...FEAST,
  ...PLAY,
  ...HOUSEHOLD,
  ...OUTING,
  ...LEARNING,
  ...SIGNS,
  ...MEASURE,
  ...TOOLS,
} satisfies Drawings;
