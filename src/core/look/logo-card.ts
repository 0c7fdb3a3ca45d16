import type { Scene } from '../piece/types.ts';
import { byFormat, type Size } from './formats.ts';
import { SAFE } from './looks/make.ts';
import type { LayoutStyle, PartStyle, PictureStyle, Rect, Stand } from './types.ts';

/**
 * The ground of a card that shows a logo: an end card whose first picture is shown whole, on a colour. null for any other scene.
 */
export function logoGround({ layout, pictures }: Partial<Pick<Scene, 'layout' | 'pictures'>>): string | null {
  const framing = layout === 'end' ? pictures?.[0]?.framing : null;
  return framing?.fit === 'whole' && framing.surround !== 'blur' ? framing.surround : null;
}

/** Shares of the stage: the logo's width, its height, and where it begins. */
const LOGO: Record<'tall' | 'wide', { width: number; height: number; top: number }> = {
  tall: { width: 0.58, height: 0.2, top: 0.26 },
  wide: { width: 0.4, height: 0.34, top: 0.16 },
};
/** Between the logo and the words, shares of the stage's height. */
const GAP = 0.05;

const areaIn = (stage: Size): Rect => {
  const { width, height, top } = LOGO[stage.width > stage.height * 1.2 ? 'wide' : 'tall'];
  const even = (n: number) => 2 * Math.round(n / 2);
  const [w, h] = [even(stage.width * width), even(stage.height * height)];
  return { x: even((stage.width - w) / 2), y: even(stage.height * top), width: w, height: h };
};

const PICTURE: PictureStyle = { area: areaIn, border: null, shadow: null };

const ZONES = byFormat((format, stage) => {
  const area = areaIn(stage);
  return { ...SAFE(format), top: Math.round(area.y + area.height + stage.height * GAP) };
});

const below: Stand = (zone) => ({ y: zone.top, standsOn: false });

/** An end card with a logo above its words, all of it on the ground of the logo. colour: of words that stand out from it. */
export function asLogoCard(of: LayoutStyle, colour: string): LayoutStyle {
  const plain = (p: PartStyle): PartStyle => ({
    ...p,
    ...{ colour, ground: null, outline: null, glow: null, said: null, saidColour: null },
  });
  return {
    ...of,
    ...{ head: plain(of.head), rest: of.rest && plain(of.rest) },
    ...{ picture: PICTURE, zones: ZONES, stand: below, align: 'centre' },
    ...{ panel: null, ornaments: null, underline: null, scrim: null, shade: null, tilt: 0, settle: null },
  };
}
