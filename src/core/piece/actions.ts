import { applyEdit, type Edit, type Op } from './edit.ts';
import { shownPatch, tidy } from './marks.ts';
import { LIMITS } from './schema.ts';
import { type PictureChoice, type Piece, plainUse, type Scene, type Span } from './types.ts';

/** Makes ids for new scenes; given from outside so that the core stays pure. */
export type NewId = () => string;

export function emptyScene(id: string): Scene {
  return {
    id,
    layout: 'caption',
    shown: '',
    spoken: null,
    wish: '',
    picture: null,
    more: [],
    runsOn: false,
    treatment: null,
    durationMs: null,
    marks: [],
    from: null,
  };
}

/**
 * Splits a scene at a caret position in its shown text. The picture stays with the first half; the second gets the next
 * best one that was found for the whole line, so that it is not bare. A length set by hand is divided by the text.
 */
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
  const tailAt = scene.shown.length - scene.shown.slice(caret).trimStart().length;
  const share = scene.shown.length > 0 ? caret / scene.shown.length : 0;
  const second: Scene = {
    ...emptyScene(newId()),
    layout: scene.layout === 'title' && tail ? 'caption' : scene.layout,
    shown: tail,
    marks: tidy(
      scene.marks.map(([s, e]): Span => [s - tailAt, e - tailAt]),
      tail.length,
    ),
    picture: tail ? nextBest(scene.picture) : null,
    treatment: scene.treatment,
    from: scene.from,
  };
  const patch: Partial<Scene> = { shown: head };
  if (scene.marks.length) patch.marks = tidy(scene.marks, head.length);
  if (scene.durationMs !== null && head && tail) {
    patch.durationMs = Math.max(LIMITS.minSceneMs, Math.round(scene.durationMs * share));
    second.durationMs = Math.max(LIMITS.minSceneMs, scene.durationMs - patch.durationMs);
  }
  if (scene.spoken !== null) {
    const [a, b] = splitSpoken(scene.spoken, share);
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

/** What nabbing had found next to the chosen picture; null when there is nothing else. */
function nextBest(picture: PictureChoice | null): PictureChoice | null {
  const [next, ...others] = picture?.alternatives ?? [];
  if (!picture || !next) return null;
  return {
    ...plainUse(next.assetId),
    by: 'nab',
    reason: next.reason,
    confidence: Math.round(picture.confidence * 80) / 100,
    found: [],
    alternatives: [...others, { assetId: picture.assetId, reason: picture.reason }],
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
    from: previous.from ?? scene.from,
  };
  const at0 = previous.shown.length + glue.length;
  if (previous.marks.length || scene.marks.length)
    patch.marks = [...previous.marks, ...scene.marks.map(([s, e]): Span => [s + at0, e + at0])];
  if (previous.durationMs !== null && scene.durationMs !== null)
    patch.durationMs = previous.durationMs + scene.durationMs;
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

/** Moves scenes together by one place up or down; those that stand at the edge stay, and the others up to them. */
export function moveScenes(piece: Piece, ids: readonly string[], by: 1 | -1): Edit | null {
  const order = piece.scenes.map((s) => s.id);
  const ops: Op[] = [];
  const walk = by < 0 ? [...order] : [...order].reverse();
  for (const id of walk) {
    if (!ids.includes(id)) continue;
    const at = order.indexOf(id);
    const to = at + by;
    if (to < 0 || to >= order.length || ids.includes(order[to] ?? '')) continue;
    order.splice(at, 1);
    order.splice(to, 0, id);
    ops.push({ op: 'move', id, to });
  }
  return ops.length ? { label: ids.length > 1 ? `Move ${ids.length} scenes` : 'Move scene', ops } : null;
}

/** Joins a run of neighbouring scenes to the first of them. */
export function joinScenes(piece: Piece, ids: readonly string[]): Edit | null {
  let now = piece;
  const ops: Op[] = [];
  for (const id of piece.scenes
    .map((s) => s.id)
    .filter((id) => ids.includes(id))
    .slice(1)) {
    const step = joinWithPrevious(now, id);
    const result = step && applyEdit(now, step.edit);
    if (!step || !result?.ok) return null;
    ops.push(...step.edit.ops);
    now = result.piece;
  }
  return ops.length ? { label: `Join ${ops.length / 2 + 1} scenes`, ops } : null;
}

/** Whether scenes stand next to each other. */
export function areNeighbours(piece: Piece, ids: readonly string[]): boolean {
  const places = piece.scenes.flatMap((s, i) => (ids.includes(s.id) ? [i] : []));
  return places.length > 1 && (places.at(-1) ?? 0) - (places[0] ?? 0) === places.length - 1;
}

/** One change on several scenes. */
export function changeScenes(
  scenes: readonly Scene[],
  label: string,
  how: (scene: Scene) => Partial<Scene> | null,
): Edit | null {
  const ops = scenes.flatMap((s): Op[] => {
    const patch = how(s);
    return patch && Object.keys(patch).length ? [{ op: 'scene', id: s.id, patch }] : [];
  });
  return ops.length ? { label, ops } : null;
}

/** A passage of the source as a scene of its own, after another one. */
export function insertFromSource(
  at: number,
  line: { ref: string; shown: string; spoken: string | null; text: string },
  newId: NewId,
): { edit: Edit; id: string } {
  const scene: Scene = {
    ...emptyScene(newId()),
    shown: line.shown,
    spoken: line.spoken,
    from: { ref: line.ref, text: line.text },
  };
  return { id: scene.id, edit: { label: 'Insert from the source', ops: [{ op: 'insert', at, scene }] } };
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
  lines: { shown: string; wish: string; layout: Scene['layout'] }[],
  newId: NewId,
): Edit | null {
  const at = piece.scenes.findIndex((s) => s.id === id);
  const scene = piece.scenes[at];
  if (!scene || lines.length < 2) return null;
  const head = scene.shown.slice(0, from) + (lines[0]?.shown ?? '');
  const rest = lines
    .slice(1)
    .map((l, i) => ({ ...l, shown: i === lines.length - 2 ? l.shown + scene.shown.slice(to) : l.shown }));
  return {
    label: `Paste ${lines.length} lines`,
    ops: [
      {
        op: 'scene',
        id,
        patch: {
          ...shownPatch(scene, head.trim()),
          ...(lines[0]?.wish
            ? { wish: [scene.wish, lines[0].wish].filter(Boolean).join(', ').slice(0, 300) }
            : {}),
        },
      },
      ...rest.map(
        (line, i): Op => ({
          op: 'insert',
          at: at + 1 + i,
          scene: {
            ...emptyScene(newId()),
            layout: line.layout,
            shown: line.shown.trim(),
            wish: line.wish.slice(0, 300),
          },
        }),
      ),
    ],
  };
}

/** Takes over what nabbing found; scenes with a picture of the writer's choice are left alone. */
export function nabEdit(piece: Piece, choices: Record<string, PictureChoice | null>): Edit | null {
  const ops: Op[] = piece.scenes.flatMap((s): Op[] => {
    const picture = choices[s.id];
    if (
      !picture ||
      (s.picture && s.picture.by !== 'nab') ||
      JSON.stringify(picture) === JSON.stringify(s.picture)
    )
      return [];
    return [{ op: 'scene', id: s.id, patch: { picture } }];
  });
  return ops.length ? { label: 'Nab pictures', ops } : null;
}
