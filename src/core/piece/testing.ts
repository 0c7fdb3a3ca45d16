import type { Piece, Scene } from './types.ts';

/** A scene for tests. */
export function scene(id: string, shown = `Line ${id} speaks.`, more: Partial<Scene> = {}): Scene {
  return { id, layout: 'caption', shown, spoken: null, wish: '', picture: null, durationMs: null, ...more };
}

/** A small piece for tests. */
export function piece(
  scenes: Scene[] = [scene('a'), scene('b'), scene('c')],
  more: Partial<Piece> = {},
): Piece {
  return {
    version: 1,
    title: 'Test',
    format: '9:16',
    voice: { name: 'maud', pace: 1 },
    music: { mood: 'none', seed: 1, gainDb: 0 },
    captions: true,
    scenes,
    ...more,
  };
}
