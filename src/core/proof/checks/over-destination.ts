import { letters } from '../../kit/entry.ts';
import { framesToMs } from '../../time.ts';
import { fitLength } from '../../timeline/fit-length.ts';
import type { Check, Finding } from '../types.ts';

export interface DestinationFinding extends Finding {
  name: string;
  /** length: the piece, milliseconds; letters: the post as the writer has it. */
  what: 'length' | 'letters';
  is: number;
  most: number;
}

/** The piece, or its post, is longer than a destination takes for which it has texts. */
export const overDestination: Check<DestinationFinding> = {
  weight: 'look',
  pass: 'words',
  find({ piece, timeline, facts }) {
    const last = piece.scenes.at(-1);
    if (!last || timeline.scenes.some((s) => s.estimated)) return [];
    const isMs = framesToMs(timeline.frames);
    return piece.kit.flatMap((entry) => {
      const to = facts.destinations.find((d) => d.id === entry.destination);
      if (!to) return [];
      const of = { sceneId: last.id, name: to.name };
      const long = to.longestMs !== null && isMs > to.longestMs ? to.longestMs : null;
      const post = entry.post === null ? 0 : letters(entry.post);
      return [
        ...(long === null
          ? []
          : [
              {
                ...of,
                what: 'length' as const,
                is: isMs,
                most: long,
                repair: fitLength(piece, facts, long * FITS).edit,
              },
            ]),
        ...(post > to.letters
          ? [{ ...of, what: 'letters' as const, is: post, most: to.letters, repair: null }]
          : []),
      ];
    });
  },
};

/** Brought so far below the limit that voices that take a little longer still fit. */
const FITS = 0.96;
