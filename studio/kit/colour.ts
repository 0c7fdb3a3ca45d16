/** Red, green and blue, each 0 to 255. */
export type Rgb = readonly [number, number, number];

/** Reads #rgb, #rrggbb, rgb(…) or a triple. */
export function rgb(colour: string | Rgb): Rgb {
  if (typeof colour !== 'string') return colour;
  if (colour.startsWith('rgb')) {
    const [r, g, b] = colour.match(/[\d.]+/g) ?? [];
    return [Number(r), Number(g), Number(b)];
  }
  let digits = colour.slice(1);
  if (digits.length === 3) digits = [...digits].map((d) => d + d).join('');
  const part = (i: number) => Number.parseInt(digits.slice(i, i + 2), 16);
  return [part(0), part(2), part(4)];
}

export const hex = (c: Rgb): string =>
  `#${c
    .map((v) =>
      Math.max(0, Math.min(255, Math.round(v)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** a at t = 0, b at t = 1, straight in sRGB: paper colours are mixed by eye. */
export function mix(a: string | Rgb, b: string | Rgb, t: number): string {
  const [x, y] = [rgb(a), rgb(b)];
  const part = (i: 0 | 1 | 2) => x[i] + (y[i] - x[i]) * t;
  return hex([part(0), part(1), part(2)]);
}

export function alpha(colour: string | Rgb, a: number): string {
  const [r, g, b] = rgb(colour);
  return `rgba(${r | 0},${g | 0},${b | 0},${a})`;
}

/** Multiplies two colours: a sheet of colour a in light of colour b. */
export function mul(a: string | Rgb, b: string | Rgb): string {
  const [x, y] = [rgb(a), rgb(b)];
  const part = (i: 0 | 1 | 2) => (x[i] * y[i]) / 255;
  return hex([part(0), part(1), part(2)]);
}
