import type { FamilyName } from '../families.ts';
import {
  type ByFormat,
  byFormat,
  figuresByFormat,
  type OfferedFormat,
  type Size,
  STAGE,
} from '../formats.ts';
import type { WordLayout } from '../layouts.ts';
import type {
  Face,
  GroundStyle,
  LayoutStyle,
  Look,
  PanelStyle,
  PartStyle,
  PictureStyle,
  PlateStyle,
  Rect,
  RevealStyle,
  Scale,
  Zone,
} from '../types.ts';
import { middle } from '../typeset/stand.ts';

/** How large words of a tall video are in other formats, and how many lines more or fewer they get. */
const IN_FORMAT = figuresByFormat({
  '9:16': { size: 1, lines: 0 },
  '4:5': { size: 0.86, lines: -1 },
  '1:1': { size: 0.82, lines: -1 },
  '16:9': { size: 0.84, lines: -2 },
});

/** Sizes for a tall video, stage pixels, and those of the other formats from them. */
export const scales = (largest: number, smallest: number, lines: number, rest = 0): ByFormat<Scale> =>
  byFormat((f) => {
    const { size, lines: more } = IN_FORMAT(f);
    const even = (n: number) => Math.round((n * size) / 2) * 2;
    return {
      largest: even(largest),
      smallest: even(smallest),
      lines: Math.max(Math.min(2, lines), Math.round(lines + more)),
      rest: even(rest),
    };
  });

/** Zones set for the offered formats, stage pixels; those of others lie in between as shares of the stage. */
function zonesByFormat(set: Record<OfferedFormat, Zone>): ByFormat<Zone> {
  const part = (of: Zone, { width, height }: Size): Zone => ({
    ...{ x: of.x * width, width: of.width * width, top: of.top * height, bottom: of.bottom * height },
  });
  const inverse = ({ width, height }: Size): Size => ({ width: 1 / width, height: 1 / height });
  const shares = Object.entries(set).map(([f, zone]) => [f, part(zone, inverse(STAGE[f as OfferedFormat]))]);
  const shareOf = figuresByFormat<keyof Zone>(Object.fromEntries(shares));
  return byFormat((f, stage) => {
    const { x, width, top, bottom } = part(shareOf(f), stage);
    return { x: Math.round(x), width: Math.round(width), top: Math.round(top), bottom: Math.round(bottom) };
  });
}

/** The part of the stage that the players of short videos leave free of their own buttons; the same on both sides. */
export const SAFE = zonesByFormat({
  '9:16': { x: 100, width: 880, top: 260, bottom: 1490 },
  '4:5': { x: 80, width: 920, top: 110, bottom: 1236 },
  '1:1': { x: 76, width: 928, top: 96, bottom: 984 },
  '16:9': { x: 150, width: 1620, top: 100, bottom: 976 },
});

/** The same, and further from the right edge, where the tall players have their buttons. */
export const SAFE_LEFT = zonesByFormat({
  '9:16': { x: 84, width: 880, top: 300, bottom: 1490 },
  '4:5': { x: 76, width: 900, top: 110, bottom: 1230 },
  '1:1': { x: 72, width: 936, top: 96, bottom: 984 },
  '16:9': { x: 130, width: 1290, top: 110, bottom: 965 },
});

/** Zones moved in by so many pixels on both sides, for what is set on a ground that is wider than the words. */
export const within = (zones: ByFormat<Zone>, by: number): ByFormat<Zone> =>
  byFormat((f) => {
    const z = zones(f);
    return { x: z.x + by, width: z.width - 2 * by, top: z.top + by, bottom: z.bottom - by };
  });

export const face = (family: FamilyName, weight: number, more: Partial<Face> = {}): Face => ({
  ...{ family, weight, italic: false, upper: false, tracking: 0, leading: 1.24, baseline: 0.35 },
  ...more,
});

export const strip = (colour: string, more: Partial<GroundStyle> = {}): GroundStyle => ({
  ...{ colour, shadow: null, pad: 0.28, radius: 0, height: { line: 1, size: 0, px: 2 } },
  ...{ drop: { size: 0, px: 0 }, snap: true, spill: 1 },
  ...more,
});

export const panel = (colour: string, more: Partial<PanelStyle> = {}): PanelStyle => ({
  ...{
    colour,
    pad: { x: 44, y: 34 },
    span: 'words',
    radius: 0,
    border: null,
    shadow: null,
    edge: 'plain',
    lined: false,
  },
  ...more,
});

export const part = (role: PartStyle['face'], colour: string, more: Partial<PartStyle> = {}): PartStyle => ({
  ...{ face: role, colour, ground: null, outline: null, glow: null },
  ...{ highlight: null, said: null, saidColour: null },
  ...more,
});

/** A mark over a whole word, and a stroke along its foot. */
export const overWord = (colour: string, radius = 0.12): PlateStyle => ({
  ...{ colour, side: 0.1, above: 0.8, height: 1.06, radius },
});
export const underWord = (colour: string): PlateStyle => ({
  ...{ colour, side: 0.05, above: 0.2, height: 0.34, radius: 0 },
});

export const reveal = (kind: RevealStyle['kind'], more: Partial<RevealStyle> = {}): RevealStyle => ({
  ...{ kind, delay: 0, frames: 11, lineDelay: 3, restDelay: 0, order: 'down' as const, gone: 0, lead: 1 },
  ...{ wordFrames: 4, unsaidFrames: 4 },
  ...{ ahead: 0, wholeAtOpening: false },
  ...more,
});

type Needed = 'head' | 'scale' | 'reveal';
export const layout = (of: Pick<LayoutStyle, Needed> & Partial<Omit<LayoutStyle, Needed>>): LayoutStyle => ({
  ...{ rest: null, align: 'left', zones: null, stand: null, picture: null, panel: null, ornaments: null },
  ...{ tilt: 0, settle: null, underline: null, scrim: null, shade: null },
  ...of,
});

/** Words below a picture may stand as low as this share of the height: nothing else is there. */
const BELOW_PICTURE = 0.855;
export const lowestBelow = ({ height }: Size): number => Math.round(height * BELOW_PICTURE);

const isWide = ({ width, height }: Size): boolean => width > height * 1.2;

/** Shares of the stage: how far a picture stands from its edges, and how much of it the picture takes. */
interface Inset {
  side: number;
  top: number;
  share: number;
}

/** Share of the height that a picture without words leaves free above and below at least. */
const ALONE_TOP = 0.075;

/**
 * A picture that does not fill the stage, with the words beside it: below it, or in a wide video on its right. alone: without
 * words it takes their room too.
 */
export function inset({ side, top, share }: Inset): {
  area: PictureStyle['area'];
  alone: PictureStyle['area'];
  zones: ByFormat<Zone>;
} {
  const area = (stage: Size): Rect => {
    const unit = Math.min(stage.width, stage.height);
    const even = (n: number) => Math.round(n / 2) * 2;
    const x = even(unit * side);
    return isWide(stage)
      ? { x, y: x, width: even(stage.width * share - x), height: stage.height - 2 * x }
      : { x, y: even(stage.height * top), width: stage.width - 2 * x, height: even(stage.height * share) };
  };
  const zones = byFormat((f, stage): Zone => {
    const safe = SAFE(f);
    const a = area(stage);
    const gap = Math.min(stage.width, stage.height) * 0.055;
    const right = safe.x + safe.width;
    if (!isWide(stage)) {
      const bottom = Math.max(safe.bottom, lowestBelow(stage));
      return { ...safe, top: Math.round(a.y + a.height + gap), bottom };
    }
    const x = Math.round(a.x + a.width + gap);
    return { x, width: Math.min(right + 60, stage.width - 60) - x, top: safe.top, bottom: safe.bottom };
  });
  const alone = (stage: Size): Rect => {
    const { x } = area(stage);
    const y = isWide(stage) ? x : Math.max(x, 2 * Math.round((stage.height * ALONE_TOP) / 2));
    return { x, y, width: stage.width - 2 * x, height: stage.height - 2 * y };
  };
  return { area, alone, zones };
}

/** No picture: the ground of the look. */
const noPicture: PictureStyle = { area: () => null, border: null, shadow: null };

/** Half of the stage to its edges: above the words, or in a wide video beside them. */
const half = inset({ side: 0, top: 0, share: 0.5 });
const halfPicture: PictureStyle = { area: half.area, border: null, shadow: null };
const halfZones = half.zones;

type Drawn = 'title' | 'caption' | 'quote' | 'figure' | 'end';

/** What a look says of itself; what it does not say follows from the rest. */
export type Design = Omit<Look, 'layouts' | 'bare' | 'partGap' | 'leave' | 'turn'> &
  Partial<Pick<Look, 'bare' | 'partGap' | 'leave' | 'turn'>> & {
    /** Colours of words on the ground of the look. */
    onGround: { colour: string; accent: string };
    layouts: Pick<Look['layouts'], Drawn> & Partial<Look['layouts']>;
  };

/** Beside a picture in a wide video there is room for more lines, and nothing to keep off. */
const BESIDE = { lines: 2, size: 1.14 } as const;

/** Words that have a place of their own beside the picture stand in its middle. */
const besidePictures = (layouts: Look['layouts']): Look['layouts'] =>
  Object.fromEntries(
    Object.entries(layouts).map(([name, of]) => {
      if (!of.picture?.area(STAGE['16:9'], '16:9')) return [name, of];
      const scale = byFormat((f, stage): Scale => {
        const { largest, rest, lines, ...more } = of.scale(f);
        if (!isWide(stage)) return { ...more, largest, rest, lines };
        const larger = (n: number) => 2 * Math.round((n * BESIDE.size) / 2);
        return { ...more, largest: larger(largest), rest: larger(rest), lines: lines + BESIDE.lines };
      });
      return [name, { ...of, stand: of.stand ?? middle, scale }];
    }),
  ) as Look['layouts'];

export function makeLook({ onGround, ...design }: Design): Look {
  const { title, caption, figure } = design.layouts;
  const plain = (of: PartStyle, colour: string): PartStyle => ({
    ...of,
    ...{ colour, ground: null, outline: null, glow: null, said: null, saidColour: null },
  });
  const onPlain = {
    underline: null,
    scrim: null,
    shade: null,
    panel: null,
    ornaments: null,
    settle: null,
    tilt: 0,
  };
  const derived: Record<Exclude<WordLayout, Drawn>, LayoutStyle> = {
    subtitle: {
      ...caption,
      head: { ...caption.head, said: null, saidColour: null },
      reveal: { ...caption.reveal, kind: 'faded' },
      scale: byFormat((f) => ({
        ...caption.scale(f),
        largest: Math.round(caption.scale(f).largest * 0.42) * 2,
        lines: 2,
      })),
    },
    number: {
      ...figure,
      rest: figure.rest ?? figure.head,
      scale: byFormat((f) => ({
        largest: figure.scale(f).largest,
        smallest: figure.scale(f).largest,
        lines: 1,
        rest: Math.round(figure.scale(f).rest * 0.76) * 2,
      })),
    },
    words: {
      ...title,
      ...onPlain,
      head: plain(title.head, onGround.colour),
      picture: noPicture,
      zones: SAFE,
      stand: null,
    },
    split: {
      ...title,
      ...onPlain,
      head: plain(title.head, onGround.colour),
      picture: halfPicture,
      zones: halfZones,
      stand: null,
      scale: byFormat((f, stage) => ({
        ...title.scale(f),
        largest: Math.round(title.scale(f).largest * 0.4) * 2,
        smallest: Math.min(title.scale(f).smallest, 44),
        lines: isWide(stage) ? 7 : 5,
      })),
    },
  };
  const highlighted = (of: LayoutStyle): LayoutStyle => ({
    ...of,
    head: { ...of.head, highlight: { plate: null, colour: onGround.accent } },
  });
  return {
    ...{ bare: null, partGap: 0.3, leave: { frames: 4, share: 0.85 } },
    turn: { kind: design.transition.kind === 'cut' ? 'cut' : 'dissolve', frames: 8 },
    ...design,
    layouts: besidePictures({
      ...derived,
      words: highlighted(derived.words),
      split: highlighted(derived.split),
      ...design.layouts,
    }),
  };
}
