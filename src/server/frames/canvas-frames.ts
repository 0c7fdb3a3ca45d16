import type { Writable } from 'node:stream';
import { type Canvas, createCanvas } from '@napi-rs/canvas';
import type { Size } from '../../core/look/formats.ts';
import { CanvasPainter } from '../../core/paint/canvas.ts';
import type { DisplayList } from '../../core/paint/list.ts';
import { COLLECT_FRAMES, collectPassed } from './collect.ts';
import { type Converter, converter } from './i420.ts';
import type { FramePainter } from './painter.ts';
import { newCanvas, type PreparedSources, ServerSources, surfaceOf } from './sources.ts';

/** Paints lists on a canvas of the server. */
export class ServerCanvas {
  readonly canvas: Canvas;
  private readonly painter: CanvasPainter;

  constructor(
    { width, height }: Size,
    private readonly sources: PreparedSources = new ServerSources(),
  ) {
    this.canvas = createCanvas(width, height);
    this.painter = new CanvasPainter(sources, newCanvas);
  }

  async draw(list: DisplayList): Promise<void> {
    for (const d of list.draws) if (d.kind === 'texture') await this.sources.prepare(d.texture);
    this.painter.paint(surfaceOf(this.canvas, false).ctx, list);
  }

  close(): void {
    this.sources.close();
  }
}

/** Frames by the canvas of the server: slower than the compositor, on any machine. */
export class CanvasFrames implements FramePainter {
  private readonly surface: ServerCanvas;
  private readonly convert: Converter;
  private count = 0;

  constructor(
    size: Size,
    private readonly into: Writable,
  ) {
    this.surface = new ServerCanvas(size);
    this.convert = converter(size.width, size.height);
  }

  async frame(list: DisplayList): Promise<void> {
    const { convert, into } = this;
    await this.surface.draw(list);
    convert.rgba.set(this.surface.canvas.data());
    convert.run();
    await new Promise<void>((resolve, reject) =>
      into.write(convert.i420, (e) => (e ? reject(e) : resolve())),
    );
    if (++this.count % COLLECT_FRAMES === 0) collectPassed();
    await new Promise((r) => setImmediate(r));
  }

  async end(): Promise<void> {
    this.into.end();
    this.close();
  }

  close(): void {
    this.surface.close();
  }
}
