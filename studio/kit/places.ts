import type { Kit } from './paint.ts';
import { COUNTRY } from './places/country.ts';
import { TOWN } from './places/town.ts';
import { ACTIVE } from './scenes/active.ts';
import { HOME } from './scenes/home.ts';
import { MORE } from './scenes/more.ts';
import { SIGNS } from './scenes/signs.ts';
import { WORK } from './scenes/work.ts';

/** Places by name. */
export const places: Kit = { ...COUNTRY, ...TOWN, ...WORK, ...HOME, ...ACTIVE, ...SIGNS, ...MORE };
