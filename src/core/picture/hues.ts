/** Colours that pictures can be asked for, by their name in the language. */
export const HUES = [
  'red',
  'orange',
  'yellow',
  'green',
  'blue',
  'violet',
  'brown',
  'light',
  'dark',
  'grey',
] as const;
export type Hue = (typeof HUES)[number];

/** The hue that one would name a colour "#rrggbb" by: its place in hue, saturation and lightness. */
function hueOf(colour: string): Hue {
  const [r, g, b] = [1, 3, 5].map((i) => Number.parseInt(colour.slice(i, i + 2), 16) / 255) as [
    number,
    number,
    number,
  ];
  const max = Math.max(r, g, b);
  const min = Math.min(r, g, b);
  const light = (max + min) / 2;
  const chroma = max - min;
  if (light > 0.86) return 'light';
  if (light < 0.14) return 'dark';
  if (chroma < 0.09) return light > 0.7 ? 'light' : light < 0.26 ? 'dark' : 'grey';
  const turn =
    max === r ? ((g - b) / chroma + 6) % 6 : max === g ? (b - r) / chroma + 2 : (r - g) / chroma + 4;
  const degrees = turn * 60;
  if (degrees >= 12 && degrees < 48 && (light < 0.42 || chroma < 0.3)) return 'brown';
  if (degrees < 14 || degrees >= 335) return 'red';
  if (degrees < 42) return 'orange';
  if (degrees < 66) return 'yellow';
  if (degrees < 165) return 'green';
  if (degrees < 255) return 'blue';
  return 'violet';
}

/** Whether a picture with these main colours has a hue in it. */
export const hasHue = (colours: readonly string[], hue: Hue): boolean =>
  colours.some((c) => hueOf(c) === hue);
