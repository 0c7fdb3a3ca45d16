import { readdir } from 'node:fs/promises';
import path from 'node:path';
import type { Licence } from '../../core/exchange/credits.ts';
import { Failed, type Failure } from '../../core/failure.ts';
import { ownWordsOf, shelve } from '../shelf/own.ts';
import { importFile } from './import-file.ts';
import { titleFromName } from './keywords.ts';

/** What became of the files of a folder; names are relative to it. */
export interface Brought {
  added: string[];
  /** On the shelf already, or twice in the folder. */
  known: string[];
  skipped: { name: string; failure: Failure }[];
}

export interface BringOptions {
  licence: Licence;
  credit: string;
  onFile?: (name: string, done: number, total: number) => void;
}

export const BRING_DEFAULTS: BringOptions = { licence: 'own', credit: '' };

/**
 * Puts the photos, clips and logos of a folder of this machine on the shelf, those of its own folders included, whose
 * names become tags. Files are told by their content; what cannot be read is skipped with its reason. Links are not
 * followed, hidden files are left alone, and the folder itself stays as it is.
 */
export async function bringFolder(folder: string, options: BringOptions): Promise<Brought> {
  const files = (await readdir(folder, { recursive: true, withFileTypes: true }))
    .filter((e) => e.isFile())
    .map((e) => path.relative(folder, path.join(e.parentPath, e.name)))
    .filter((name) => !name.split(path.sep).some((part) => part.startsWith('.')))
    .sort();
  const out: Brought = { added: [], known: [], skipped: [] };
  for (const [i, name] of files.entries()) {
    options.onFile?.(name, i, files.length);
    try {
      const title = titleFromName(path.basename(name));
      const record = await importFile(
        path.join(folder, name),
        { title, licence: 'own', origin: null },
        false,
      );
      const known = (await ownWordsOf([record.id])).size > 0;
      await shelve(record, {
        name: path.basename(name),
        folder: path.dirname(name) === '.' ? '' : path.dirname(name).split(path.sep).join('/'),
        licence: options.licence,
        credit: options.credit,
      });
      (known ? out.known : out.added).push(name);
    } catch (e) {
      if (!(e instanceof Failed)) throw e;
      out.skipped.push({ name, failure: e.failure });
    }
  }
  return out;
}
