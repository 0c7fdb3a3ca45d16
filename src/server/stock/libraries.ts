import { CONFIG } from '../config.ts';
import { inFolder } from './in-folder.ts';
import type { StockLibrary } from './library.ts';
import { overHttp } from './over-http.ts';

/** Libraries as a setting names them: "Name=address" or "Name=folder", with semicolons between. */
export function librariesOf(setting: string): StockLibrary[] {
  return setting
    .split(';')
    .map((entry) => entry.trim())
    .filter(Boolean)
    .map((entry) => {
      const at = entry.indexOf('=');
      const name = entry.slice(0, at).trim();
      const place = entry.slice(at + 1).trim();
      const id = name
        .toLowerCase()
        .replaceAll(/[^a-z0-9]+/g, '-')
        .slice(0, 40);
      if (at < 1 || !place || !id)
        throw new Error(`NABBET_LIBRARIES: “${entry}” is not Name=address or Name=folder.`);
      return /^https?:\/\//.test(place) ? overHttp(id, name, place) : inFolder(id, name, place);
    });
}

/** The libraries of this installation. */
export const LIBRARIES: readonly StockLibrary[] = librariesOf(CONFIG.libraries);
