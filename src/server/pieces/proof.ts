import { isOpenComment } from '../../api/reviews.ts';
import type { CreditFact } from '../../core/exchange/credits.ts';
import type { Piece } from '../../core/piece/types.ts';
import { check, type Mark } from '../../core/proof/proof.ts';
import { pictureViews } from '../assets/lookup.ts';
import { listDestinations } from '../kit/destinations.ts';
import { prepare } from '../material.ts';
import { tracksOf } from '../music/own-tracks.ts';
import { commentsOf } from '../reviews/comments.ts';
import { misspelledBy } from '../words/dictionary.ts';
import { listWords } from '../words/words.ts';
import { loadPiece } from './pieces.ts';

/** What is wrong or doubtful with a stored piece, with all that its screen knows of it. Throws Failed. */
export async function proofOfStored(id: string): Promise<{ piece: Piece; marks: Mark[] }> {
  const { piece } = await loadPiece(id);
  const { timeline, facts } = await prepare(piece);
  const ids = [...new Set(piece.scenes.flatMap((s) => s.pictures.map((p) => p.assetId)))];
  const credits: Record<string, CreditFact> = Object.fromEntries(
    [...(await pictureViews(ids)), ...(await tracksOf(piece))].map((v) => [v.id, v]),
  );
  const comments = (await commentsOf(id)).filter(isOpenComment);
  const misspelled = await misspelledBy(new Set((await listWords()).map((w) => w.toLowerCase())));
  const destinations = await listDestinations();
  const marks = check(piece, timeline, {
    ...{ ...facts, refused: {}, credits, misspelled, destinations, comments },
  });
  return { piece, marks };
}
