import type { Edit } from './edit.ts';
import { LIMITS } from './schema.ts';
import {
  type ClipPart,
  type Framing,
  type PictureChoice,
  type PictureUse,
  plainUse,
  type Scene,
  type Treatment,
} from './types.ts';

/** Alternatives that a picture of the writer's choice keeps at hand. */
const KEPT_ALTERNATIVES = 6;

/** What the writer chooses: a picture, and how it is shown at first. */
export type Wanted = Pick<PictureUse, 'assetId'> & Partial<PictureUse>;

const patch = (scene: Scene, label: string, change: Partial<Scene>): Edit => ({
  label,
  ops: [{ op: 'scene', id: scene.id, patch: change }],
});

/**
 * The writer's own choice of a picture: the first of the scene (slot 0), another of its pictures, or, at the end, one
 * more. What nabbing had found for the first stays at hand as alternatives. A scene that went on with the picture before
 * shows its own again.
 */
export function choosePicture(scene: Scene, wanted: string | Wanted, slot = 0): Edit {
  const use: PictureUse = typeof wanted === 'string' ? plainUse(wanted) : { ...plainUse(''), ...wanted };
  const own = scene.runsOn ? { runsOn: false } : {};
  if (slot > 0 && scene.picture) {
    const more = [...scene.more];
    more[Math.min(slot - 1, more.length)] = use;
    return patch(scene, slot > scene.more.length ? 'Add picture' : 'Change picture', { more, ...own });
  }
  const old = scene.picture;
  const alternatives = [
    ...(old && old.assetId !== use.assetId
      ? [{ assetId: old.assetId, reason: old.reason || 'used here before' }]
      : []),
    ...(old?.alternatives ?? []),
  ].filter((a) => a.assetId !== use.assetId);
  const picture: PictureChoice = {
    ...use,
    by: 'writer',
    reason: '',
    confidence: 1,
    found: [],
    alternatives: alternatives.slice(0, KEPT_ALTERNATIVES),
  };
  return patch(scene, 'Change picture', { picture, ...own });
}

/** Takes a picture out of a scene; the next one moves up. */
export function removePicture(scene: Scene, slot: number): Edit {
  if (slot > 0) return patch(scene, 'Take picture out', { more: scene.more.toSpliced(slot - 1, 1) });
  const [next, ...more] = scene.more;
  const picture: PictureChoice | null = next
    ? { ...next, by: 'writer', reason: '', confidence: 1, found: [], alternatives: [] }
    : null;
  return patch(scene, 'Take picture out', { picture, more });
}

/** The picture in a slot; null when there is none. */
export const useAt = (scene: Scene, slot: number): PictureUse | null =>
  (slot === 0 ? scene.picture : scene.more[slot - 1]) ?? null;

function changeUse(scene: Scene, slot: number, label: string, change: Partial<PictureUse>): Edit | null {
  if (slot === 0)
    return (
      scene.picture &&
      patch(scene, label, { picture: { ...scene.picture, ...change, ...kept(scene.picture) } })
    );
  const use = scene.more[slot - 1];
  return use ? patch(scene, label, { more: scene.more.with(slot - 1, { ...use, ...change }) }) : null;
}

/** Work on a nabbed picture makes it the writer's: nabbing again leaves it alone. */
const kept = (p: PictureChoice): Pick<PictureChoice, 'by' | 'confidence'> =>
  p.by === 'nab' ? { by: 'writer', confidence: 1 } : { by: p.by, confidence: p.confidence };

/** Labels of changes that flow, as a slider does: those in quick succession are one step of the history. */
export const FLOWING = ['Move the frame', 'Cut the clip', 'Change the treatment'] as const;

export const setFraming = (scene: Scene, slot: number, framing: Framing | null): Edit | null =>
  changeUse(scene, slot, 'Move the frame', { framing });

export const setClip = (scene: Scene, slot: number, clip: ClipPart | null): Edit | null =>
  changeUse(scene, slot, 'Cut the clip', { clip });

/** One treatment for several scenes. */
export function setTreatment(scenes: readonly Scene[], treatment: Treatment | null): Edit | null {
  const ops = scenes
    .filter((s) => JSON.stringify(s.treatment) !== JSON.stringify(treatment))
    .map((s) => ({ op: 'scene' as const, id: s.id, patch: { treatment } }));
  return ops.length ? { label: 'Change the treatment', ops } : null;
}

/** Lets the picture of the scene before go on through this one, or this one's own be seen again. */
export const setRunsOn = (scene: Scene, runsOn: boolean): Edit =>
  patch(scene, runsOn ? 'Go on with the picture before' : 'Show the own picture', { runsOn });

/** Whether a scene has room for one more picture. */
export const hasRoom = (scene: Scene): boolean => scene.more.length + 1 < LIMITS.pictures;
