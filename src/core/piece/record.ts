import type { Milliseconds } from '../time.ts';
import { type Edit, edit, type Op, sceneEdit } from './edit.ts';
import { LIMITS } from './limits.ts';
import type { Piece, RecordedPart, Scene } from './types.ts';

const SYNTHETIC = { kind: 'synthetic' } as const;

/** What a recording has that a part is taken from. */
interface Part {
  id: string;
  startMs: Milliseconds;
  endMs: Milliseconds | null;
}

/** The part of a recording that a scene has; null when a voice says it. */
export const partOf = ({ narration }: Pick<Scene, 'narration'>): RecordedPart | null =>
  narration.kind === 'take' ? narration : null;

const cleanOf = (scene: Scene): boolean => partOf(scene)?.clean ?? false;

/** A recording that was just made for a scene is what is heard; those before it are kept to go back to. */
export function takeRecording(scene: Scene, { id, startMs, endMs }: Part): Edit {
  const others = scene.recorded.filter((r) => r !== id);
  return sceneEdit('record', scene.id, {
    recorded: [...others, id].slice(-LIMITS.recorded),
    narration: { kind: 'take', takeId: id, startMs, endMs, clean: cleanOf(scene) },
  });
}

/** Another of a scene's recordings. */
export const chooseRecording = (scene: Scene, { id, startMs, endMs }: Part): Edit =>
  sceneEdit('record', scene.id, {
    narration: { kind: 'take', takeId: id, startMs, endMs, clean: cleanOf(scene) },
  });

/** A recording is not offered any more; when it was what is heard, the voice says the line again. */
export function dropRecording(scene: Scene, id: string): Edit {
  const recorded = scene.recorded.filter((r) => r !== id);
  const heard = partOf(scene)?.takeId === id;
  return sceneEdit('record', scene.id, heard ? { recorded, narration: SYNTHETIC } : { recorded });
}

/** The voice says scenes again; their recordings are kept. */
export function speakAgain(scenes: readonly Scene[]): Edit | null {
  const recorded = scenes.filter((s) => s.narration.kind === 'take');
  return recorded.length
    ? edit(
        'speak',
        recorded.map((s): Op => ({ op: 'scene', id: s.id, patch: { narration: SYNTHETIC } })),
        recorded.length,
      )
    : null;
}

/** Another part of the same recording, or the same without the noise of the room. */
export function trimRecording(scene: Scene, change: Partial<Omit<RecordedPart, 'takeId'>>): Edit | null {
  const part = partOf(scene);
  return part && sceneEdit('trim', scene.id, { narration: { kind: 'take', ...part, ...change } }, 'trim');
}

/**
 * Scenes are heard in one long recording of them all. heard: their parts, in the order of the scenes; null for what was left
 * out, which stays as it is.
 */
export function narratePiece(
  piece: Pick<Piece, 'scenes'>,
  takeId: string,
  heard: readonly ({ startMs: Milliseconds; endMs: Milliseconds } | null)[],
): Edit | null {
  const ops = piece.scenes.flatMap((s, i): Op[] => {
    const at = heard[i];
    if (!at) return [];
    const { startMs, endMs } = at;
    const narration = { kind: 'take' as const, takeId, startMs, endMs, clean: cleanOf(s) };
    return [{ op: 'scene', id: s.id, patch: { narration } }];
  });
  return ops.length ? edit('record', ops, ops.length) : null;
}
