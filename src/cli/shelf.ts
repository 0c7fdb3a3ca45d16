import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { Failed } from '../core/failure.ts';
import { type AskedLine, gapsOf } from '../core/match/gaps.ts';
import { firstChoices, outlineLines } from '../core/outline/outline.ts';
import { readFile as readSource } from '../server/read/read.ts';
import { matchLines, shelf } from '../server/shelf/shelf.ts';
import { failureWords } from '../wording/failures.ts';
import { UsageError } from './usage.ts';

const USAGE = 'usage: nabbet shelf gaps FILE... [--most N] [--json]';
const TARGET_MS = 90_000;
const MOST = 60;

/** nabbet shelf gaps FILE...: what texts ask for and the shelf lacks, most wanted first. */
export async function shelfCommand(argv: string[]): Promise<void> {
  const [what, ...rest] = argv;
  if (what !== 'gaps') throw new UsageError(USAGE);
  const { values, positionals } = parseArgs({
    args: rest,
    allowPositionals: true,
    options: { most: { type: 'string' }, json: { type: 'boolean' } },
  });
  const most = values.most === undefined ? MOST : Number(values.most);
  if (!positionals.length || !Number.isInteger(most) || most < 1) throw new UsageError(USAGE);
  const lines: AskedLine[] = [];
  let read = 0;
  for (const file of positionals) {
    const asked = await askedBy(file);
    if (asked.length) read++;
    lines.push(...asked);
    if (read % 10 === 0) process.stderr.write(`${read} of ${positionals.length} texts\n`);
  }
  const { index } = await shelf();
  const gaps = gapsOf(lines, (s) => index.knows(s)).slice(0, most);
  if (values.json) {
    process.stdout.write(`${JSON.stringify({ texts: read, lines: lines.length, gaps }, null, 2)}\n`);
    return;
  }
  process.stdout.write(`${read} texts, ${lines.length} lines\n\n`);
  for (const g of gaps)
    process.stdout.write(
      `${g.word.padEnd(20)} ${String(g.texts).padStart(3)} texts ${String(g.lines).padStart(4)} lines   ${g.example.slice(0, 90)}\n`,
    );
}

/** What a piece made of a file would say, each line with how well the shelf answers it. A file that cannot be read is said. */
async function askedBy(file: string): Promise<AskedLine[]> {
  try {
    const source = await readSource(await readFile(file), path.basename(file), 'article');
    if (!source.language.startsWith('en')) return [];
    const told = outlineLines(source, { ...firstChoices(source), targetMs: TARGET_MS, closing: false });
    const { index } = await shelf();
    const scenes = told.map((l) => ({ id: l.ref, layout: 'caption', shown: l.shown, brief: '' }));
    return (await matchLines(scenes)).map((line) => ({
      ...{ of: file, text: line.text },
      best: index.rank({ ...line, context: null }, { limit: 1 })[0]?.score ?? 0,
    }));
  } catch (e) {
    if (!(e instanceof Failed) && (e as NodeJS.ErrnoException).code === undefined) throw e;
    const why = e instanceof Failed ? failureWords(e.failure) : (e as Error).message;
    process.stderr.write(`${file} is left out: ${why}\n`);
    return [];
  }
}
