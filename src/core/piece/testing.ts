import { emptyScene } from './actions.ts';
import { PIECE_VERSION, type PictureChoice, type Piece, plainUse, type Scene } from './types.ts';

/** A scene for tests. */
export function scene(id: string, shown = `Line ${id} speaks.`, more: Partial<Scene> = {}): Scene {
  return { ...emptyScene(id), shown, ...more };
}

/** A picture as nabbing would give it. */
export const picture = (assetId: string, more: Partial<PictureChoice> = {}): PictureChoice => ({
  ...plainUse(assetId),
  by: 'nab',
  reason: 'r',
  confidence: 0.5,
  found: [],
  alternatives: [],
  ...more,
});

/** A small piece for tests. */
export function piece(
  scenes: Scene[] = [scene('a'), scene('b'), scene('c')],
  more: Partial<Piece> = {},
): Piece {
  return {
    version: PIECE_VERSION,
    title: 'Test',
    format: '9:16',
    voice: { name: 'maud', pace: 1 },
    music: { mood: 'none', seed: 1, gainDb: 0 },
    source: null,
    targetMs: null,
    captions: true,
    scenes,
    ...more,
  };
}
