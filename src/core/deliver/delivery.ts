import { type Edit, pieceEdit } from '../piece/edit.ts';
import { type Delivery, newDelivery } from '../piece/outputs.ts';
import { inLanguage } from '../piece/translate.ts';
import type { Piece } from '../piece/types.ts';
import { framesToMs, type Milliseconds } from '../time.ts';
import type { Timeline } from '../timeline/types.ts';

/** The piece as a delivery wants it: in its format and language, with or without words on captions. */
export const pieceFor = (
  piece: Piece,
  { format, captions, language }: Pick<Delivery, 'format' | 'captions' | 'language'>,
): Piece => ({
  ...inLanguage(piece, language),
  format: format ?? piece.format,
  captions: piece.captions && captions,
});

/** One more delivery, unlike those there are. */
export function addDelivery({ deliveries }: Piece, id: string, like: Partial<Delivery> = {}): Edit {
  return pieceEdit('delivery', { deliveries: [...deliveries, { ...newDelivery(id), ...like }] });
}

/** merge: what flows, such as typing, under this key. */
export const changeDelivery = (
  { deliveries }: Piece,
  id: string,
  change: Partial<Delivery>,
  merge: string | null = null,
): Edit =>
  pieceEdit(
    'delivery',
    { deliveries: deliveries.map((d) => (d.id === id ? { ...d, ...change } : d)) },
    merge === null ? null : `${merge}/${id}`,
  );

export const removeDelivery = ({ deliveries }: Piece, id: string): Edit =>
  pieceEdit('delivery', { deliveries: deliveries.filter((d) => d.id !== id) });

/** Words of a scene stand all, and do not go yet, so long before its end. */
const BEFORE_END_MS: Milliseconds = 200;

/** The frame of the cover: the one that was chosen, or the opening with all its words. */
export function coverMoment({ coverMs }: Pick<Piece, 'coverMs'>, timeline: Timeline): Milliseconds {
  const last = Math.max(0, framesToMs(timeline.frames) - 1);
  if (coverMs !== null) return Math.min(coverMs, last);
  const opening = timeline.scenes[0];
  return opening ? Math.max(0, Math.min(last, framesToMs(opening.end - opening.tail) - BEFORE_END_MS)) : 0;
}
