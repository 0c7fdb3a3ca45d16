import { face, inset, layout, makeLook, overWord, panel, part, reveal, scales } from './make.ts';

const CARD = '#f6e7c4';
const INK = '#3b1f1a';
const RED = '#b3261e';

const { area, alone, zones } = inset({ side: 0.06, top: 0.085, share: 0.49 });

const picture = { area, border: { colour: CARD, width: 12 }, shadow: 'rgba(20, 5, 0, 0.3)' };
const stub = panel(CARD, {
  ...{ pad: { x: 76, y: 44 }, span: 'zone', edge: 'notched' },
});
const marked = { plate: overWord('#ffd9a0', 0.05), colour: RED };

/** A card of admission below the picture, with its notches. */
export const admissionTicket = makeLook({
  label: 'Admission ticket',
  describe: 'A punched card under the picture, in condensed type',
  suits: ['playful', 'nostalgic', 'news'],
  colours: { ink: INK, paper: CARD, accent: RED, ground: ['#7a2f24', '#571f19'] },
  onGround: { colour: CARD, accent: '#ffc46b' },
  faces: {
    display: face('league', 400, { upper: true, tracking: 0.02, leading: 1.06 }),
    text: face('oswald', 500, { leading: 1.3 }),
    small: face('jetbrains', 600, { leading: 1.35 }),
  },
  zones,
  bare: { ...picture, area: alone },
  layouts: {
    title: layout({
      head: part('display', INK, { highlight: marked }),
      ...{ scale: scales(190, 80, 4), align: 'centre', panel: stub },
      picture,
      reveal: reveal('rise', { wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', INK, { highlight: marked, saidColour: RED }),
      ...{ scale: scales(68, 68, 3), align: 'centre', panel: stub },
      picture,
      reveal: reveal('spoken', { frames: 4, wordFrames: 3 }),
    }),
    quote: layout({
      head: part('text', INK, { highlight: marked }),
      rest: part('small', RED),
      ...{ scale: scales(82, 44, 7, 46), panel: stub },
      picture,
      reveal: reveal('rise'),
    }),
    figure: layout({
      head: part('display', RED),
      rest: part('text', INK),
      ...{ scale: scales(300, 100, 1, 60), align: 'centre', panel: stub },
      picture,
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', INK, { highlight: marked }),
      rest: part('text', RED),
      ...{ scale: scales(150, 64, 4, 56), align: 'centre', panel: stub },
      picture,
      reveal: reveal('rise'),
    }),
  },
  transition: { kind: 'slide', frames: 13 },
});
