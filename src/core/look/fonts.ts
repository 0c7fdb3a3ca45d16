import { FAMILIES, type FamilyName, nearestWeight, STAND_INS } from './families.ts';

/** A typeface at a size, pixels. */
export interface Font {
  family: FamilyName;
  weight: number;
  italic: boolean;
  size: number;
  /** Between letters, in font sizes. */
  tracking: number;
}

/** The name of a family on both sides: in the style sheet of the browser, and in the fonts of the render. */
export const cssName = (family: FamilyName): string => `Nab ${family}`;

/** The family of a name of cssName; null for any other. */
export const familyNamed = (css: string): FamilyName | null => {
  const name = css.replace(/^Nab /, '');
  return css.startsWith('Nab ') && Object.hasOwn(FAMILIES, name) ? (name as FamilyName) : null;
};

/** A font as CSS has it, with the families in which missing letters are looked for. */
export const cssFont = ({ family, weight, italic, size }: Font): string =>
  [
    ...(italic && FAMILIES[family].italic ? ['italic'] : []),
    nearestWeight(family, weight),
    `${size}px`,
    `${[family, ...STAND_INS.filter((f) => f !== family)].map((f) => `"${cssName(f)}"`).join(', ')}, sans-serif`,
  ].join(' ');

/** Letters for which no family for a single script is asked: Latin, Greek, Cyrillic, and what stands between words. */
const COMMON = /^[\t\n\r\u0020-\u024f\u0370-\u052f\u1e00-\u1eff\u2000-\u206f\u20a0-\u20cf]*$/;

/** A font of cssFont with the families that a text can need, for loading them. */
export const loadedFor = (css: string, text: string): string =>
  COMMON.test(text)
    ? css.replace(/, "(Nab [^"]*)"/g, (whole, name: string) => {
        const family = familyNamed(name);
        return family && FAMILIES[family].kind === 'script' ? '' : whole;
      })
    : css;
