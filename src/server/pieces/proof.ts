import { isOpenComment } from '../../api/reviews.ts';
import type { CreditFact } from '../../core/exchange/credits.ts';
import type { Piece } from '../../core/piece/types.ts';
import { check, type Mark } from '../../core/proof/proof.ts';
import type { ProofFacts } from '../../core/proof/types.ts';
import type { Facts, Timeline } from '../../core/timeline/types.ts';
import { pictureViews } from '../assets/lookup.ts';
import { listDestinations } from '../kit/destinations.ts';
import { prepare } from '../material.ts';
import { tracksOf } from '../music/own-tracks.ts';
import { commentsOf } from '../reviews/comments.ts';
import { entryViews } from '../shelf/search.ts';
import { misspelledBy } from '../words/dictionary.ts';
import { listWords } from '../words/words.ts';
import { loadPiece } from './pieces.ts';

/** What only the database knows of a piece. */
interface Known extends Pick<ProofFacts, 'destinations' | 'comments'> {
  words: readonly string[];
  /** Pictures that are not on the shipped shelf, as their owners describe them. */
  pictures: readonly CreditFact[];
}

const idsOf = (piece: Piece) => new Set(piece.scenes.flatMap((s) => s.pictures.map((p) => p.assetId)));

/** What is wrong or doubtful with a piece; without what the database knows where there is none. */
export async function proofOf(
  { piece, timeline, facts }: { piece: Piece; timeline: Timeline; facts: Facts },
  known?: Known,
): Promise<Mark[]> {
  const { destinations = [], comments = [], words = [] } = known ?? {};
  const pictures = known?.pictures ?? (await pictureViews([...idsOf(piece)]));
  const credits = Object.fromEntries([...pictures, ...(await tracksOf(piece))].map((v) => [v.id, v]));
  const misspelled = await misspelledBy(new Set(words.map((w) => w.toLowerCase())));
  return check(piece, timeline, { ...facts, refused: {}, credits, misspelled, destinations, comments });
}

/** The proof of a stored piece, with all that its screen knows of it. Throws Failed. */
export async function proofOfStored(id: string): Promise<{ piece: Piece; marks: Mark[] }> {
  const { piece } = await loadPiece(id);
  const { timeline, facts } = await prepare(piece);
  const [destinations, comments, words, pictures] = await Promise.all([
    listDestinations(),
    commentsOf(id),
    listWords(),
    entryViews(idsOf(piece)),
  ]);
  const known = { destinations, comments: comments.filter(isOpenComment), words, pictures };
  return { piece, marks: await proofOf({ piece, timeline, facts }, known) };
}
