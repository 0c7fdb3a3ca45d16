import type { Edit, Op } from './edit.ts';
import type { PictureChoice, Piece, Scene } from './types.ts';

/** Makes ids for new scenes; given from outside so that the core stays pure. */
export type NewId = () => string;

export function emptyScene(id: string): Scene {
  return { id, layout: 'caption', shown: '', spoken: null, wish: '', picture: null, durationMs: null };
}

/** Splits a scene at a caret position in its shown text. The picture stays with the first half. */
export function splitScene(
  piece: Piece,
  id: string,
  caret: number,
  newId: NewId,
): { edit: Edit; newSceneId: string } | null {
  const at = piece.scenes.findIndex((s) => s.id === id);
  const scene = piece.scenes[at];
  if (!scene) return null;
  const head = scene.shown.slice(0, caret).trimEnd();
  const tail = scene.shown.slice(caret).trimStart();
  const second: Scene = {
    ...emptyScene(newId()),
    layout: scene.layout === 'title' && tail ? 'caption' : scene.layout,
    shown: tail,
  };
  const patch: Partial<Scene> = { shown: head };
  if (scene.spoken !== null) {
    const [a, b] = splitSpoken(scene.spoken, scene.shown.length > 0 ? caret / scene.shown.length : 0);
    patch.spoken = a;
    second.spoken = b;
  }
  return {
    newSceneId: second.id,
    edit: {
      label: 'Split scene',
      ops: [
        { op: 'scene', id, patch },
        { op: 'insert', at: at + 1, scene: second },
      ],
    },
  };
}

/** Spoken words that differ from the shown ones are divided at the space nearest to the same share of the text. */
function splitSpoken(text: string, share: number): [string, string] {
  const aim = Math.round(text.length * share);
  const gaps = [0, ...[...text.matchAll(/\s+/g)].map((m) => m.index), text.length];
  const at = gaps.reduce((best, g) => (Math.abs(g - aim) < Math.abs(best - aim) ? g : best));
  return [text.slice(0, at).trim(), text.slice(at).trim()];
}

/** Joins a scene to the one before it; the earlier picture stays, the later one serves if there was none. */
export function joinWithPrevious(
  piece: Piece,
  id: string,
): { edit: Edit; intoId: string; caret: number } | null {
  const at = piece.scenes.findIndex((s) => s.id === id);
  const [previous, scene] = [piece.scenes[at - 1], piece.scenes[at]];
  if (!previous || !scene) return null;
  const glue = previous.shown && scene.shown ? ' ' : '';
  const patch: Partial<Scene> = {
    shown: previous.shown + glue + scene.shown,
    picture: previous.picture ?? scene.picture,
    wish: previous.wish || scene.wish,
  };
  if (previous.spoken !== null || scene.spoken !== null)
    patch.spoken = [previous.spoken ?? previous.shown, scene.spoken ?? scene.shown].filter(Boolean).join(' ');
  return {
    intoId: previous.id,
    caret: previous.shown.length + glue.length,
    edit: {
      label: 'Join scenes',
      ops: [
        { op: 'scene', id: previous.id, patch },
        { op: 'remove', id },
      ],
    },
  };
}

export function moveScene(id: string, to: number): Edit {
  return { label: 'Move scene', ops: [{ op: 'move', id, to }] };
}

export function deleteScenes(ids: string[]): Edit {
  return {
    label: ids.length > 1 ? `Delete ${ids.length} scenes` : 'Delete scene',
    ops: ids.map((id) => ({ op: 'remove', id })),
  };
}

export function duplicateScenes(piece: Piece, ids: string[], newId: NewId): Edit | null {
  const last = piece.scenes.findLastIndex((s) => ids.includes(s.id));
  const copies = piece.scenes.filter((s) => ids.includes(s.id)).map((s) => ({ ...s, id: newId() }));
  if (!copies.length) return null;
  const ops: Op[] = copies.map((scene, i) => ({ op: 'insert', at: last + 1 + i, scene }));
  return { label: copies.length > 1 ? `Duplicate ${copies.length} scenes` : 'Duplicate scene', ops };
}

/** Puts several lines in place of a caret: the first joins the text before it, each further one makes a scene. */
export function pasteLines(
  piece: Piece,
  id: string,
  from: number,
  to: number,
  lines: string[],
  newId: NewId,
): Edit | null {
  const at = piece.scenes.findIndex((s) => s.id === id);
  const scene = piece.scenes[at];
  if (!scene || lines.length < 2) return null;
  const head = scene.shown.slice(0, from) + lines[0];
  const last = lines[lines.length - 1] + scene.shown.slice(to);
  const rest = [...lines.slice(1, -1), last];
  return {
    label: `Paste ${lines.length} lines`,
    ops: [
      { op: 'scene', id, patch: { shown: head.trim() } },
      ...rest.map(
        (shown, i): Op => ({
          op: 'insert',
          at: at + 1 + i,
          scene: { ...emptyScene(newId()), shown: shown.trim() },
        }),
      ),
    ],
  };
}

/** The writer's own choice of a picture; what nabbing had found stays at hand as alternatives. */
export function choosePicture(scene: Scene, assetId: string): Edit {
  const old = scene.picture;
  const alternatives = [
    ...(old && old.assetId !== assetId
      ? [{ assetId: old.assetId, reason: old.reason || 'used here before' }]
      : []),
    ...(old?.alternatives ?? []),
  ].filter((a) => a.assetId !== assetId);
  const picture: PictureChoice = {
    assetId,
    by: 'writer',
    reason: '',
    confidence: 1,
    found: [],
    alternatives: alternatives.slice(0, 6),
  };
  return { label: 'Change picture', ops: [{ op: 'scene', id: scene.id, patch: { picture } }] };
}

/** Takes over what nabbing found; scenes with a picture of the writer's choice are left alone. */
export function nabEdit(piece: Piece, choices: Record<string, PictureChoice | null>): Edit | null {
  const ops: Op[] = piece.scenes.flatMap((s): Op[] => {
    const picture = choices[s.id];
    if (!picture || s.picture?.by === 'writer' || JSON.stringify(picture) === JSON.stringify(s.picture))
      return [];
    return [{ op: 'scene', id: s.id, patch: { picture } }];
  });
  return ops.length ? { label: 'Nab pictures', ops } : null;
}
