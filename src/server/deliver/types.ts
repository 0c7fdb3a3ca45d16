import type { Loudness } from '../../core/deliver/loudness.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Height } from '../../core/timeline/heights.ts';
import type { Timeline } from '../../core/timeline/types.ts';
import type { RenderProgress } from '../frames/render.ts';

/** What a delivery is made from, and where it goes: written whole or not at all. */
interface Order {
  piece: Piece;
  timeline: Timeline;
  height: Height;
  loudness: Loudness;
  out: string;
  signal: AbortSignal;
  onProgress(p: RenderProgress): void | Promise<void>;
}

/** Makes one kind of delivery. Throws RenderCancelled when its signal says so. */
export type Maker = (order: Order) => Promise<void>;
