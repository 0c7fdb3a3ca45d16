import { FEAST } from './objects/feast.ts';
import { HOME } from './objects/home.ts';
import { IDEAS } from './objects/ideas.ts';
import { MEASURE } from './objects/measure.ts';
import type { Kit } from './paint.ts';

/** Things that stand for something, by name; one staging serves them all. */
export const objects: Kit = { ...MEASURE, ...FEAST, ...HOME, ...IDEAS };
