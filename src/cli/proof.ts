import type { CreditFact } from '../core/exchange/credits.ts';
import { check, type Mark } from '../core/proof/proof.ts';
import { pictureViews } from '../server/assets/lookup.ts';
import { shelf } from '../server/shelf/shelf.ts';
import { misspelledBy } from '../server/words/dictionary.ts';
import { markWords } from '../wording/marks.ts';
import { parse } from './make.ts';
import { planVideo } from './make-video.ts';

/** Exit codes: nothing that should keep the video back; something that should. */
const EXIT = { fine: 0, stop: 1 } as const;

/**
 * nabbet proof FILE: reads what make would read and says what is wrong or doubtful with the piece, a line for each finding;
 * with --json as data. It takes what make takes. Ends with 1 where a finding should keep the video back, else with 0.
 */
export async function proof(argv: string[]): Promise<void> {
  const options = parse(argv);
  const say = (line: string) => process.stderr.write(`${line}\n`);
  const { piece, timeline, facts } = await planVideo(options, say);
  const { entries } = await shelf();
  const ids = [...new Set(piece.scenes.flatMap((s) => s.pictures.map((p) => p.assetId)))];
  const own = await pictureViews(ids.filter((id) => !entries.has(id)));
  const credits: Record<string, CreditFact> = Object.fromEntries(own.map((v) => [v.id, v]));
  const misspelled = await misspelledBy(new Set());
  const marks = check(piece, timeline, {
    ...facts,
    refused: {},
    credits,
    misspelled,
    destinations: [],
    comments: [],
  });
  const placeOf = (m: Mark) => piece.scenes.findIndex((s) => s.id === m.sceneId) + 1;
  if (options.json) {
    const found = marks.map((m) => ({ ...m, scene: placeOf(m), says: markWords(m) }));
    process.stdout.write(`${JSON.stringify({ title: piece.title, look: piece.look, marks: found })}\n`);
  } else if (!marks.length) process.stdout.write('Nothing was found.\n');
  else
    for (const m of marks)
      process.stdout.write(`${m.weight.padEnd(4)} scene ${placeOf(m)}: ${markWords(m)}\n`);
  process.exitCode = marks.some((m) => m.weight === 'stop') ? EXIT.stop : EXIT.fine;
}
