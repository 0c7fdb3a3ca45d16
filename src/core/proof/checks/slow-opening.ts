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
    return isMs > MOST_MS ? [{ sceneId: first.scene.id, isMs, mostMs: MOST_MS, repair: null }] : [];
  },
};
