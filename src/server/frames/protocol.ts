import type { Size } from '../../core/look/formats.ts';
import { type Area, type Blend, type Draw, IDENTITY } from '../../core/paint/list.ts';

/** The messages of the compositor; compositor/README.md says what is in them. */
const MESSAGES = { start: 1, texture: 2, drop: 3, frame: 4, again: 5, stream: 6, next: 7 } as const;
type Message = keyof typeof MESSAGES;

/** What the pixels of a texture are, and what becomes of them. */
export const FORMS = { opaqueI420: 0, opaque: 1, withAlpha: 2, forBlending: 3 } as const;
export type Form = keyof typeof FORMS;

const BLENDS: Record<Blend, number> = { over: 0, screen: 1, 'soft-light': 2, multiply: 3 };

/** A draw in words of 32 bits. */
const DRAW_WORDS = 30;

function message(kind: Message, words: readonly number[], more: Uint8Array | null = null): Uint8Array[] {
  const head = new Uint32Array([MESSAGES[kind], words.length * 4 + (more?.length ?? 0), ...words]);
  return [new Uint8Array(head.buffer), ...(more ? [more] : [])];
}

export const startMessage = ({ width, height }: Size): Uint8Array[] => message('start', [width, height]);
export const dropMessage = (id: number): Uint8Array[] => message('drop', [id]);
export const againMessage = (): Uint8Array[] => message('again', []);

export const nextMessage = (id: number): Uint8Array[] => message('next', [id]);
export const streamMessage = (id: number, { width, height }: Size, file: string): Uint8Array[] =>
  message('stream', [id, width, height], Buffer.from(`${file}\0`));

export const textureMessage = (
  id: number,
  form: Form,
  { width, height }: Size,
  pixels: Uint8Array,
): Uint8Array[] => message('texture', [id, FORMS[form], width, height], pixels);

/** idOf: the texture's number in the compositor. */
export function frameMessage(
  draws: readonly Draw[],
  idOf: (d: Draw & { kind: 'texture' }) => number,
): Uint8Array {
  const bytes = new ArrayBuffer(8 + draws.length * DRAW_WORDS * 4);
  const head = new Uint32Array(bytes, 0, 2);
  head.set([MESSAGES.frame, bytes.byteLength - 8]);
  draws.forEach((d, i) => {
    const at = 8 + i * DRAW_WORDS * 4;
    const whole = new Uint32Array(bytes, at, DRAW_WORDS);
    const parts = new Float32Array(bytes, at, DRAW_WORDS);
    parts[3] = d.alpha;
    if (d.kind === 'shape') {
      whole.set([1, rgba(d.colour), 0]);
      putArea(parts, 4, d.area);
      parts.set([0, 0, 0], 9);
      parts.set(d.area.transform, 12);
    } else {
      const { from, to } = d;
      whole.set([0, idOf(d), BLENDS[d.blend]]);
      parts.set([from.x, from.y, from.width, from.height, to.x, to.y, to.width, to.height], 4);
      parts.set(d.transform, 12);
    }
    whole[18] = d.clip ? 1 : 0;
    if (d.clip) putArea(parts, 19, d.clip);
    parts.set(d.clip?.transform ?? IDENTITY, 24);
  });
  return new Uint8Array(bytes);
}

const putArea = (into: Float32Array, at: number, { x, y, width, height, radius }: Area): void =>
  into.set([x, y, width, height, radius], at);

const HEX = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i;
const RGBA = /^rgba\(\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*,\s*([\d.]+)\s*\)$/;

/** A CSS colour as 0xRRGGBBAA. Throws for any that a display list does not have. */
export function rgba(colour: string): number {
  const hex = HEX.exec(colour);
  const parts = hex
    ? [...hex.slice(1).map((h) => Number.parseInt(h, 16)), 255]
    : (RGBA.exec(colour)?.slice(1) ?? []).map((v, i) => Math.round(i < 3 ? Number(v) : Number(v) * 255));
  if (parts.length !== 4 || parts.some((v) => v > 255))
    throw new Error(`The colour ${colour} is neither #rrggbb nor rgba().`);
  return parts.reduce((n, v) => n * 256 + v, 0);
}
