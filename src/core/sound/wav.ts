/** The head of a RIFF WAVE file of 16-bit samples. n: samples of each channel. */
export function wavHead(n: number, channels: number, rate: number): Uint8Array<ArrayBuffer> {
  const out = new Uint8Array(44);
  const view = new DataView(out.buffer);
  const text = (at: number, letters: string) => {
    for (let i = 0; i < letters.length; i++) out[at + i] = letters.charCodeAt(i);
  };
  text(0, 'RIFF');
  view.setUint32(4, 36 + n * channels * 2, true);
  text(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, channels, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * channels * 2, true);
  view.setUint16(32, channels * 2, true);
  view.setUint16(34, 16, true);
  text(36, 'data');
  view.setUint32(40, n * channels * 2, true);
  return out;
}

/** Samples as they stand in a WAVE file: 16 bits, channels in turn; values beyond full scale are held at it. */
export function wavSamples(channels: readonly Float32Array[]): Uint8Array<ArrayBuffer> {
  const n = channels[0]?.length ?? 0;
  const count = channels.length;
  const samples = new Int16Array(n * count);
  channels.forEach((c, k) => {
    for (let i = 0; i < n; i++)
      samples[i * count + k] = Math.max(-32768, Math.min(32767, Math.round((c[i] as number) * 32767)));
  });
  return new Uint8Array(samples.buffer);
}

/** A WAVE file of 16-bit samples; values beyond full scale are held at it. */
export function wavFile(channels: readonly Float32Array[], rate: number): Uint8Array<ArrayBuffer> {
  const head = wavHead(channels[0]?.length ?? 0, channels.length, rate);
  const samples = wavSamples(channels);
  const out = new Uint8Array(head.length + samples.length);
  out.set(head);
  out.set(samples, head.length);
  return out;
}
