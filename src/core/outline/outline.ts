import { assertNever } from '../assert-never.ts';
import type { Source } from '../source/types.ts';
import type { Milliseconds } from '../time.ts';
import { articleLines } from './article.ts';
import { photoLines } from './photos.ts';
import { placePictures } from './place-pictures.ts';
import { productLines } from './product.ts';
import { CHOICES_VERSION, type OutlineChoices, type OutlineLine } from './types.ts';

export const TARGETS: readonly Milliseconds[] = [15_000, 30_000, 45_000, 60_000, 90_000];

export const firstChoices = (source: Source): OutlineChoices => ({
  version: CHOICES_VERSION,
  targetMs: source.kind === 'article' ? 45_000 : null,
  speak: 'sentence',
  angle: 'three reasons',
  keep: [],
  drop: [],
  edits: {},
  pictures: {},
  leavePictures: [],
  chapters: [],
  closing: source.kind !== 'script',
  photos: {
    order: null,
    leave: [],
    length: 'each',
    eachMs: 3000,
    totalMs: 30_000,
    first: source.title,
    last: '',
  },
});

/** The scenes that a source becomes under the writer's choices. Pure: the same input gives the same lines. */
export function outlineLines(source: Source, choices: OutlineChoices, pace = 1): OutlineLine[] {
  switch (source.kind) {
    case 'product':
      return finish(productLines(source, choices, pace), source, choices);
    case 'photos':
      return finish(photoLines(source, choices.photos), source, choices);
    case 'article':
    case 'script':
      return finish(articleLines(source, choices, pace), source, choices);
    default:
      return assertNever(source.kind);
  }
}

/** What every kind of source has in common: what was thrown out, edits by hand, pictures. */
function finish(lines: OutlineLine[], source: Source, choices: OutlineChoices): OutlineLine[] {
  const kept = lines
    .filter((l) => !choices.drop.includes(l.ref))
    .map((l) => {
      const edit = choices.edits[l.ref];
      return edit ? { ...l, ...edit, fixed: true } : l;
    });
  return placePictures(kept, source, choices);
}
