import type { Kit } from './paint.ts';
import { COUNTRY } from './places/country.ts';
import { TOWN } from './places/town.ts';

/** Places by name. */
export const L: Kit = { ...COUNTRY, ...TOWN };
