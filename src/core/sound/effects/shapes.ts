/** From 0 to 1 within `up` seconds, then down by half every `half` seconds. */
export const struck = (t: number, up: number, half: number): number =>
  t < 0 ? 0 : t < up ? t / up : 2 ** (-(t - up) / half);

/** A bump: 0 at both ends, 1 at its top; the sides bent by `bend`. */
export const swell = (t: number, top: number, end: number, bend = 2): number => {
  if (t <= 0 || t >= end) return 0;
  return t < top ? (t / top) ** bend : ((end - t) / (end - top)) ** bend;
};

export const sine = (hz: number, t: number): number => Math.sin(2 * Math.PI * hz * t);

/** A sine whose pitch falls from one to another, by half the way every `half` seconds. */
export const falling = (from: number, to: number, half: number, t: number): number => {
  const k = Math.LN2 / half;
  return Math.sin(2 * Math.PI * (to * t + ((from - to) * (1 - Math.exp(-k * t))) / k));
};
