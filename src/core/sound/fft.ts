/** Works on real and imaginary parts in place. */
export type Fft = (re: Float64Array, im: Float64Array) => void;

/** A radix-2 FFT (Cooley and Tukey, 1965) of a size, which is a power of two. */
export function fftOf(size: number): Fft {
  const cos = Float64Array.from({ length: size / 2 }, (_, i) => Math.cos((2 * Math.PI * i) / size));
  const sin = Float64Array.from({ length: size / 2 }, (_, i) => Math.sin((2 * Math.PI * i) / size));
  const bits = Math.log2(size);
  const reversed = Uint16Array.from({ length: size }, (_, i) => {
    let r = 0;
    for (let b = 0; b < bits; b++) if ((i >> b) & 1) r |= 1 << (bits - 1 - b);
    return r;
  });
  return (re, im) => {
    for (let i = 0; i < size; i++) {
      const j = reversed[i] as number;
      if (j <= i) continue;
      const [r, m] = [re[i] as number, im[i] as number];
      re[i] = re[j] as number;
      im[i] = im[j] as number;
      re[j] = r;
      im[j] = m;
    }
    for (let part = 2; part <= size; part <<= 1) {
      const half = part >> 1;
      const stride = size / part;
      for (let i = 0; i < size; i += part)
        for (let k = 0, q = 0; k < half; k++, q += stride) {
          const a = i + k;
          const b = a + half;
          const tr = (re[b] as number) * (cos[q] as number) + (im[b] as number) * (sin[q] as number);
          const ti = (im[b] as number) * (cos[q] as number) - (re[b] as number) * (sin[q] as number);
          re[b] = (re[a] as number) - tr;
          im[b] = (im[a] as number) - ti;
          re[a] = (re[a] as number) + tr;
          im[a] = (im[a] as number) + ti;
        }
    }
  };
}
