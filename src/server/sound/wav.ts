import { closeSync, openSync, readSync, statSync } from 'node:fs';
import type { Sound } from '../../core/sound/mix.ts';

/** PCM of a RIFF WAVE file. */
export interface Wav {
  rate: number;
  channels: Float32Array[];
}

interface PcmFormat {
  code: number;
  channels: number;
  rate: number;
  bits: number;
}

/** The samples of a file begin within so many bytes. */
const HEAD_BYTES = 65_536;

const frameBytes = (f: PcmFormat): number => (f.bits / 8) * f.channels;

/** Where the samples of a file of this size stand, by its first bytes. Throws when the file is something else. */
function headOf(head: Buffer, size: number): { format: PcmFormat; start: number; bytes: number } {
  if (head.toString('latin1', 0, 4) !== 'RIFF' || head.toString('latin1', 8, 12) !== 'WAVE')
    throw new Error('This is no WAVE file.');
  let format: PcmFormat = { code: 0, channels: 0, rate: 0, bits: 0 };
  for (let at = 12; at + 8 <= head.length; ) {
    const id = head.toString('latin1', at, at + 4);
    const said = head.readUInt32LE(at + 4);
    const start = at + 8;
    if (id === 'fmt ')
      format = {
        code: head.readUInt16LE(start),
        channels: head.readUInt16LE(start + 2),
        rate: head.readUInt32LE(start + 4),
        bits: head.readUInt16LE(start + 14),
      };
    if (id === 'data') return { format, start, bytes: Math.min(said, size - start) };
    at = start + said + (said % 2);
  }
  throw new Error('The WAVE file has no samples.');
}

/** Reads 16-bit integer or 32-bit float PCM. Throws when the file is something else. */
export function readWav(file: Buffer): Wav {
  const { format, start, bytes } = headOf(file, file.length);
  return { rate: format.rate, channels: pcm(file.subarray(start, start + bytes), format) };
}

function pcm(data: Buffer, f: PcmFormat): Float32Array[] {
  const isFloat = f.bits === 32 && f.code !== 1;
  if (!isFloat && f.bits !== 16) throw new Error(`WAVE with ${f.bits} bits is not read.`);
  const n = Math.floor(data.length / frameBytes(f));
  // A copy begins where its numbers may begin. RIFF has the bytes of a number in the order of this machine's.
  const { buffer } = new Uint8Array(data.subarray(0, n * frameBytes(f)));
  const all = isFloat ? new Float32Array(buffer) : new Int16Array(buffer);
  const scale = isFloat ? 1 : 1 / 32768;
  return Array.from({ length: f.channels }, (_, c) => {
    const channel = new Float32Array(n);
    for (let i = 0, at = c; i < n; i++, at += f.channels) channel[i] = (all[at] as number) * scale;
    return channel;
  });
}

/** PCM of a WAVE file on the disk, read in parts: an hour of it is never in memory. The file has to stay. */
export class WavFile implements Sound {
  readonly length: number;
  private readonly format: PcmFormat;
  /** Where the samples begin, bytes. */
  private readonly start: number;

  /** Throws when it is no such file. */
  constructor(private readonly file: string) {
    const head = Buffer.alloc(HEAD_BYTES);
    const { size } = statSync(file);
    this.readAt(head, 0);
    const { format, start, bytes } = headOf(head, size);
    this.format = format;
    this.start = start;
    this.length = Math.floor(bytes / frameBytes(format));
  }

  read(start: number, end: number): Float32Array[] {
    const bytes = Buffer.alloc(Math.max(0, Math.min(end, this.length) - start) * frameBytes(this.format));
    this.readAt(bytes, this.start + start * frameBytes(this.format));
    return pcm(bytes, this.format);
  }

  private readAt(into: Buffer, position: number): void {
    const fd = openSync(this.file, 'r');
    try {
      for (let at = 0; at < into.length; ) {
        const got = readSync(fd, into, at, into.length - at, position + at);
        if (got === 0) break;
        at += got;
      }
    } finally {
      closeSync(fd);
    }
  }
}
