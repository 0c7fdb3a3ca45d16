import { SHADE_COLOUR } from '../look/dress.ts';
import type { Format } from '../look/formats.ts';
import { channels, greyOf, luminanceOf } from '../look/legible.ts';
import { SAFE } from '../look/looks/make.ts';
import type { Rect } from '../look/types.ts';
import type { Style } from '../piece/appearance.ts';
import { type Asked, legibleOn, roundWords } from './legible-on.ts';
import type { Legibility, Remedy, RemedyKind } from './types.ts';

interface Candidate extends Remedy {
  /** How much of the picture changes, and by how much: 1 is all that is behind the words, from black to white. */
  cost: number;
  /** The words as they would be. */
  mended(): Asked;
}

type AskedWhere = Asked & { format: Format };

/** Share of the box of words that their letters cover, and an outline round these. */
const COVERED = { letters: 0.18, outline: 0.12 } as const;
/** A shade reaches beyond the words, and a strip is laid over all of the picture. */
const SPREAD = { shade: 1.5, strip: 1 } as const;
const SHADE = { colour: SHADE_COLOUR, least: 0.5 } as const;
/** Words that stand elsewhere than those of other scenes, and the whole way from top to bottom. */
const MOVED = { once: 0.1, way: 0.3 } as const;
/** In so many steps a colour is made lighter or darker, and so many places are looked at. */
const STEPS = 8;
/** Another place may cover so much more of the subject. */
const MORE_COVERED = 0.05;

/**
 * How legible words are (legible-on.ts); where that is not enough, with the change that mends it and is seen least: each that
 * is possible is tried, and its words are looked at as they would be.
 */
export function legibleOrMended(asked: AskedWhere): ReturnType<typeof legibleOn> {
  const found = legibleOn(asked);
  if (isEnough(found.legibility)) return found;
  const mended = candidates(asked, found.legibility)
    .sort((a, b) => a.cost - b.cost)
    .find((c) => isEnough(legibleOn(c.mended()).legibility));
  if (!mended) return found;
  const { kind, look } = mended;
  return { ...found, legibility: { ...found.legibility, remedy: { kind, look } } };
}

const isEnough = ({ ratio, needed }: Legibility): boolean => ratio >= needed;

/** Lightness as it is seen, 0 to 1. */
const seen = (colour: string): number => greyOf(luminanceOf(colour)) / 255;

function candidates(asked: AskedWhere, { ground, on }: Legibility): Candidate[] {
  const { dress, behind, box, size } = asked;
  const { ink, paper } = dress.look.colours;
  const own = dress.style.head.colour;
  const part = behind?.in(roundWords(box, size));
  const back =
    ground !== null ? seen(ground) : part ? (greyOf(part.darkest) + greyOf(part.lightest)) / 510 : 0.5;
  const changed = (kind: RemedyKind, look: Partial<Style>, cost: number): Candidate => ({
    ...{ kind, look, cost },
    mended: () => ({ ...asked, dress: dress.changed(look) }),
  });
  const recoloured = (colour: string) => COVERED.letters * Math.abs(seen(colour) - seen(own));
  const colours = [...towards(own, 255), ...towards(own, 0), ink, paper];
  const out = colours.map((colour) =>
    changed(seen(colour) > seen(own) ? 'lighter' : 'darker', { colour }, recoloured(colour)),
  );
  const grounds = ['#ffffff', '#111111', ink, paper];
  if (on === 'strip' || on === 'panel' || on === 'outline') {
    const share = on === 'outline' ? COVERED.outline : SPREAD.strip;
    for (const groundColour of grounds) {
      const apart = share * Math.abs(seen(groundColour) - back);
      const colour = furthest(groundColour, grounds);
      out.push(
        changed('behind', { groundColour }, apart),
        changed('behind', { groundColour, colour }, apart + recoloured(colour)),
      );
    }
    return out;
  }
  const shade = SPREAD.shade * SHADE.least * Math.abs(seen(SHADE.colour) - back);
  out.push(changed('shade', { ground: 'shade', groundColour: SHADE.colour }, shade));
  for (const colour of ['#ffffff', paper])
    out.push(
      changed('shade', { ground: 'shade', groundColour: SHADE.colour, colour }, shade + recoloured(colour)),
    );
  for (const groundColour of grounds) {
    const colour = furthest(groundColour, grounds);
    const apart = Math.abs(seen(groundColour) - back);
    out.push(
      changed('outline', { ground: 'outline', groundColour }, COVERED.outline * apart),
      changed('strip', { ground: 'strip', groundColour }, SPREAD.strip * apart),
      changed('strip', { ground: 'strip', groundColour, colour }, SPREAD.strip * apart + recoloured(colour)),
    );
  }
  return behind?.hasPicture ? [...out, ...places(asked, back)] : out;
}

const furthest = (from: string, colours: readonly string[]): string =>
  colours.reduce((a, b) => (Math.abs(seen(b) - seen(from)) > Math.abs(seen(a) - seen(from)) ? b : a));

/** A colour on its way to white (255) or black (0). */
function towards(colour: string, end: number): string[] {
  const [r, g, b] = channels(colour);
  return Array.from({ length: STEPS }, (_, i) => {
    const t = (i + 1) / STEPS;
    const hex = (v: number) =>
      Math.round(v + (end - v) * t)
        .toString(16)
        .padStart(2, '0');
    return `#${hex(r)}${hex(g)}${hex(b)}`;
  });
}

/** Other heights in the safe area, where words cover no head and hardly more of the subject. */
function places(asked: AskedWhere, back: number): Candidate[] {
  const { dress, stage, behind, box, format } = asked;
  const { top, bottom } = SAFE(format);
  const free = bottom - top - box.height;
  if (!behind || free <= 0) return [];
  const most = behind.cost(box) + MORE_COVERED;
  const letters = 2 * COVERED.letters * Math.abs(seen(dress.style.head.colour) - back);
  return Array.from({ length: STEPS + 1 }, (_, i) => ({ ...box, y: top + (free * i) / STEPS })).flatMap(
    (there): Candidate[] => {
      if (behind.coversHead(there) || behind.cost(there) > most) return [];
      const way = Math.abs(there.y - box.y) / stage.height;
      return [
        {
          kind: 'place',
          look: { places: { ...dress.places, [format]: placeOf(there, asked) } },
          cost: letters + MOVED.once + MOVED.way * way,
          mended: () => ({ ...asked, box: there }),
        },
      ];
    },
  );
}

const placeOf = ({ x, y, width, height }: Rect, { dress, stage, format }: AskedWhere) => ({
  x: share((x + width / 2) / stage.width),
  y: share((y + height / 2) / stage.height),
  width: dress.places?.[format]?.width ?? null,
});

const share = (v: number): number => Math.round(v * 1e4) / 1e4;
