import { dressOf, lookNameOf } from '../look/dress.ts';
import type { Format, Size } from '../look/formats.ts';
import { logoGround } from '../look/logo-card.ts';
import { lookOf } from '../look/looks.ts';
import type { Look, PictureStyle } from '../look/types.ts';
import type { Piece, Scene } from '../piece/types.ts';
import type { PictureFrame, SceneColours } from './types.ts';
import { showsWords } from './words.ts';

/** Frames are the same for all scenes of a look: what was placed once is not placed again at every key. */
const known = new WeakMap<PictureStyle, WeakMap<Look['colours'], Map<Format, PictureFrame>>>();

const styleOf = (piece: Piece, scene: Scene): PictureStyle | null => {
  if (!showsWords(scene.layout)) return lookOf(lookNameOf(piece, scene)).bare;
  // A caption that is not shown leaves the picture as it is: its frame belongs to the look.
  return dressOf(piece, scene, scene.layout).style.picture;
};

/** Where the pictures of a scene stand on the stage; null where they fill it. */
export function frameFor(piece: Piece, scene: Scene, format: Format, stage: Size): PictureFrame | null {
  const style = styleOf(piece, scene);
  if (!style) return null;
  const { colours } = lookOf(lookNameOf(piece, scene));
  const byColours = known.get(style) ?? new WeakMap<Look['colours'], Map<Format, PictureFrame>>();
  known.set(style, byColours);
  const formats = byColours.get(colours) ?? new Map<Format, PictureFrame>();
  byColours.set(colours, formats);
  const have = formats.get(format);
  if (have) return have;
  const area = style.area(stage, format);
  const { border, shadow, ornaments } = style;
  const drawn = area && ornaments ? ornaments({ picture: area, stage, format, colours }) : [];
  const frame = { area, border, shadow, ornaments: drawn };
  formats.set(format, frame);
  return frame;
}

export function coloursOf(piece: Piece, scene: Scene): SceneColours {
  const { ink, paper, ground } = lookOf(lookNameOf(piece, scene)).colours;
  const logo = logoGround(scene);
  return { ink, paper, ground: logo === null ? ground : [logo, logo] };
}
