import { OSIERWICK } from './osierwick.ts';
import { PEOPLE } from './people.ts';
import { PLACES } from './places.ts';
import type { CatalogueRow } from './row.ts';
import { THINGS } from './things.ts';
import { TOWN } from './town.ts';
import { WORK } from './work.ts';

/** Every row of the shelf, in shelf order. */
export const CATALOGUE: CatalogueRow[] = [...TOWN, ...WORK, ...OSIERWICK, ...THINGS, ...PLACES, ...PEOPLE];
export type { CatalogueRow, View } from './row.ts';
