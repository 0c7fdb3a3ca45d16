import { stat } from 'node:fs/promises';
import { failureOf } from '../core/failure.ts';
import type { Piece } from '../core/piece/types.ts';
import type { Mark } from '../core/proof/proof.ts';
import { proofOf, proofOfStored } from '../server/pieces/proof.ts';
import { failureWords } from '../wording/failures.ts';
import { markWords } from '../wording/marks.ts';
import { type MakeOptions, parse } from './make.ts';
import { planVideo } from './make-video.ts';
import { UsageError } from './usage.ts';

/** Exit codes: nothing that should keep the video back; something that should. */
const EXIT = { fine: 0, stop: 1 } as const;

/** What the id of a stored piece looks like. */
const PIECE_ID = /^[A-Za-z0-9_-]{12}$/;

/**
 * nabbet proof FILE|PIECE: reads what make would read, or a piece of the desk by its id, and says what is wrong or doubtful, a
 * line for each finding; with --json as data. Ends with 1 where a finding should keep the video back, else with 0.
 */
export async function proof(argv: string[]): Promise<void> {
  const options = parse(argv);
  const say = (line: string) => process.stderr.write(`${line}\n`);
  if (options.inputs.length > 1) throw new UsageError('nabbet proof takes one file, or the id of one piece.');
  const stored = PIECE_ID.test(options.input) && !(await stat(options.input).catch(() => null));
  if (stored) {
    const { withDatabase } = await import('./with-database.ts');
    await withDatabase(async () => print(await storedProof(options.input), options), say);
    return;
  }
  const planned = await planVideo(options, say);
  print({ piece: planned.piece, marks: await proofOf(planned) }, options);
}

interface Proofed {
  piece: Piece;
  marks: Mark[];
}

/** A piece of the desk as its screen proofs it: with its comments, destinations and own words. */
async function storedProof(id: string): Promise<Proofed> {
  try {
    return await proofOfStored(id);
  } catch (e) {
    if (failureOf(e).code === 'unknown') throw e;
    throw new UsageError(`${id}: ${failureWords(failureOf(e))}`);
  }
}

function print({ piece, marks }: Proofed, { json }: MakeOptions): void {
  const placeOf = (m: Mark) => piece.scenes.findIndex((s) => s.id === m.sceneId) + 1;
  const open = marks.filter((m) => m.waived === null);
  if (json) {
    const found = marks.map((m) => ({ ...m, scene: placeOf(m), says: markWords(m) }));
    process.stdout.write(`${JSON.stringify({ title: piece.title, look: piece.look, marks: found })}\n`);
  } else if (!open.length) process.stdout.write('Nothing was found.\n');
  else
    for (const m of open)
      process.stdout.write(`${m.weight.padEnd(4)} scene ${placeOf(m)}: ${markWords(m)}\n`);
  process.exitCode = open.some((m) => m.weight === 'stop') ? EXIT.stop : EXIT.fine;
}
