import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Vector } from '../../core/match/types.ts';
import { CONFIG } from '../config.ts';

const PAGE = 65_536;
/** Bytes go up to 127; a query's numbers are finer, and 512 products of both stay under 32 bits. */
const ROW_MOST = 127;
const QUERY_MOST = 8000;

const largest = (v: Vector): number => v.reduce((m, x) => Math.max(m, Math.abs(x)), 1e-9);

/** Rows that were packed before; most of a shelf stays when one picture is added. */
const packed = new WeakMap<Vector, { bytes: Int8Array; scale: number }>();

function packedRow(row: Vector): { bytes: Int8Array; scale: number } {
  const known = packed.get(row);
  if (known) return known;
  const most = largest(row);
  const bytes = Int8Array.from(row, (x) => Math.round((x / most) * ROW_MOST));
  const fresh = { bytes, scale: most / ROW_MOST };
  packed.set(row, fresh);
  return fresh;
}

/**
 * Similarity of a query to many rows at once, on bytes in SIMD WebAssembly: a tenth of the time and a quarter of the memory
 * of plain numbers, off by less than 0.01. The rows are copied. Widths that are no multiple of 16 are filled up.
 */
export function byteDots(rows: readonly Vector[]): (query: Vector) => Float64Array {
  const width = Math.ceil((rows[0]?.length ?? 0) / 16) * 16;
  const matrix = PAGE;
  const query = matrix + rows.length * width;
  const out = query + width * 2;
  const memory = new WebAssembly.Memory({ initial: Math.ceil((out + rows.length * 4 + 16) / PAGE) + 1 });
  const module = new WebAssembly.Module(readFileSync(path.join(CONFIG.root, 'src/server/shelf/dots.wasm')));
  const instance = new WebAssembly.Instance(module, { env: { memory } });
  const dots = instance.exports.dots as (
    m: number,
    q: number,
    o: number,
    rows: number,
    width: number,
  ) => void;
  const bytes = new Int8Array(memory.buffer, matrix, rows.length * width);
  const scale = new Float64Array(rows.length);
  rows.forEach((row, i) => {
    const { bytes: own, scale: step } = packedRow(row);
    scale[i] = step;
    bytes.set(own, i * width);
  });
  // 16-bit numbers and the sums need places that are multiples of 2 and 4; the matrix is a multiple of 16.
  const asked = new Int16Array(memory.buffer, query, width);
  const sums = new Int32Array(memory.buffer, out, rows.length);
  return (v) => {
    const most = largest(v);
    asked.fill(0);
    for (let k = 0; k < v.length; k++) asked[k] = Math.round(((v[k] as number) / most) * QUERY_MOST);
    dots(matrix, query, out, rows.length, width);
    const unit = most / QUERY_MOST;
    return Float64Array.from(sums, (s, i) => s * unit * (scale[i] as number));
  };
}
