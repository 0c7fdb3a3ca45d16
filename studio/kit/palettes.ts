import { mix, mul } from './colour.ts';
import { nth } from './named.ts';

/** One light: sky from top to horizon, sheets from far to near, water, and how local colours look in it. */
export interface Palette {
  sky: readonly [string, string, string, string];
  ramp: readonly [string, string, string, string, string];
  water: readonly [string, string, string, string, string];
  sun: string;
  accent: string;
  accent2: string;
  paper: string;
  ink: string;
  light: string;
  amb: string;
  shadow: string;
  moon?: boolean;
  stars?: boolean;
  overcast?: boolean;
  /** Share of lit windows, 0 to 1. */
  lit: number;
  /** A local colour (a name or #rrggbb) in this light; then darker and lighter by t. */
  c(name: string): string;
  d(name: string, t?: number): string;
  l(name: string, t?: number): string;
  /** Skin tone 0 (light) to 4 (dark) in this light. */
  skin(i: number): string;
}

/** A light as it is set down: what does not follow from the rest. */
type Light = Pick<
  Palette,
  'sky' | 'ramp' | 'water' | 'sun' | 'accent' | 'accent2' | 'paper' | 'ink' | 'light' | 'amb' | 'shadow'
>;

// sky: top..horizon ; ramp: far..near sheets ; light multiplies every local colour so that one motif sits in any palette
const LIGHTS: Record<string, Light> = {
  dawn: {
    sky: ['#7db3cf', '#b9d0d6', '#ffdcb4', '#ff9d7c'],
    ramp: ['#dd9f94', '#bd8089', '#8f6580', '#5d4a6d', '#352f55'],
    sun: '#fff0c9',
    accent: '#ef5b3c',
    accent2: '#ffcb6b',
    paper: '#fff3e2',
    ink: '#2b2647',
    light: '#ffe9d6',
    amb: '#c98f92',
    shadow: '#2d1f45',
    water: ['#f0b79c', '#c99aa0', '#8d87a6', '#5b6590', '#34446f'],
  },
  noon: {
    sky: ['#8fcfdc', '#b9e0dd', '#dcefdc', '#f4f3da'],
    ramp: ['#b4d6b9', '#86bd98', '#569a7c', '#2f7466', '#17504f'],
    sun: '#fff6d0',
    accent: '#e9573f',
    accent2: '#f8c445',
    paper: '#fdf8ec',
    ink: '#16343c',
    light: '#fffdf4',
    amb: '#9ccfc4',
    shadow: '#0f3a45',
    water: ['#bfe5df', '#86cbcf', '#4faab7', '#27839a', '#155f7a'],
  },
  dusk: {
    sky: ['#37306a', '#71467f', '#cf6279', '#fbaa74'],
    ramp: ['#a9587c', '#794477', '#4f3468', '#302653', '#1b1839'],
    sun: '#ffe0a0',
    accent: '#ff8a4f',
    accent2: '#ffc65c',
    paper: '#ffe9d2',
    ink: '#191638',
    light: '#f3c3b8',
    amb: '#7a4a83',
    shadow: '#120c30',
    water: ['#f09a78', '#b9647f', '#7a4a83', '#4a3870', '#272650'],
  },
  night: {
    sky: ['#0d1a3a', '#173058', '#2a4f78', '#4d7a97'],
    ramp: ['#3a6288', '#2a4c75', '#1d3860', '#13284b', '#0b1935'],
    sun: '#fff3cf',
    accent: '#ffc857',
    accent2: '#f2905c',
    paper: '#e9eefa',
    ink: '#0a1530',
    light: '#a9bbdd',
    amb: '#1d3860',
    shadow: '#040a20',
    water: ['#4d7a97', '#2f5b80', '#214769', '#163455', '#0d2140'],
  },
  rain: {
    sky: ['#7f97a4', '#9db0b6', '#bcc8c6', '#d6d9cf'],
    ramp: ['#a3b5b6', '#7e969d', '#5b7783', '#3b5866', '#223d4b'],
    sun: '#f3efdc',
    accent: '#e9a23b',
    accent2: '#d8604c',
    paper: '#f1f0e6',
    ink: '#1b303c',
    light: '#dfe6e4',
    amb: '#7e969d',
    shadow: '#0f2530',
    water: ['#b4c3c3', '#8ba3a9', '#678390', '#466371', '#2a4655'],
  },
  autumn: {
    sky: ['#9cc7c4', '#cbd9c0', '#f5e2b3', '#fbcf86'],
    ramp: ['#e9b872', '#d98f45', '#b5602f', '#7b3d29', '#482625'],
    sun: '#fffbe6',
    accent: '#cf3a2a',
    accent2: '#e9a53a',
    paper: '#fff6e3',
    ink: '#3a2022',
    light: '#fff0d6',
    amb: '#d79a5a',
    shadow: '#3d1a12',
    water: ['#f0d9b0', '#c9b99a', '#8aa39a', '#55807f', '#315f63'],
  },
  lamplit: {
    sky: ['#2b2238', '#45304a', '#6a4350', '#a0644f'],
    ramp: ['#b98157', '#93604c', '#6b4445', '#46303c', '#261d2c'],
    sun: '#ffe2a8',
    accent: '#f0673f',
    accent2: '#ffc766',
    paper: '#ffeccb',
    ink: '#241a29',
    light: '#ffdfb4',
    amb: '#7a4b42',
    shadow: '#150b18',
    water: ['#a0644f', '#6a4350', '#45304a', '#2b2238', '#1c1628'],
  },
  kitchen: {
    sky: ['#d9e3da', '#e9eadb', '#f4eedd', '#faf3e2'],
    ramp: ['#dccbab', '#c0a47f', '#8d6f55', '#5d4840', '#3a2e30'],
    sun: '#fffaf0',
    accent: '#d9583b',
    accent2: '#eab14c',
    paper: '#fffaf0',
    ink: '#33282c',
    light: '#fff8ea',
    amb: '#d3bf9e',
    shadow: '#3c2618',
    water: ['#d6e4dc', '#aac9c3', '#7aa8a6', '#4c8085', '#2d5a62'],
  },
};
const LOCAL: Record<string, string> = {
  wood: '#a9713f',
  woodL: '#cf9a5f',
  woodD: '#6e4527',
  leaf: '#5f9a4a',
  leafD: '#356b3d',
  leafL: '#9cc25a',
  tomato: '#d9432f',
  carrot: '#ee8b2d',
  corn: '#f3c63f',
  beet: '#8c2f55',
  aub: '#4b2d5a',
  dough: '#f3dfb6',
  doughD: '#e2c08a',
  flour: '#fff8ea',
  soil: '#5a3d2c',
  soilD: '#3d2a22',
  steel: '#b9c3c8',
  steelD: '#76858e',
  dark: '#2e3338',
  white: '#fbf7ee',
  cream: '#f3e6cc',
  navy: '#2c4468',
  teal: '#2f7f80',
  brick: '#b4533a',
  rose: '#d98a84',
  mustard: '#dba63a',
  denim: '#4a6a92',
  olive: '#7d8247',
  glass: '#bcdad8',
  brass: '#d3a13f',
  red: '#cf3f33',
  green: '#3f8a5c',
  blue: '#3a76a8',
  grey: '#8d9499',
};
const SKIN = ['#f3c7a3', '#e0a878', '#c08457', '#94603f', '#694130'];

/** Share of lit windows and other marks of a light; by day few windows are lit. */
const MARKS: Record<string, Partial<Palette>> = {
  dawn: { lit: 0.4 },
  night: { moon: true, stars: true, lit: 0.62 },
  dusk: { lit: 0.62 },
  rain: { overcast: true, lit: 0.45 },
  lamplit: { lit: 0.6, moon: true },
};

function paletteOf(name: string, light: Light): Palette {
  const c = (n: string) => mix(mul(LOCAL[n] || n, light.light), light.amb, 0.1);
  return {
    ...light,
    lit: 0.06,
    ...MARKS[name],
    c,
    skin: (i) => mix(mul(nth(SKIN, i), light.light), light.amb, 0.07),
    d: (n, t = 0.25) => mix(c(n), light.shadow, t),
    l: (n, t = 0.25) => mix(c(n), light.paper, t),
  };
}

/** Every light by name. */
export const PAL: Record<string, Palette> = Object.fromEntries(
  Object.entries(LIGHTS).map(([name, light]) => [name, paletteOf(name, light)]),
);
