import { CONFIG } from '../config.ts';
import { namedPlaces } from '../named-places.ts';
import { inFolder } from './in-folder.ts';
import type { StockLibrary } from './library.ts';
import { overHttp } from './over-http.ts';

/** Libraries as a setting names them: "Name=address" or "Name=folder", with semicolons between. */
export const librariesOf = (setting: string): StockLibrary[] =>
  namedPlaces('NABBET_LIBRARIES', setting).map(({ id, name, place }) =>
    /^https?:\/\//.test(place) ? overHttp(id, name, place) : inFolder(id, name, place),
  );

/** The libraries of this installation. */
export const LIBRARIES: readonly StockLibrary[] = librariesOf(CONFIG.libraries);
