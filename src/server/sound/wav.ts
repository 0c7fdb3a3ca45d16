/** PCM of a RIFF WAVE file. */
export interface Wav {
  rate: number;
  channels: Float32Array[];
}

/** Reads 16-bit integer or 32-bit float PCM. Throws when the file is something else. */
export function readWav(file: Buffer): Wav {
  if (file.toString('latin1', 0, 4) !== 'RIFF' || file.toString('latin1', 8, 12) !== 'WAVE')
    throw new Error('This is no WAVE file.');
  let format = { code: 0, channels: 0, rate: 0, bits: 0 };
  for (let at = 12; at + 8 <= file.length; ) {
    const id = file.toString('latin1', at, at + 4);
    const size = Math.min(file.readUInt32LE(at + 4), file.length - at - 8);
    const body = at + 8;
    if (id === 'fmt ')
      format = {
        code: file.readUInt16LE(body),
        channels: file.readUInt16LE(body + 2),
        rate: file.readUInt32LE(body + 4),
        bits: file.readUInt16LE(body + 14),
      };
    if (id === 'data') return { rate: format.rate, channels: pcm(file.subarray(body, body + size), format) };
    at = body + size + (size % 2);
  }
  throw new Error('The WAVE file has no samples.');
}

function pcm(data: Buffer, f: { code: number; channels: number; bits: number }): Float32Array[] {
  const bytes = f.bits / 8;
  const n = Math.floor(data.length / (bytes * f.channels));
  const out = Array.from({ length: f.channels }, () => new Float32Array(n));
  for (let i = 0; i < n; i++)
    for (let c = 0; c < f.channels; c++) {
      const at = (i * f.channels + c) * bytes;
      const channel = out[c] as Float32Array;
      if (f.bits === 16) channel[i] = data.readInt16LE(at) / 32768;
      else if (f.bits === 32 && f.code !== 1) channel[i] = data.readFloatLE(at);
      else throw new Error(`WAVE with ${f.bits} bits is not read.`);
    }
  return out;
}

/** A WAVE file of 16-bit samples; values beyond full scale are held at it. */
export function writeWav(channels: readonly Float32Array[], rate: number): Buffer {
  const n = channels[0]?.length ?? 0;
  const count = channels.length;
  const out = Buffer.alloc(44 + n * count * 2);
  out.write('RIFF', 0, 'latin1');
  out.writeUInt32LE(36 + n * count * 2, 4);
  out.write('WAVEfmt ', 8, 'latin1');
  out.writeUInt32LE(16, 16);
  out.writeUInt16LE(1, 20);
  out.writeUInt16LE(count, 22);
  out.writeUInt32LE(rate, 24);
  out.writeUInt32LE(rate * count * 2, 28);
  out.writeUInt16LE(count * 2, 32);
  out.writeUInt16LE(16, 34);
  out.write('data', 36, 'latin1');
  out.writeUInt32LE(n * count * 2, 40);
  const samples = new Int16Array(out.buffer, out.byteOffset + 44, n * count);
  channels.forEach((c, k) => {
    for (let i = 0; i < n; i++)
      samples[i * count + k] = Math.max(-32768, Math.min(32767, Math.round((c[i] as number) * 32767)));
  });
  return out;
}
