import { blanks } from '../../text/blanks.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface BlankFinding extends Finding {
  /** What belongs there, and where: shown.slice(start, end). */
  hint: string;
  start: number;
  end: number;
}

/** A place that the writer has to fill is still empty. */
export const blank: Check<BlankFinding> = {
  weight: 'stop',
  pass: 'words',
  find: (input) =>
    rowsOf(input).flatMap(({ scene }) =>
      blanks(scene.shown).map((b) => ({ ...b, sceneId: scene.id, repair: null })),
    ),
};
