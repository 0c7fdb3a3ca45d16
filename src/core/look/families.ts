/** What a family is for; the order in which they are offered. */
export type FamilyKind = 'text' | 'display' | 'condensed' | 'serif' | 'hand' | 'mono' | 'script';

/** A shipped family of fonts. Its files are found in its package, one for each subset of letters. */
export interface Family {
  label: string;
  kind: FamilyKind;
  /** Package under node_modules; its name without the scope begins the name of each file. */
  from: string;
  /** Weights that are there: single ones, or [least, most] of a variable font. */
  weights: readonly number[] | { from: number; to: number };
  italic: boolean;
  /** Where one file of the package is taken for all: its subset, and the letters for which it is asked. */
  whole?: { subset: string; range: string };
}

const FIXED = '@fontsource';
const VARIABLE = '@fontsource-variable';

const fixed = (
  kind: FamilyKind,
  label: string,
  name: string,
  weights: readonly number[],
  italic = false,
): Family => ({ label, kind, from: `${FIXED}/${name}`, weights, italic });

const variable = (
  kind: FamilyKind,
  label: string,
  name: string,
  from: number,
  to: number,
  italic = false,
): Family => ({ label, kind, from: `${VARIABLE}/${name}`, weights: { from, to }, italic });

/** Every family that ships, by the name under which it is stored. */
export const FAMILIES = {
  figtree: fixed('text', 'Figtree', 'figtree', [500, 700, 800], true),
  nunito: variable('text', 'Nunito', 'nunito', 200, 900, true),
  'work-sans': variable('text', 'Work Sans', 'work-sans', 100, 900, true),
  atkinson: fixed('text', 'Atkinson Hyperlegible', 'atkinson-hyperlegible', [400, 700], true),
  'noto-sans': variable('text', 'Noto Sans', 'noto-sans', 100, 900, true),
  bricolage: fixed('display', 'Bricolage Grotesque', 'bricolage-grotesque', [800]),
  unbounded: variable('display', 'Unbounded', 'unbounded', 200, 900),
  syne: variable('display', 'Syne', 'syne', 400, 800),
  bowlby: fixed('display', 'Bowlby One', 'bowlby-one', [400]),
  abril: fixed('display', 'Abril Fatface', 'abril-fatface', [400]),
  poiret: fixed('display', 'Poiret One', 'poiret-one', [400]),
  alfa: fixed('display', 'Alfa Slab One', 'alfa-slab-one', [400]),
  oswald: variable('condensed', 'Oswald', 'oswald', 200, 700),
  anton: fixed('condensed', 'Anton', 'anton', [400]),
  league: fixed('condensed', 'League Gothic', 'league-gothic', [400]),
  barlow: fixed('condensed', 'Barlow Condensed', 'barlow-condensed', [500, 700], true),
  lora: variable('serif', 'Lora', 'lora', 400, 700, true),
  playfair: variable('serif', 'Playfair Display', 'playfair-display', 400, 900, true),
  fraunces: variable('serif', 'Fraunces', 'fraunces', 100, 900, true),
  'dm-serif': fixed('serif', 'DM Serif Display', 'dm-serif-display', [400], true),
  cormorant: fixed('serif', 'Cormorant Garamond', 'cormorant-garamond', [500, 700], true),
  zilla: fixed('serif', 'Zilla Slab', 'zilla-slab', [500, 700], true),
  caveat: variable('hand', 'Caveat', 'caveat', 400, 700),
  kalam: fixed('hand', 'Kalam', 'kalam', [400, 700]),
  handlee: fixed('hand', 'Handlee', 'handlee', [400]),
  marker: fixed('hand', 'Permanent Marker', 'permanent-marker', [400]),
  courier: fixed('mono', 'Courier Prime', 'courier-prime', [400, 700], true),
  jetbrains: variable('mono', 'JetBrains Mono', 'jetbrains-mono', 100, 800, true),
  elite: fixed('mono', 'Special Elite', 'special-elite', [400]),
  vt323: fixed('mono', 'VT323', 'vt323', [400]),
  arabic: variable('script', 'Noto Sans Arabic', 'noto-sans-arabic', 100, 900),
  hebrew: variable('script', 'Noto Sans Hebrew', 'noto-sans-hebrew', 100, 900),
  thai: variable('script', 'Noto Sans Thai', 'noto-sans-thai', 100, 900),
  jp: variable('script', 'Noto Sans JP', 'noto-sans-jp', 100, 900),
  kr: variable('script', 'Noto Sans KR', 'noto-sans-kr', 100, 900),
  sc: variable('script', 'Noto Sans SC', 'noto-sans-sc', 100, 900),
  // In one file, since a figure that is joined of several would otherwise be torn between files.
  emoji: {
    ...fixed('script', 'Noto Color Emoji', 'noto-color-emoji', [400]),
    whole: {
      subset: 'emoji',
      range: 'U+200D,U+20E3,U+2600-27BF,U+2B00-2BFF,U+FE0F,U+1F000-1FAFF,U+E0020-E007F',
    },
  },
} satisfies Record<string, Family>;

export type FamilyName = keyof typeof FAMILIES;

export const familyOf = (name: FamilyName): Family => FAMILIES[name];

/** Families that a writer can choose; those for single scripts only stand in for what these lack. */
export const CHOSEN_FAMILIES = (Object.keys(FAMILIES) as FamilyName[]).filter(
  (name) => FAMILIES[name].kind !== 'script',
);

/** Families in which a letter is looked for when the chosen one lacks it, in this order. */
export const STAND_INS: readonly FamilyName[] = [
  'figtree',
  'noto-sans',
  'arabic',
  'hebrew',
  'thai',
  'jp',
  'kr',
  'sc',
  'emoji',
];

/** The weight of a family that is nearest to a wanted one. */
export function nearestWeight(name: FamilyName, wanted: number): number {
  const { weights } = familyOf(name);
  if ('from' in weights) return Math.max(weights.from, Math.min(weights.to, wanted));
  return weights.reduce((best, w) => (Math.abs(w - wanted) < Math.abs(best - wanted) ? w : best));
}
