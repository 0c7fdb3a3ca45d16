import type { StoredDoc, StoredOp } from './types.ts';

type StoredScene = Record<string, unknown> & { id?: unknown };

export const scenesOf = (doc: StoredDoc): StoredScene[] =>
  Array.isArray(doc.scenes) ? (doc.scenes as StoredScene[]) : [];

/**
 * What an operation makes of a document of the same version, whichever that is: the operations themselves have been the
 * same since the first. One that does not apply changes nothing.
 */
export function applyStored(doc: StoredDoc, op: StoredOp): StoredDoc {
  const scenes = scenesOf(doc);
  const at = scenes.findIndex((s) => s.id === op.id);
  const scene = scenes[at];
  switch (op.op) {
    case 'piece':
      return { ...doc, ...(op.patch as object) };
    case 'insert':
      return { ...doc, scenes: scenes.toSpliced(Number(op.at), 0, op.scene as StoredScene) };
    case 'scene':
      return scene ? { ...doc, scenes: scenes.with(at, { ...scene, ...(op.patch as object) }) } : doc;
    case 'remove':
      return scene ? { ...doc, scenes: scenes.toSpliced(at, 1) } : doc;
    case 'move':
      return scene ? { ...doc, scenes: scenes.toSpliced(at, 1).toSpliced(Number(op.to), 0, scene) } : doc;
    default:
      return doc;
  }
}
