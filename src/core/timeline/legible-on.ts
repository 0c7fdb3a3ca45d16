import type { Dress } from '../look/dress.ts';
import type { Size } from '../look/formats.ts';
import {
  channels,
  lightnessContrast,
  luminanceOf,
  NEEDED,
  neededRatio,
  ratioOf,
  under,
} from '../look/legible.ts';
import type { LayoutStyle, PartStyle, Rect } from '../look/types.ts';
import type { Behind } from './behind.ts';
import type { Legibility } from './types.ts';

/** Words, and what is behind them. */
export interface Asked {
  dress: Dress;
  stage: Size;
  /** Of the words. */
  box: Rect;
  behind: Behind | null;
  size: number;
  /** Of the small part; null without one. */
  restSize: number | null;
  highlighted: boolean;
}

/** A shade is never more opaque than this: the picture stays to be seen. */
const MOST_SHADE = 0.94;
/** What is measured of a picture is coarse: a shade gives so much more than is needed. */
const MARGIN = 1.06;
const SHADE_STEP = 0.02;
/** An outline thinner than this, in font sizes, does not tell letters from what is behind them. */
const LEAST_OUTLINE = 0.035;
const DARK_SHADE = '#0b0a0f';
const LIGHT_SHADE = '#ffffff';

/** Nothing is known of the picture: it may be black, white and all between. */
const ANYTHING = { darkest: 0, lightest: 1 };

interface WordColour {
  colour: string;
  needed: number;
}

/**
 * How legible words are where they are worst, and the shade under them: as opaque as the look wants it, and as much more as
 * they need. Words that stand on the picture without anything get one where they need it.
 */
export function legibleOn(asked: Asked): { shade: LayoutStyle['shade']; legibility: Legibility } {
  const { style } = asked.dress;
  const parts = style.rest && asked.restSize !== null ? [style.head, style.rest] : [style.head];
  let shade = style.shade;
  let worst: Legibility | null = null;
  for (const part of parts) {
    const colours = coloursOf(part, part === style.head ? asked.size : (asked.restSize ?? asked.size), asked);
    const own = groundOf(part, style);
    const found = own ? onColour(colours, own) : onPicture(colours, part, asked, shade);
    if (found.shade) shade = found.shade;
    if (!worst || found.legibility.ratio / found.legibility.needed < worst.ratio / worst.needed)
      worst = found.legibility;
  }
  return {
    shade,
    legibility: worst ?? { ratio: 21, needed: NEEDED.text, contrast: 106, on: 'ground', ground: null },
  };
}

/** The colours in which words of a part are seen, and the ratio that each needs. */
function coloursOf(part: PartStyle, size: number, { dress, stage, highlighted }: Asked): WordColour[] {
  const { weight } = dress.faces[part.face];
  const needed = neededRatio(size, weight, Math.min(stage.width, stage.height));
  const all = [part.colour];
  if (part.saidColour && dress.style.reveal.kind !== 'whole') all.push(part.saidColour);
  // A mark behind a word is its ground.
  if (highlighted && part.highlight && !part.highlight.plate) all.push(part.highlight.colour);
  return [...new Set(all)].map((colour) => ({ colour, needed }));
}

function groundOf(part: PartStyle, style: LayoutStyle): { colour: string; on: 'strip' | 'panel' } | null {
  if (part.ground && channels(part.ground.colour)[3] === 1)
    return { colour: part.ground.colour, on: 'strip' };
  if (style.panel && channels(style.panel.colour)[3] === 1)
    return { colour: style.panel.colour, on: 'panel' };
  return null;
}

type Found = { shade: LayoutStyle['shade']; legibility: Legibility };

function onColour(
  colours: readonly WordColour[],
  { colour, on }: { colour: string; on: 'strip' | 'panel' },
): Found {
  const light = luminanceOf(colour);
  return { shade: null, legibility: { ...worstOf(colours, light, light, on), ground: colour } };
}

function worstOf(
  colours: readonly WordColour[],
  darkest: number,
  lightest: number,
  on: Legibility['on'],
): Legibility {
  let worst: Legibility | null = null;
  for (const { colour, needed } of colours) {
    const own = luminanceOf(colour);
    // A luminance between both ends would have words of its own lightness vanish.
    const isBetween = own > darkest && own < lightest;
    const ends = [darkest, lightest].map((l) => ({ ratio: ratioOf(own, l), light: l }));
    const at = ends.reduce((a, b) => (b.ratio < a.ratio ? b : a));
    const ratio = isBetween ? 1 : at.ratio;
    const contrast = isBetween ? 0 : Math.abs(lightnessContrast(colour, at.light));
    if (!worst || ratio / needed < worst.ratio / worst.needed)
      worst = { ratio, needed, contrast, on, ground: null };
  }
  return worst ?? { ratio: 21, needed: NEEDED.text, contrast: 106, on, ground: null };
}

/** The part of the stage that is behind words of a size. */
export function roundWords({ x, y, width, height }: Rect, size: number): Rect {
  const room = size * 0.15;
  return { x: x - room, y: y - room, width: width + 2 * room, height: height + 2 * room };
}

/** Words without a ground of their own: over the picture, its scrim and its shade, or within an outline. */
function onPicture(
  colours: readonly WordColour[],
  part: PartStyle,
  asked: Asked,
  given: LayoutStyle['shade'],
): Found {
  const { dress, behind, box, size } = asked;
  const { scrim } = dress.style;
  const seen = behind?.in(roundWords(box, size)) ?? ANYTHING;
  const scrimmed = (l: number) => (scrim ? under(l, scrim.colour, scrim.alpha) : l);
  const [darkest, lightest] = [scrimmed(seen.darkest), scrimmed(seen.lightest)];
  const on = behind?.hasPicture === false ? 'ground' : 'picture';
  if (part.outline && part.outline.width >= LEAST_OUTLINE) {
    const edge = luminanceOf(part.outline.colour);
    return {
      shade: null,
      legibility: { ...worstOf(colours, edge, edge, 'outline'), ground: part.outline.colour },
    };
  }
  const shadeColour = given?.colour ?? shadeFor(colours);
  const least = given?.least ?? 0;
  const at = (alpha: number) => {
    const through = (l: number) => (alpha > 0 ? under(l, shadeColour, alpha) : l);
    const ends = [through(darkest), through(lightest)];
    return worstOf(colours, Math.min(...ends), Math.max(...ends), on);
  };
  const enough = ({ ratio, needed }: Legibility) => ratio >= needed * MARGIN;
  let alpha = least;
  // A writer who wants nothing behind the words gets nothing.
  const mayShade = given !== null || dress.bare === false;
  while (mayShade && alpha < MOST_SHADE && !enough(at(alpha)))
    alpha = Math.min(MOST_SHADE, alpha + SHADE_STEP);
  const isNeeded = given !== null || alpha > 0;
  return { shade: isNeeded ? { colour: shadeColour, least: alpha } : null, legibility: at(alpha) };
}

/** Dark under light words, and the other way round. */
const shadeFor = (colours: readonly WordColour[]): string =>
  luminanceOf(colours[0]?.colour ?? '#ffffff') > 0.3 ? DARK_SHADE : LIGHT_SHADE;
