import type { NewId } from '../piece/actions.ts';
import { emptyScene, type Piece, type Placement, type Scene } from '../piece/types.ts';
import type { Source } from '../source/types.ts';
import type { Milliseconds } from '../time.ts';
import { broughtAlong, type DraftOptions, draftPiece } from './draft.ts';
import { outlineMs } from './length.ts';
import type { OutlineChoices, OutlineLine } from './types.ts';

/** A length that the source cannot fill is not missed by the piece: it is as long as there is something to say. */
const FILLED = 0.9;
const reached = (targetMs: Milliseconds | null, lines: readonly OutlineLine[]): Milliseconds | null =>
  targetMs !== null && outlineMs(lines) < FILLED * targetMs ? null : targetMs;

/**
 * A piece from the lines of an outline. Pictures of the source that we have a copy of are taken over; the other scenes
 * are left open for nabbing. sourceId: where the source is kept, null when it is not.
 */
export function draftFromOutline(
  source: Source,
  choices: OutlineChoices,
  lines: readonly OutlineLine[],
  options: DraftOptions & { sourceId: string | null },
  newId: NewId,
): Piece {
  const pictures = new Map(source.pictures.map((p) => [p.id, p]));
  const picturesOf = (l: OutlineLine): Placement[] => {
    if (l.assetId) return [broughtAlong(l.assetId, { code: 'photo' })];
    const picture = l.picture ? pictures.get(l.picture) : undefined;
    return picture?.assetId
      ? [broughtAlong(picture.assetId, { code: 'in-source', caption: picture.caption.slice(0, 200) })]
      : [];
  };
  return {
    ...draftPiece(options),
    title: (options.title?.trim() || source.title || lines[0]?.shown || '').slice(0, 200),
    source: { id: options.sourceId, kind: source.kind, title: source.title.slice(0, 500) },
    targetMs: source.kind === 'photos' ? null : reached(choices.targetMs, lines),
    scenes: lines.map(
      (l): Scene => ({
        ...emptyScene(newId()),
        layout: l.layout,
        shown: l.shown,
        spoken: l.spoken,
        pictures: picturesOf(l),
        durationMs: l.durationMs,
        from: l.from ? { ref: l.ref, text: l.from.slice(0, 5000) } : null,
      }),
    ),
  };
}
