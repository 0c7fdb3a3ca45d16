import { choosePicture } from '../../piece/placements.ts';
import { framesToMs, type Milliseconds } from '../../time.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface OpeningFinding extends Finding {
  isMs: Milliseconds;
  mostMs: Milliseconds;
}

/** Whoever looks decides within the first seconds: by then the second picture should be there. */
const MOST_MS: Milliseconds = 5000;

/** The first scene stands long. */
export const slowOpening: Check<OpeningFinding> = {
  weight: 'look',
  pass: 'words',
  find(input) {
    const rows = rowsOf(input);
    const [first] = rows;
    if (!first || rows.length < 3 || first.scene.pictures.length > 1) return [];
    const isMs = framesToMs(first.at.end - first.at.start);
    // A second picture, of those that were found for it as well, is there sooner.
    const other = first.scene.pictures[0]?.alternatives[0];
    const repair = other ? choosePicture(first.scene, other.assetId, first.scene.pictures.length) : null;
    return isMs > MOST_MS ? [{ sceneId: first.scene.id, isMs, mostMs: MOST_MS, repair }] : [];
  },
};
