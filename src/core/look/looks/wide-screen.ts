import { byFormat, type Size } from '../formats.ts';
import type { PictureStyle, Rect, Zone } from '../types.ts';
import { face, layout, lowestBelow, makeLook, part, reveal, SAFE, scales } from './make.ts';

const WHITE = '#f5f3ee';
const BLACK = '#0a0a0b';
const SAND = '#d8b98a';

/** How much of the height the picture takes, and how much of the rest lies above it. */
const BAND = { tall: { share: 0.7, above: 0.2 }, wide: { share: 0.66, above: 0.12 } } as const;

/** A broad picture between black bars. */
const band = ({ width, height }: Size): Rect => {
  const { share, above } = width > height ? BAND.wide : BAND.tall;
  const high = 2 * Math.round(Math.min(height * share, width / 1.05) / 2);
  const y = 2 * Math.round(((height - high) * above) / 2);
  return { x: 0, y, width, height: high };
};
const picture: PictureStyle = { area: band, border: null, shadow: null };
/** Words stand in the lower bar, and over the foot of the picture where that is low. */
const zones = byFormat((f, stage): Zone => {
  const b = band(stage);
  const { x, width, bottom } = SAFE(f);
  const top = b.y + b.height + 20;
  // Players of tall videos write over the foot of the frame, those of wide ones do not.
  const lowest = stage.height > stage.width * 1.4 ? lowestBelow(stage) : stage.height - 48;
  return { x, width, top, bottom: Math.max(bottom, lowest) };
});
const marked = { plate: null, colour: SAND };

/** A broad picture with black bars, and what is said below it. */
export const wideScreen = makeLook({
  label: 'Broad picture',
  describe: 'A broad picture between black bars, words set quietly below it',
  suits: ['calm', 'sober', 'literary'],
  colours: { ink: BLACK, paper: WHITE, accent: SAND, ground: [BLACK, '#050506'] },
  onGround: { colour: WHITE, accent: SAND },
  faces: {
    display: face('syne', 700, { leading: 1.14 }),
    text: face('atkinson', 700, { leading: 1.34 }),
    small: face('atkinson', 400, { leading: 1.36, italic: true }),
  },
  zones,
  bare: picture,
  layouts: {
    title: layout({
      head: part('display', WHITE, { highlight: marked }),
      ...{ scale: scales(104, 48, 4), align: 'centre', picture },
      reveal: reveal('faded', { frames: 20, lineDelay: 6, wholeAtOpening: true }),
    }),
    caption: layout({
      head: part('text', WHITE, { highlight: marked }),
      ...{ scale: scales(64, 64, 3), align: 'centre', picture },
      reveal: reveal('whole'),
    }),
    quote: layout({
      head: part('text', WHITE, { highlight: marked }),
      rest: part('small', SAND),
      ...{ scale: scales(62, 40, 6, 44), align: 'centre', picture },
      reveal: reveal('faded', { frames: 14 }),
    }),
    figure: layout({
      head: part('display', SAND),
      rest: part('text', WHITE),
      ...{ scale: scales(170, 70, 1, 46), align: 'centre', picture },
      reveal: reveal('counted'),
    }),
    end: layout({
      head: part('display', WHITE, { highlight: marked }),
      rest: part('small', SAND),
      ...{ scale: scales(92, 48, 4, 44), align: 'centre', picture },
      reveal: reveal('faded', { frames: 18 }),
    }),
  },
  transition: { kind: 'dissolve', frames: 18 },
});
