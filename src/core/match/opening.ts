import { lookOf } from '../look/looks.ts';
import { type Edit, sceneEdit } from '../piece/edit.ts';
import { type Piece, type Placement, placed } from '../piece/types.ts';
import { OPENING_MS } from '../text/pace.ts';
import { framesToMs } from '../time.ts';
import { layTimes } from '../timeline/times.ts';

/** Takes as long as the words are estimated to need: nothing has been spoken when pictures are chosen. */
const NOTHING = { takes: {}, ownTracks: {} };

/**
 * A second picture for an opening that would stand long: the next best of those that were found for it and stand nowhere else.
 * null where the opening is short, has more than one picture, or one of the writer's choice.
 */
export function openingEdit(piece: Piece): Edit | null {
  const [first] = piece.scenes;
  const [picture, ...more] = first?.pictures ?? [];
  // A picture that goes on has its time.
  if (piece.scenes[1]?.runsOn) return null;
  if (!first || !picture || more.length || picture.by !== 'nab' || piece.scenes.length < 3) return null;
  const [time] = layTimes(piece, NOTHING, lookOf(piece.look));
  if (!time || framesToMs(time.end - time.start) <= OPENING_MS) return null;
  const used = new Set(piece.scenes.flatMap((s) => s.pictures.map((p) => p.assetId)));
  const next = picture.alternatives.find((a) => !used.has(a.assetId));
  if (!next) return null;
  const second: Placement = {
    ...placed(next.assetId),
    ...{ by: 'nab', reasons: next.reasons, confidence: picture.confidence },
    alternatives: picture.alternatives.filter((a) => a !== next),
  };
  return sceneEdit('nab', first.id, { pictures: [picture, second] });
}
