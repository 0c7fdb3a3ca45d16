import { named } from '../kit/named.ts';
import type { Motif } from '../kit/paint.ts';
import { places } from '../kit/places.ts';

/** A place by name: slots.place. Its layers move, so that it serves as a loop too. */
export const motif: Motif = {
  title: 'A place',
  pal: 'noon',
  outdoor: true,
  focal: [960, 700],
  portrait: { x: 420, y: -420, w: 1080, h: 1920 },
  draw(P, o) {
    named(places, o.place)(P, o);
  },
};
