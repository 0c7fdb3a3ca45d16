import type { NewId } from './actions.ts';
import { type Edit, pieceEdit } from './edit.ts';
import { type Bed, type BedSource, newBed, type Piece } from './types.ts';

type WithBeds = Pick<Piece, 'beds' | 'scenes'>;

/** The bed that is heard in a scene: the last that begins with it or with one before; null where there is none. */
export function bedAt({ beds, scenes }: WithBeds, sceneId: string | null): Bed | null {
  const place = scenes.findIndex((s) => s.id === sceneId);
  const places = new Map(scenes.map((s, i) => [s.id, i]));
  let found: { bed: Bed; from: number } | null = null;
  for (const bed of beds) {
    const from = bed.fromScene === null ? -1 : places.get(bed.fromScene);
    if (from === undefined || from > Math.max(0, place)) continue;
    if (!found || from >= found.from) found = { bed, from };
  }
  return found?.bed ?? null;
}

/** Gives the music that is heard in a scene another source; begins music where there is none yet. */
export function setMusic(piece: WithBeds, sceneId: string | null, source: BedSource, newId: NewId): Edit {
  const bed = bedAt(piece, sceneId);
  if (bed) return changeBed(piece, bed.id, { source });
  return pieceEdit('music', { beds: [newBed(newId(), source), ...piece.beds] });
}

export const changeBed = ({ beds }: WithBeds, id: string, change: Partial<Bed>, name = 'music'): Edit =>
  pieceEdit(name, { beds: beds.map((b) => (b.id === id ? { ...b, ...change } : b)) });

/** Other music from a scene on: first the same as before, as a bed of its own. */
export function splitMusic(piece: WithBeds, sceneId: string, newId: NewId): Edit | null {
  if (piece.beds.some((b) => b.fromScene === sceneId) || piece.scenes[0]?.id === sceneId) return null;
  const before = bedAt(piece, sceneId);
  const source: BedSource = before?.source ?? { kind: 'silence' };
  const bed: Bed = { ...newBed(newId(), source), gainDb: before?.gainDb ?? 0, fromScene: sceneId };
  return pieceEdit('music-from-here', { beds: [...piece.beds, bed] });
}

/** The music before goes on through where a bed began. */
export const joinMusic = ({ beds }: WithBeds, id: string): Edit =>
  pieceEdit('music-goes-on', { beds: beds.filter((b) => b.id !== id) });
