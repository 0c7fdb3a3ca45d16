import { readFileSync } from 'node:fs';
import path from 'node:path';
import { CONFIG } from '../config.ts';

/** A converter for frames of one size: fill `rgba`, call run(), read `i420` (BT.709, limited range). */
export interface Converter {
  rgba: Uint8Array;
  i420: Buffer;
  run(): void;
}

const PAGE = 65_536;

export function converter(width: number, height: number): Converter {
  if (width % 2 || height % 2 || width < 16)
    throw new Error(`Frames are even in width and height and at least 16 wide; got ${width} x ${height}.`);
  const source = PAGE;
  const target = source + width * height * 4;
  const bytes = target + (width * height * 3) / 2;
  const memory = new WebAssembly.Memory({ initial: Math.ceil(bytes / PAGE) });
  const module = new WebAssembly.Module(readFileSync(path.join(CONFIG.root, 'src/server/frames/i420.wasm')));
  const instance = new WebAssembly.Instance(module, { env: { memory } });
  const convert = instance.exports.convert as (src: number, dst: number, w: number, h: number) => void;
  return {
    rgba: new Uint8Array(memory.buffer, source, width * height * 4),
    i420: Buffer.from(memory.buffer, target, (width * height * 3) / 2),
    run: () => convert(source, target, width, height),
  };
}
