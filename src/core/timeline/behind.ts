import type { Size } from '../look/formats.ts';
import type { Wash } from '../look/grades/types.ts';
import { GRADES } from '../look/grades.ts';
import { channels, greyOf } from '../look/legible.ts';
import type { Rect } from '../look/types.ts';
import { covered } from '../look/typeset/stand.ts';
import { luminance, type Part, reliefIn } from '../picture/relief.ts';
import type { Grading } from '../piece/types.ts';
import { cropAt } from './framing.ts';
import type { Crop, PictureFrame, SceneColours, Shot } from './types.ts';

/** What stands behind words over the whole time that they stand. */
export interface Behind {
  /** Darkest and lightest luminance in a part of the stage, and how busy it is; null where it was not measured. */
  in(part: Rect): Part | null;
  /** How much it costs to stand there: heads and subject that would be covered, and what is going on. */
  cost(part: Rect): number;
  hasPicture: boolean;
  /** Whether a head lies in a part of the stage. */
  coversHead(part: Rect): boolean;
}

/** How much parts of a picture cost that are covered by words: a whole head, the whole subject, all busy. */
const COST = { head: 1.6, subject: 0.9, busy: 0.35 } as const;
/** Moments of a move at which the picture is looked at. */
const MOMENTS = [0, 0.5, 1] as const;
/** A head counts as covered when words lie on this share of it. */
const HEAD_SHARE = 0.12;

/** shots: of the scene; frame: their part of the stage. null for a scene without a picture. */
export function behindOf(
  shots: readonly Shot[],
  frame: PictureFrame | null,
  grading: Grading | null,
  colours: SceneColours,
  stage: Size,
): Behind | null {
  const area = frame ? frame.area : { x: 0, y: 0, ...stage };
  if (!area || !shots.length) return ground(colours);
  // Two or three moments of each picture: a move is slow.
  const views = shots.flatMap((shot) =>
    (shot.from.width === shot.to.width && shot.from.x === shot.to.x && shot.from.y === shot.to.y
      ? [0]
      : MOMENTS
    ).map((t) => ({ shot, crop: cropAt(shot, t) })),
  );
  const heads = views.flatMap(({ shot, crop }) =>
    (shot.relief?.heads ?? []).map((h) => onStage(h, shot, crop, area)),
  );
  const plain = groundPart(colours);
  return {
    in(part) {
      const inside = cut(part, area);
      const beside = !inside || inside.width < part.width - 1 || inside.height < part.height - 1;
      let all: Part | null = beside && frame ? plain : null;
      if (!inside) return all;
      for (const { shot, crop } of views) {
        if (!shot.relief || shot.fit === 'whole') return null;
        const seen = partOf(inside, area, shot, crop);
        const found = reliefIn(shot.relief, shot.size.width >= shot.size.height, seen);
        if (!found) return null;
        all = joined(all, graded(found, grading));
      }
      return all;
    },
    cost(part) {
      const subject = Math.max(0, ...shots.map((s) => covered(part, stage, s.subject)));
      const head = Math.max(0, ...heads.map((h) => shareOf(h, part)));
      const busy = views.reduce((most, { shot, crop }) => {
        const inside = cut(part, area);
        if (!inside || !shot.relief || shot.fit === 'whole') return most;
        const seen = partOf(inside, area, shot, crop);
        return Math.max(most, reliefIn(shot.relief, shot.size.width >= shot.size.height, seen)?.busy ?? 0);
      }, 0);
      return COST.head * head + COST.subject * subject + COST.busy * busy;
    },
    hasPicture: true,
    coversHead: (part) => heads.some((h) => shareOf(h, part) > HEAD_SHARE),
  };
}

/** The ground of the look, where there is no picture. */
const ground = (colours: SceneColours): Behind => ({
  in: () => groundPart(colours),
  cost: () => 0,
  hasPicture: false,
  coversHead: () => false,
});

function groundPart({ ground: [top, bottom] }: SceneColours): Part {
  const light = [top, bottom].map((c) => {
    const [r, g, b] = channels(c);
    return luminance(r, g, b);
  });
  return { darkest: Math.min(...light), lightest: Math.max(...light), busy: 0 };
}

const joined = (a: Part | null, b: Part): Part =>
  a
    ? {
        darkest: Math.min(a.darkest, b.darkest),
        lightest: Math.max(a.lightest, b.lightest),
        busy: Math.max(a.busy, b.busy),
      }
    : b;

/** What blend modes make of a grey channel and one over it, 0 to 255 (Compositing and Blending, W3C, Level 1). */
const BLENDED: Record<Wash['mode'], (below: number, over: number) => number> = {
  multiply: (c, s) => (c * s) / 255,
  screen: (c, s) => c + s - (c * s) / 255,
  'soft-light': (c, s) => {
    const [b, k] = [c / 255, s / 255];
    const d = b <= 0.25 ? ((16 * b - 12) * b + 4) * b : Math.sqrt(b);
    return 255 * (k <= 0.5 ? b - (1 - 2 * k) * b * (1 - b) : b + (2 * k - 1) * (d - b));
  },
  // A grey stays the grey it is.
  saturation: (c) => c,
};

/** The same part under the washes of a grade and over its backdrop, as greys. */
function graded(part: Part, grading: Grading | null): Part {
  if (!grading) return part;
  const { grade, strength, opacity, backdrop } = grading;
  const [br, bg, bb] = channels(backdrop);
  const through = (light: number): number => {
    let rgb = [br, bg, bb].map((c) => c + (greyOf(light) - c) * opacity);
    for (const wash of GRADES[grade].washes) {
      const over = channels(wash.colour);
      rgb = rgb.map((c, i) => c + (BLENDED[wash.mode](c, over[i] ?? 0) - c) * wash.alpha * strength);
    }
    return luminance(rgb[0] ?? 0, rgb[1] ?? 0, rgb[2] ?? 0);
  };
  const ends = [through(part.darkest), through(part.lightest)];
  return { ...part, darkest: Math.min(...ends), lightest: Math.max(...ends) };
}

/** The part of a rectangle that lies in an area; null for none. */
function cut(part: Rect, area: Rect): Rect | null {
  const x = Math.max(part.x, area.x);
  const y = Math.max(part.y, area.y);
  const width = Math.min(part.x + part.width, area.x + area.width) - x;
  const height = Math.min(part.y + part.height, area.y + area.height) - y;
  return width > 0 && height > 0 ? { x, y, width, height } : null;
}

/** A part of the stage in fractions of the picture that is seen there. */
function partOf(part: Rect, area: Rect, { size }: Shot, crop: Crop): [number, number, number, number] {
  const [kx, ky] = [crop.width / area.width, crop.height / area.height];
  return [
    (crop.x + (part.x - area.x) * kx) / size.width,
    (crop.y + (part.y - area.y) * ky) / size.height,
    (part.width * kx) / size.width,
    (part.height * ky) / size.height,
  ];
}

/** A box in fractions of a picture, on the stage. */
function onStage([x, y, w, h]: readonly number[], { size }: Shot, crop: Crop, area: Rect): Rect {
  const [kx, ky] = [area.width / crop.width, area.height / crop.height];
  return {
    x: area.x + ((x ?? 0) * size.width - crop.x) * kx,
    y: area.y + ((y ?? 0) * size.height - crop.y) * ky,
    width: (w ?? 0) * size.width * kx,
    height: (h ?? 0) * size.height * ky,
  };
}

function shareOf(of: Rect, by: Rect): number {
  const inside = cut(by, of);
  return inside ? (inside.width * inside.height) / (of.width * of.height) : 0;
}
