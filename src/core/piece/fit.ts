import type { NewId } from './actions.ts';
import { LIMITS } from './limits.ts';
import type { Piece, Scene } from './types.ts';

/**
 * A draft as a piece can hold it. No words get lost: a scene with more than it can hold becomes several. A remark or a title
 * that is too long ends at a word, a length goes as far as it may.
 */
export const fitDraft = (draft: Piece, newId: NewId): Piece => ({
  ...draft,
  title: shortened(draft.title, LIMITS.titleLength),
  targetMs: draft.targetMs === null ? null : between(draft.targetMs, 1000, LIMITS.pieceMs),
  scenes: draft.scenes.flatMap((scene) => fitScene(scene, newId)),
});

function fitScene(scene: Scene, newId: NewId): Scene[] {
  const shown = portions(scene.shown, LIMITS.textLength);
  const spoken = scene.spoken === null ? null : portions(scene.spoken, LIMITS.textLength);
  const first: Scene = {
    ...scene,
    shown: shown[0] ?? '',
    spoken: spoken === null ? null : (spoken[0] ?? ''),
    brief: shortened(scene.brief, LIMITS.briefLength),
    pictures: scene.pictures.slice(0, LIMITS.pictures),
    durationMs:
      scene.durationMs === null ? null : between(scene.durationMs, LIMITS.minSceneMs, LIMITS.maxSceneMs),
    from: scene.from && { ...scene.from, text: scene.from.text.slice(0, LIMITS.textLength) },
  };
  const more = Array.from({ length: Math.max(shown.length, spoken?.length ?? 0) - 1 }, (_, i) => ({
    ...first,
    id: newId(),
    shown: shown[i + 1] ?? '',
    spoken: spoken === null ? null : (spoken[i + 1] ?? ''),
  }));
  return [first, ...more];
}

const between = (n: number, least: number, most: number) => Math.max(least, Math.min(most, n));

/** Where a text of more than most letters is cut: at the last space before, inside a word only when it has none. */
function cutAt(text: string, most: number): number {
  const space = text.lastIndexOf(' ', most);
  if (space > most / 2) return space;
  // A letter outside the basic plane takes two places, and is not torn.
  return /[\ud800-\udbff]/.test(text.charAt(most - 1)) ? most - 1 : most;
}

/** A text in parts of at most so many letters, cut at spaces; one part at least. */
export function portions(text: string, most: number): string[] {
  const out: string[] = [];
  let rest = text;
  while (rest.length > most) {
    const at = cutAt(rest, most);
    out.push(rest.slice(0, at).trimEnd());
    rest = rest.slice(at).trimStart();
  }
  return [...out, rest];
}

/** A text of at most so many letters; what was left out is shown by an ellipsis. */
export const shortened = (text: string, most: number): string =>
  text.length <= most ? text : `${text.slice(0, cutAt(text, most - 2)).trimEnd()} …`;
