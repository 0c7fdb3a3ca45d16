import { type Edit, pieceEdit } from '../piece/edit.ts';
import type { Piece } from '../piece/types.ts';
import type { Mark } from './proof.ts';

type Place = Pick<Mark, 'check' | 'sceneId'>;

const isOf =
  ({ check, sceneId }: Place) =>
  (w: Piece['waived'][number]): boolean =>
    w.check === check && w.sceneId === sceneId;

/** The writer leaves a finding as it is, and may say why. */
export const waive = (piece: Piece, mark: Place, reason: string): Edit =>
  pieceEdit('waive', {
    waived: [
      ...piece.waived.filter((w) => !isOf(mark)(w)),
      { check: mark.check, sceneId: mark.sceneId, reason: reason.trim() },
    ],
  });

/** It shall be looked at again. */
export const takeBackWaiver = (piece: Piece, mark: Place): Edit =>
  pieceEdit('waive', { waived: piece.waived.filter((w) => !isOf(mark)(w)) });

/** Why a finding is left as it is; null where it is not. */
export const waiverOf = (piece: Pick<Piece, 'waived'>, mark: Place): string | null =>
  piece.waived.find(isOf(mark))?.reason ?? null;
