import { stat } from 'node:fs/promises';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { LICENCES } from '../core/exchange/credits.ts';
import { BRING_DEFAULTS, bringFolder } from '../server/assets/bring-folder.ts';
import { proxiesMade } from '../server/assets/clips.ts';
import { failureWords } from '../wording/failures.ts';
import { UsageError } from './usage.ts';
import { withDatabase } from './with-database.ts';

export const BRING_USAGE = `usage: nabbet bring FOLDER [--licence ${LICENCES.join('|')}] [--credit TEXT]`;

function parse(argv: string[]) {
  let parsed: ReturnType<typeof read>;
  try {
    parsed = read(argv);
  } catch (e) {
    throw new UsageError(`${(e as Error).message.split('.')[0]}. ${BRING_USAGE}`);
  }
  const { values, positionals } = parsed;
  const [folder, ...more] = positionals;
  if (folder === undefined) throw new UsageError(`Which folder should be brought in? ${BRING_USAGE}`);
  if (more.length) throw new UsageError(`One folder at a time; got ${positionals.length}. ${BRING_USAGE}`);
  const licence = LICENCES.find((l) => l === (values.licence ?? BRING_DEFAULTS.licence));
  if (!licence) throw new UsageError(`--licence is one of ${LICENCES.join(', ')}; got “${values.licence}”.`);
  return { folder: path.resolve(folder), licence, credit: (values.credit ?? '').slice(0, 300) };
}

const read = (argv: string[]) =>
  parseArgs({
    args: argv,
    allowPositionals: true,
    options: { licence: { type: 'string' }, credit: { type: 'string' } },
  });

/** nabbet bring: puts the pictures and clips of a folder of this machine on the shelf, also while the application runs. */
export async function bring(argv: string[]): Promise<void> {
  const { folder, ...options } = parse(argv);
  const info = await stat(folder).catch(() => null);
  if (!info?.isDirectory()) throw new UsageError(`There is no folder ${folder}.`);
  const say = (line: string) => process.stderr.write(`${line}\n`);
  await withDatabase(async () => {
    const { added, known, skipped } = await bringFolder(folder, {
      ...options,
      onFile: (name, done, total) => say(`${done + 1} of ${total}: ${name}`),
    });
    await proxiesMade();
    for (const { name, failure } of skipped) say(`left out: ${name}: ${failureWords(failure)}`);
    say(
      `${added.length} brought to the shelf, ${known.length} that were there already, ${skipped.length} left out`,
    );
    if (!added.length && !known.length) process.exitCode = 1;
  }, say);
}
