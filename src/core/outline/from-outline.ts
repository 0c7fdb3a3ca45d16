import { emptyScene, type NewId } from '../piece/actions.ts';
import { PIECE_VERSION, type Piece, plainUse, type Scene } from '../piece/types.ts';
import type { Source } from '../source/types.ts';
import type { DraftOptions } from './draft.ts';
import type { OutlineChoices, OutlineLine } from './types.ts';

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
  return {
    version: PIECE_VERSION,
    title: (options.title?.trim() || source.title || lines[0]?.shown || '').slice(0, 200),
    format: options.format,
    voice: { name: options.voice, pace: 1 },
    music: { mood: options.mood, seed: 1, gainDb: 0 },
    source: { id: options.sourceId, kind: source.kind, title: source.title.slice(0, 500) },
    targetMs: source.kind === 'photos' ? null : choices.targetMs,
    captions: true,
    scenes: lines.map((l): Scene => {
      const picture = l.picture ? pictures.get(l.picture) : undefined;
      const assetId = l.assetId ?? picture?.assetId ?? null;
      return {
        ...emptyScene(newId()),
        layout: l.layout,
        shown: l.shown,
        spoken: l.spoken,
        picture: assetId
          ? {
              ...plainUse(assetId),
              by: 'source',
              reason: l.assetId
                ? 'one of your photos'
                : `from the source${picture?.caption ? `: ${picture.caption.slice(0, 200)}` : ''}`,
              confidence: 1,
              found: [],
              alternatives: [],
            }
          : null,
        durationMs: l.durationMs,
        from: l.from ? { ref: l.ref, text: l.from.slice(0, 5000) } : null,
      };
    }),
  };
}
