import type { Ornament, OrnamentPlace } from '../types.ts';
import { face, layout, makeLook, part, reveal, SAFE, scales, within } from './make.ts';

const IVORY = '#fbf5e6';
const GOLD = '#e8c77a';

/** Two thin rules, above and below the words. */
const rules = ({ words: w, zone }: OrnamentPlace): Ornament[] => {
  const width = Math.min(zone.width, Math.max(w.width * 0.5, 240));
  const x = zone.x + (zone.width - width) / 2;
  return [w.y - 44, w.y + w.height + 40].map(
    (y): Ornament => ({
      ...{ kind: 'shape', x, y, width, height: 3, radius: 0, colour: GOLD },
    }),
  );
};
const shade = { colour: '#14100a', least: 0.45 };
const soft = { glow: { colour: 'rgba(10, 7, 2, 0.55)', blur: 0.18, fall: 0.02 } };
const marked = { plate: null, colour: GOLD };

/** An elegant serif on the picture itself, between two thin rules. */
export const finePrint = makeLook({
  label: 'Fine print',
  describe: 'An elegant serif on the darkened picture, between thin gold rules',
  suits: ['elegant', 'literary', 'calm'],
  colours: { ink: '#17120a', paper: IVORY, accent: GOLD, ground: ['#2b2416', '#171208'] },
  onGround: { colour: IVORY, accent: GOLD },
  faces: {
    display: face('playfair', 600, { leading: 1.18 }),
    text: face('cormorant', 700, { leading: 1.2, baseline: 0.31 }),
    small: face('cormorant', 700, { italic: true, leading: 1.24, baseline: 0.31 }),
  },
  zones: within(SAFE, 20),
  layouts: {
    title: layout({
      head: part('display', IVORY, { ...soft, highlight: marked }),
      ...{ scale: scales(128, 64, 6), align: 'centre', shade, ornaments: rules },
      reveal: reveal('faded', { frames: 22, lineDelay: 8, wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', IVORY, { ...soft, highlight: marked }),
      ...{ scale: scales(78, 78, 3), align: 'centre', shade },
      reveal: reveal('faded', { frames: 12, lineDelay: 5 }),
    }),
    quote: layout({
      head: part('text', IVORY, { ...soft, highlight: marked }),
      rest: part('small', GOLD, soft),
      ...{ scale: scales(104, 54, 8, 54), align: 'centre', shade, ornaments: rules },
      reveal: reveal('faded', { frames: 18, lineDelay: 7 }),
    }),
    figure: layout({
      head: part('display', GOLD, soft),
      rest: part('text', IVORY, soft),
      ...{ scale: scales(260, 92, 1, 66), align: 'centre', shade },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', IVORY, { highlight: marked }),
      rest: part('small', GOLD),
      ...{ scale: scales(110, 58, 5, 60), align: 'centre', ornaments: rules },
      reveal: reveal('faded', { frames: 20, lineDelay: 8 }),
      scrim: { colour: '#17120a', alpha: 0.86, frames: 16 },
    }),
  },
  transition: { kind: 'dissolve', frames: 22 },
});
