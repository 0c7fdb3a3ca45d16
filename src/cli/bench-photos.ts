import { readdir, readFile } from 'node:fs/promises';
import path from 'node:path';
import { Failed } from '../core/failure.ts';
import { importPicture } from '../server/assets/assets.ts';
import { failureWords } from '../wording/failures.ts';
import { legibleOver } from './bench-looks.ts';

/** How well words of every look can be read over the photographs of a folder: `bench-photos.ts FOLDER`, with data of its own. */
const [folder = ''] = process.argv.slice(2);
const say = (line: string) => process.stdout.write(`${line}\n`);
const ids: string[] = [];
for (const name of (await readdir(folder)).sort())
  try {
    const bytes = await readFile(path.join(folder, name));
    ids.push((await importPicture(bytes, { title: name, licence: 'own', origin: null })).id);
  } catch (e) {
    if (!(e instanceof Failed)) throw e;
    say(`left out: ${name}: ${failureWords(e.failure)}`);
  }
if (ids.length) await legibleOver(ids, say);
else process.exitCode = 1;
