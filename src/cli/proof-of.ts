import type { CreditFact } from '../core/exchange/credits.ts';
import { check, type Mark } from '../core/proof/proof.ts';
import { pictureViews } from '../server/assets/lookup.ts';
import { shelf } from '../server/shelf/shelf.ts';
import { misspelledBy } from '../server/words/dictionary.ts';
import type { Planned } from './make-video.ts';

/** What is wrong or doubtful with a piece, by what is known without a database. */
export async function proofOf({ piece, timeline, facts }: Planned): Promise<Mark[]> {
  const { entries } = await shelf();
  const ids = [...new Set(piece.scenes.flatMap((s) => s.pictures.map((p) => p.assetId)))];
  const own = await pictureViews(ids.filter((id) => !entries.has(id)));
  const credits: Record<string, CreditFact> = Object.fromEntries(own.map((v) => [v.id, v]));
  const misspelled = await misspelledBy(new Set());
  const rest = { refused: {}, destinations: [], comments: [] };
  return check(piece, timeline, { ...facts, ...rest, credits, misspelled });
}
