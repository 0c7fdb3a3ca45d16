import type { Writable } from 'node:stream';
import { Failed } from '../../core/failure.ts';
import type { Size } from '../../core/look/formats.ts';
import type { DisplayList } from '../../core/paint/list.ts';
import type { PainterChoice } from '../../core/paint/painters.ts';
import { log } from '../log.ts';
import { CanvasFrames } from './canvas-frames.ts';
import { Compositor, canCompose } from './compositor.ts';

/** Turns display lists into frames of I420 (BT.709, limited range). */
export interface FramePainter {
  frame(list: DisplayList): Promise<void>;
  /** Waits until everything is written. */
  end(): Promise<void>;
  /** Ends at once, whatever is under way. */
  close(): void;
}

/** Paints frames of a size into a stream. */
export type OpenPainter = (size: Size, into: Writable) => FramePainter;

const COMPOSITOR = { name: 'compositor', open: (size, into) => new Compositor(size, into) } satisfies Painter;
const CANVAS = { name: 'canvas', open: (size, into) => new CanvasFrames(size, into) } satisfies Painter;

interface Painter {
  name: Exclude<PainterChoice, 'auto'>;
  open: OpenPainter;
}

/** Throws when the compositor is asked for and is not there. */
export async function painterOf(choice: PainterChoice): Promise<Painter> {
  if (choice === 'canvas') return CANVAS;
  if (await canCompose()) return COMPOSITOR;
  if (choice === 'compositor') throw new Failed({ code: 'no-compositor' });
  log.warn('the compositor is not there: frames are painted by the canvas, which is slower');
  return CANVAS;
}
