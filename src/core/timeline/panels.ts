import { seeded } from '../hash.ts';
import type { Size } from '../look/formats.ts';
import type { EdgeKind, LayoutStyle, Ornament, PanelStyle, Rect, Zone } from '../look/types.ts';
import type { Shape, WordsBlock } from './types.ts';

/** Shadows of a panel: to the right, down, and wider on both sides; stage pixels. */
const SHADOW = [
  { right: 4, down: 16, wider: 4 },
  { right: 2, down: 7, wider: 1 },
] as const;

/** How far the panel of a block of words reaches. */
export function aroundOf({ pad, span }: PanelStyle, words: Rect, zone: Zone, stage: Size): Rect {
  const [x, width] =
    span === 'stage'
      ? [0, stage.width]
      : span === 'zone'
        ? [zone.x - pad.x, zone.width + 2 * pad.x]
        : [words.x - pad.x, words.width + 2 * pad.x];
  return {
    ...{ x: Math.round(x), y: Math.round(words.y - pad.y) },
    ...{ width: Math.round(width), height: Math.round(words.height + 2 * pad.y) },
  };
}

/** The panel of a block of words, and how far it reaches. */
export function panelOf(
  style: PanelStyle,
  words: Rect,
  zone: Zone,
  stage: Size,
): { shapes: Shape[]; ornaments: Ornament[]; around: Rect } {
  const around = aroundOf(style, words, zone, stage);
  const { border, radius, colour, shadow } = style;
  const shadows: Shape[] = shadow
    ? SHADOW.map(({ right, down, wider }) => ({
        ...{ x: around.x + right - wider, y: around.y + down },
        ...{ width: around.width + wider * 2, height: around.height, radius: radius + wider, colour: shadow },
      }))
    : [];
  const ornaments: Ornament[] = [];
  const shapes = [...shadows];
  if (style.edge === 'plain') shapes.push({ ...around, radius, colour });
  else ornaments.push(edged(around, style.edge, colour));
  if (border) {
    const by = border.inset + border.width / 2;
    const inner = {
      ...{ x: around.x + by, y: around.y + by },
      ...{ width: around.width - 2 * by, height: around.height - 2 * by },
    };
    ornaments.push(frameOf(inner, Math.max(0, radius - by), border));
  }
  return { shapes, ornaments, around };
}

/** A line round a rectangle. */
function frameOf(r: Rect, radius: number, { colour, width }: { colour: string; width: number }): Ornament {
  const [x0, y0, x1, y1] = [r.x, r.y, r.x + r.width, r.y + r.height];
  const k = Math.max(0, Math.min(radius, r.width / 2, r.height / 2));
  const path =
    `M ${x0 + k} ${y0} L ${x1 - k} ${y0} Q ${x1} ${y0} ${x1} ${y0 + k} L ${x1} ${y1 - k} Q ${x1} ${y1} ${x1 - k} ${y1} ` +
    `L ${x0 + k} ${y1} Q ${x0} ${y1} ${x0} ${y1 - k} L ${x0} ${y0 + k} Q ${x0} ${y0} ${x0 + k} ${y0} Z`;
  const half = width / 2 + 1;
  return {
    ...{ kind: 'path', path, fill: null, stroke: { colour, width } },
    box: { x: x0 - half, y: y0 - half, width: r.width + 2 * half, height: r.height + 2 * half },
  };
}

/** Length of a tooth, a notch or a scallop, stage pixels. */
const TOOTH = { zigzag: 22, torn: 16, scalloped: 34, notched: 26 } as const;

/** A sheet whose edge is cut or torn: at its foot and head, or where a notch is, at its sides. */
function edged(r: Rect, edge: EdgeKind, colour: string): Ornament {
  const [x0, y0, x1, y1] = [r.x, r.y, r.x + r.width, r.y + r.height];
  const points: string[] = [];
  const reach = edge === 'plain' ? 0 : TOOTH[edge];
  const steps = Math.max(2, Math.round(r.width / Math.max(8, reach)));
  const across = (i: number) => x0 + (r.width * i) / steps;
  switch (edge) {
    case 'plain':
      points.push(`M ${x0} ${y0} L ${x1} ${y0} L ${x1} ${y1} L ${x0} ${y1} Z`);
      break;
    case 'zigzag': {
      const half = r.width / steps / 2;
      points.push(`M ${x0} ${y0}`);
      for (let i = 0; i < steps; i++)
        points.push(`L ${across(i) + half} ${y0 - reach * 0.6} L ${across(i + 1)} ${y0}`);
      points.push(`L ${x1} ${y1}`);
      for (let i = steps; i > 0; i--)
        points.push(`L ${across(i) - half} ${y1 + reach * 0.6} L ${across(i - 1)} ${y1}`);
      points.push('Z');
      break;
    }
    case 'scalloped': {
      points.push(`M ${x0} ${y0}`);
      for (let i = 0; i < steps; i++)
        points.push(`Q ${(across(i) + across(i + 1)) / 2} ${y0 - reach * 0.8} ${across(i + 1)} ${y0}`);
      points.push(`L ${x1} ${y1}`);
      for (let i = steps; i > 0; i--)
        points.push(`Q ${(across(i) + across(i - 1)) / 2} ${y1 + reach * 0.8} ${across(i - 1)} ${y1}`);
      points.push('Z');
      break;
    }
    case 'torn': {
      const random = seeded(`torn ${Math.round(r.width)} ${Math.round(r.height)}`);
      const fine = Math.max(6, Math.round(r.width / 26));
      const jag = () => (random() - 0.5) * reach;
      const at = (i: number) => x0 + (r.width * i) / fine;
      points.push(`M ${x0 + jag() / 2} ${y0 + jag() / 2}`);
      for (let i = 1; i < fine; i++) points.push(`L ${at(i) + jag() / 2} ${y0 + jag()}`);
      points.push(`L ${x1 + jag() / 2} ${y0 + jag() / 2} L ${x1 + jag() / 2} ${(y0 + y1) / 2}`);
      for (let i = fine; i >= 0; i--) points.push(`L ${at(i) + jag() / 2} ${y1 + jag()}`);
      points.push(`L ${x0 + jag() / 2} ${(y0 + y1) / 2} Z`);
      break;
    }
    case 'notched': {
      const middle = (y0 + y1) / 2;
      const n = Math.min(reach, r.height / 4);
      const k = n * 1.3;
      points.push(
        `M ${x0} ${y0} L ${x1} ${y0} L ${x1} ${middle - n} Q ${x1 - k} ${middle - n} ${x1 - k} ${middle}`,
        `Q ${x1 - k} ${middle + n} ${x1} ${middle + n} L ${x1} ${y1} L ${x0} ${y1} L ${x0} ${middle + n}`,
        `Q ${x0 + k} ${middle + n} ${x0 + k} ${middle} Q ${x0 + k} ${middle - n} ${x0} ${middle - n} Z`,
      );
      break;
    }
    default:
      return edge satisfies never;
  }
  const out = reach + 2;
  return {
    ...{ kind: 'path', path: points.join(' '), fill: colour, stroke: null },
    box: { x: x0 - out, y: y0 - out, width: r.width + 2 * out, height: r.height + 2 * out },
  };
}

/** How far a shade reaches beyond the words before it is gone, in sizes of the words. */
const SHADE_REACH = 2.5;

/** A band over the whole width: as far as a picture is seen, so that no edge of it is. */
export function shadeOf(
  { colour, least }: NonNullable<LayoutStyle['shade']>,
  words: Rect,
  size: number,
  stage: Size,
): WordsBlock['shade'] {
  const reach = size * SHADE_REACH;
  const y = Math.round(words.y - reach);
  const ramp = Math.min(0.5, (reach * 0.85) / (words.height + 2 * reach));
  return {
    colour,
    alpha: least,
    ramp,
    x: 0,
    y,
    width: stage.width,
    height: Math.round(words.height + 2 * reach),
  };
}
