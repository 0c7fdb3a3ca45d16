import { emptyPiece, emptyScene, type Piece, type Placement, placed, type Scene } from './types.ts';

/** A scene for tests. */
export function scene(id: string, shown = `Line ${id} speaks.`, more: Partial<Scene> = {}): Scene {
  return { ...emptyScene(id), shown, ...more };
}

/** A picture as nabbing would give it. */
export const picture = (assetId: string, more: Partial<Placement> = {}): Placement => ({
  ...placed(assetId),
  by: 'nab',
  reasons: [{ code: 'meaning', close: 0.5 }],
  confidence: 0.5,
  ...more,
});

/** A small piece for tests, without music. */
export function piece(
  scenes: Scene[] = [scene('a'), scene('b'), scene('c')],
  more: Partial<Piece> = {},
): Piece {
  return { ...emptyPiece(), title: 'Test', scenes, ...more };
}
