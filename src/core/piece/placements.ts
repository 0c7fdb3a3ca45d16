import { type Edit, edit, type Op, sceneEdit } from './edit.ts';
import { LIMITS } from './limits.ts';
import type { Alternative, ClipPart, Framing, Grading, Placement, Scene } from './types.ts';
import { placed } from './types.ts';

/** Alternatives that a picture of the writer's choice keeps at hand. */
const KEPT_ALTERNATIVES = 6;

/** What the writer chooses: a picture, and how it is shown at first. */
export type Wanted = Pick<Placement, 'assetId'> & Partial<Pick<Placement, 'framing' | 'clip'>>;

/**
 * The writer's own choice of a picture for a place in the scene, or, at the end, one more. What nabbing had found for this
 * place stays at hand as alternatives. A scene that went on with the picture before shows its own again.
 */
export function choosePicture(scene: Scene, wanted: string | Wanted, slot = 0): Edit {
  const chosen: Placement = { ...placed(''), ...(typeof wanted === 'string' ? { assetId: wanted } : wanted) };
  const own = scene.runsOn ? { runsOn: false } : {};
  const old = scene.pictures[slot];
  const pictures = [...scene.pictures];
  pictures[Math.min(slot, pictures.length)] = { ...chosen, alternatives: atHand(old, chosen.assetId) };
  const name = old || slot === 0 ? 'change-picture' : 'add-picture';
  return sceneEdit(name, scene.id, { pictures, ...own });
}

function atHand(old: Placement | undefined, chosen: string): Alternative[] {
  if (!old) return [];
  const reasons = old.reasons.length ? old.reasons : [{ code: 'was-here' as const }];
  const before = old.assetId === chosen ? [] : [{ assetId: old.assetId, reasons }];
  return [...before, ...old.alternatives].filter((a) => a.assetId !== chosen).slice(0, KEPT_ALTERNATIVES);
}

/** Takes a picture out of a scene; the next one moves up. */
export const removePicture = (scene: Scene, slot: number): Edit =>
  sceneEdit('remove-picture', scene.id, { pictures: scene.pictures.toSpliced(slot, 1) });

function changePlacement(scene: Scene, slot: number, name: string, change: Partial<Placement>): Edit | null {
  const old = scene.pictures[slot];
  if (!old) return null;
  const pictures = scene.pictures.with(slot, { ...old, ...change, ...kept(old) });
  return sceneEdit(name, scene.id, { pictures }, `${name}/${slot}`);
}

/** Work on a nabbed picture makes it the writer's: nabbing again leaves it alone. */
const kept = (p: Placement): Pick<Placement, 'by' | 'confidence'> =>
  p.by === 'nab' ? { by: 'writer', confidence: 1 } : { by: p.by, confidence: p.confidence };

export const setFraming = (scene: Scene, slot: number, framing: Framing | null): Edit | null =>
  changePlacement(scene, slot, 'frame', { framing });

export const setClip = (scene: Scene, slot: number, clip: ClipPart | null): Edit | null =>
  changePlacement(scene, slot, 'clip', { clip });

/** One grading for several scenes. */
export function setGrading(scenes: readonly Scene[], grading: Grading | null): Edit | null {
  const ops = scenes
    .filter((s) => JSON.stringify(s.grading) !== JSON.stringify(grading))
    .map((s): Op => ({ op: 'scene', id: s.id, patch: { grading } }));
  return ops.length ? { ...edit('grade', ops), merge: 'grade' } : null;
}

/**
 * Lets the picture of the scene before go on through this one, or this one's own be seen again: then it is the writer's choice,
 * and nabbing again leaves it alone.
 */
export function setRunsOn(scene: Scene, runsOn: boolean): Edit {
  const [first, ...more] = scene.pictures;
  const own = first && !runsOn && goesOn(first) ? { pictures: [{ ...first, ...kept(first) }, ...more] } : {};
  return sceneEdit(runsOn ? 'run-on' : 'own-picture', scene.id, { runsOn, ...own });
}

/** Whether nabbing let the picture before go on. */
const goesOn = (p: Placement | undefined): boolean =>
  p?.by === 'nab' && p.reasons.some((r) => r.code === 'goes-on');

/** Whether a scene has room for one more picture. */
export const hasRoom = (scene: Scene): boolean => scene.pictures.length < LIMITS.pictures;

/** Pictures that nabbing may change: a scene without any, or one whose first was nabbed. */
export const isOpen = (scene: Scene): boolean => (scene.pictures[0]?.by ?? 'nab') === 'nab';

/** Takes over what nabbing found; scenes with a picture of the writer's choice are left alone. */
export function nabEdit(scenes: readonly Scene[], found: Record<string, Placement | null>): Edit | null {
  const ops = scenes.flatMap((s): Op[] => {
    const picture = found[s.id];
    if (!picture || !isOpen(s) || JSON.stringify(picture) === JSON.stringify(s.pictures[0])) return [];
    // What the writer lets go on stays so.
    const runsOn = goesOn(picture) || (s.runsOn && !goesOn(s.pictures[0]));
    const on = runsOn === s.runsOn ? {} : { runsOn };
    return [{ op: 'scene', id: s.id, patch: { pictures: [picture, ...s.pictures.slice(1)], ...on } }];
  });
  return ops.length ? edit('nab', ops, ops.length) : null;
}
