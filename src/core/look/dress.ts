import { contentKey } from '../hash.ts';
import type { SceneLook, Stress, Style } from '../piece/appearance.ts';
import type { Scene } from '../piece/types.ts';
import { msToFrames } from '../time.ts';
import { byFormat } from './formats.ts';
import type { WordLayout } from './layouts.ts';
import { luminanceOf, ratioOf } from './legible.ts';
import { asLogoCard, logoGround } from './logo-card.ts';
import { overWord, panel, strip, underWord } from './looks/make.ts';
import { type LookName, lookOf } from './looks.ts';
import type { Face, LayoutStyle, Look, PartStyle } from './types.ts';

/** How the words of a scene look: the look of the piece, what the piece changes of it, and what the scene changes. */
export interface Dress {
  /** Same key, same dress. */
  key: string;
  name: LookName;
  look: Look;
  style: LayoutStyle;
  faces: Look['faces'];
  /** The writer wants nothing behind the words. */
  bare: boolean;
  /** Where the writer put the words, by format. */
  places: Style['places'];
  /** The same with something else changed. */
  changed(change: Partial<Style>): Dress;
}

/** A ground that the writer chose without a colour. */
const PANEL_RADIUS = 10;
const OUTLINE = { width: 0.075 } as const;
/** Least shade behind words that a writer wants on the picture itself. */
const SHADE_LEAST = 0.18;
export const SHADE_COLOUR = '#0b0a0f';

/** By what the piece changes and what the scene changes, as they are: documents are never changed in place. */
const known = new WeakMap<Style, WeakMap<SceneLook | typeof NO_CHANGES, Map<string, Dress>>>();
const NO_CHANGES = {};

/** The look that a scene has: its own, or that of the piece. */
export const lookNameOf = (piece: { look: LookName }, scene: { look: SceneLook | null }): LookName =>
  scene.look?.look ?? piece.look;

/** piece: its look and what it changes of it; scene: exceptions, which win. */
export function dressOf(
  piece: { look: LookName; style: Style },
  scene: { look: SceneLook | null } & Partial<Pick<Scene, 'layout' | 'pictures'>>,
  layout: WordLayout,
): Dress {
  const name = lookNameOf(piece, scene);
  const byScene = known.get(piece.style) ?? new WeakMap<SceneLook | typeof NO_CHANGES, Map<string, Dress>>();
  known.set(piece.style, byScene);
  const byLayout = byScene.get(scene.look ?? NO_CHANGES) ?? new Map<string, Dress>();
  byScene.set(scene.look ?? NO_CHANGES, byLayout);
  const logo = logoGround(scene);
  const kind = `${name} ${layout} ${logo ?? ''}`;
  const have = byLayout.get(kind);
  if (have) return have;
  const changes = merged(piece.style, scene.look);
  const key = contentKey({ name, layout, changes, ...(logo ? { logo } : {}) });
  const done = dressed(key, name, layout, changes, logo);
  byLayout.set(kind, done);
  return done;
}

/** Opacity of words that are said later: they can be seen, and are not taken for those that are being said. */
const AHEAD = 0.3;

/** What the piece changes of its look, and over it what a scene changes. */
export function merged(of: Style, by: SceneLook | null): Style {
  if (!by) return of;
  const own = Object.entries(by).filter(([k, v]) => k !== 'look' && v !== null);
  const places = by.places ? { ...of.places, ...by.places } : of.places;
  return { ...of, ...(Object.fromEntries(own) as Partial<Style>), places };
}

function dressed(key: string, name: LookName, layout: WordLayout, c: Style, logo: string | null): Dress {
  const look = lookOf(name);
  const own = look.layouts[layout];
  const base = logo === null ? own : asLogoCard(own, against(logo, look));
  const faces = { ...look.faces };
  const role = base.head.face;
  faces[role] = faceOf(look.faces[role], c);
  if (c.family !== null && base.rest && base.rest.face !== role)
    faces[base.rest.face] = { ...look.faces[base.rest.face], family: c.family };
  const grounded = stressed(onGround(base, c, look), c, look);
  const style: LayoutStyle = {
    ...grounded,
    align: c.align ?? grounded.align,
    scale: c.size === null ? grounded.scale : scaledBy(grounded.scale, c.size),
    reveal: {
      ...grounded.reveal,
      kind: c.reveal ?? grounded.reveal.kind,
      delay: c.delayMs === null ? grounded.reveal.delay : msToFrames(c.delayMs),
      restDelay: c.restDelayMs === null ? grounded.reveal.restDelay : msToFrames(c.restDelayMs),
      frames: c.revealMs === null ? grounded.reveal.frames : Math.max(1, msToFrames(c.revealMs)),
      order: c.order ?? grounded.reveal.order,
      gone: c.goneMs === null ? grounded.reveal.gone : msToFrames(c.goneMs),
      // A panel that waits for its words would stand empty.
      ahead: (c.ahead ?? grounded.panel !== null) ? AHEAD : 0,
    },
  };
  const changed = (change: Partial<Style>): Dress => {
    const changes = { ...c, ...change };
    return dressed(contentKey({ name, layout, changes, logo }), name, layout, changes, logo);
  };
  return { key, name, look, style, faces, bare: c.ground === 'none', places: c.places, changed };
}

const faceOf = (of: Face, c: Style): Face => ({
  ...of,
  family: c.family ?? of.family,
  weight: c.weight ?? of.weight,
  italic: c.italic ?? of.italic,
  upper: c.upper ?? of.upper,
  tracking: c.tracking ?? of.tracking,
  leading: c.leading ?? of.leading,
});

function scaledBy(scale: LayoutStyle['scale'], k: number): LayoutStyle['scale'] {
  const even = (n: number) => 2 * Math.round((n * k) / 2);
  return byFormat((f) => {
    const s = scale(f);
    return { ...s, largest: even(s.largest), smallest: even(s.smallest), rest: even(s.rest) };
  });
}

/** The ground, or the lack of one, that the writer wants, and the colours of the words. */
function onGround(base: LayoutStyle, c: Style, look: Look): LayoutStyle {
  if (c.ground === null && c.colour === null && c.groundColour === null) return base;
  const colourOf = (p: PartStyle): string => c.colour ?? p.colour;
  const part = (p: PartStyle, more: Partial<PartStyle>): PartStyle => ({
    ...p,
    colour: colourOf(p),
    ...more,
  });
  const parts = (more: (p: PartStyle) => Partial<PartStyle>): LayoutStyle => ({
    ...base,
    head: part(base.head, more(base.head)),
    rest: base.rest && part(base.rest, more(base.rest)),
  });
  const fill = c.groundColour;
  if (c.ground === null)
    return {
      ...parts((p) => ({ ground: p.ground && fill !== null ? { ...p.ground, colour: fill } : p.ground })),
      panel: base.panel && fill !== null ? { ...base.panel, colour: fill } : base.panel,
    };
  const bare = { ground: null, outline: null, glow: null };
  const off = { panel: null, ornaments: null, scrim: base.scrim, shade: null };
  const colour = fill ?? against(c.colour ?? base.head.colour, look);
  switch (c.ground) {
    case 'none':
      return { ...parts(() => bare), ...off };
    case 'shade':
      return { ...parts(() => bare), ...off, shade: { colour: fill ?? SHADE_COLOUR, least: SHADE_LEAST } };
    case 'outline':
      return { ...parts(() => ({ ...bare, outline: { colour, width: OUTLINE.width } })), ...off };
    case 'strip':
      return {
        ...parts(() => ({
          ...bare,
          ground: strip(colour, { radius: 0.08 }),
          said: base.head.said && overWord(base.head.said.colour),
        })),
        ...off,
      };
    case 'panel':
      return {
        ...parts(() => bare),
        ...off,
        panel: base.panel ? { ...base.panel, colour } : panel(colour, { radius: PANEL_RADIUS }),
      };
    default:
      return c.ground satisfies never;
  }
}

/** Of strokes on each side, font sizes. */
const THICKER = 0.03;

/** Words that the writer stresses, as he wants them to be seen. */
function stressed(base: LayoutStyle, c: Style, look: Look): LayoutStyle {
  if (c.stress === null && c.stressColour === null) return base;
  const kind = c.stress ?? (base.head.highlight?.plate ? 'plate' : 'colour');
  const colour = c.stressColour ?? look.colours.accent;
  const of = (p: PartStyle): PartStyle => {
    const highlight: Record<Stress, PartStyle['highlight']> = {
      colour: { plate: null, colour },
      plate: { plate: overWord(colour), colour: against(colour, look) },
      stroke: { plate: underWord(colour), colour: p.colour },
      // Every family has it, also those of a single weight, and no line grows by it.
      weight: { plate: null, colour: c.stressColour ?? p.colour, thicker: THICKER },
    };
    return { ...p, highlight: highlight[kind] };
  };
  return { ...base, head: of(base.head), rest: base.rest && of(base.rest) };
}

/** Of ink and paper the one that a colour stands out from. */
const against = (colour: string, { colours: { ink, paper } }: Look): string => {
  const apart = (c: string) => ratioOf(luminanceOf(c), luminanceOf(colour));
  return apart(ink) > apart(paper) ? ink : paper;
};
