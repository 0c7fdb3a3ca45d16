import { luminance } from '../picture/relief.ts';

/** Contrast ratio of two relative luminances, 1 to 21 (WCAG 2.2, 1.4.3). */
export const ratioOf = (a: number, b: number): number => (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);

/** Channels of #rrggbb or rgba(), 0 to 255, and opacity, 0 to 1. */
export function channels(colour: string): [number, number, number, number] {
  const hex = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(colour);
  if (hex) {
    const [r = 0, g = 0, b = 0] = hex.slice(1).map((h) => Number.parseInt(h, 16));
    return [r, g, b, 1];
  }
  const [r = 0, g = 0, b = 0, a = 1] = (/\(([^)]*)\)/.exec(colour)?.[1] ?? '').split(',').map(Number);
  return [r, g, b, a];
}

export const luminanceOf = (colour: string): number => {
  const [r, g, b] = channels(colour);
  return luminance(r, g, b);
};

/** A grey of this relative luminance, as a channel from 0 to 255. */
export const greyOf = (light: number): number =>
  255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055);

/** A luminance under a colour of some opacity, both as they are mixed: in channels, not in light. */
export function under(light: number, colour: string, alpha: number): number {
  const grey = greyOf(light);
  const [r, g, b, a] = channels(colour);
  const k = alpha * a;
  const mix = (c: number) => grey + (c - grey) * k;
  return luminance(mix(r), mix(g), mix(b));
}

/**
 * Lightness contrast of words on a ground, -108 to 106: negative for light words on dark (APCA-W3 0.1.9, its published
 * constants). Body text wants 75, large text 60, headlines 45, in either direction.
 */
export function lightnessContrast(words: string, ground: number): number {
  const soft = (y: number) => (y > 0.022 ? y : y + (0.022 - y) ** SOFT_CLIP);
  const screen = ([r, g, b]: readonly number[]) =>
    0.2126729 * ((r ?? 0) / 255) ** 2.4 +
    0.7151522 * ((g ?? 0) / 255) ** 2.4 +
    0.072175 * ((b ?? 0) / 255) ** 2.4;
  const grey = greyOf(ground);
  const [text, back] = [soft(screen(channels(words))), soft(screen([grey, grey, grey]))];
  if (Math.abs(back - text) < 0.0005) return 0;
  const dark = back > text;
  const c = (dark ? back ** 0.56 - text ** 0.57 : back ** 0.65 - text ** 0.62) * 1.14;
  if (Math.abs(c) < 0.1) return 0;
  return (dark ? c - 0.027 : c + 0.027) * 100;
}

/** Of the published algorithm; near to the root of two, and not it. */
const SOFT_CLIP = 1414 / 1000;

/** Words as large as this share of the short side, or bold and as large as that, are large (18 and 14 points on a phone). */
const LARGE = { share: 0.061, boldShare: 0.0475, bold: 700 } as const;
/** Ratios that words need (WCAG 2.2, level AA). */
export const NEEDED = { text: 4.5, large: 3 } as const;

const isLarge = (size: number, weight: number, shortSide: number): boolean =>
  size >= shortSide * (weight >= LARGE.bold ? LARGE.boldShare : LARGE.share);

export const neededRatio = (size: number, weight: number, shortSide: number): number =>
  isLarge(size, weight, shortSide) ? NEEDED.large : NEEDED.text;
