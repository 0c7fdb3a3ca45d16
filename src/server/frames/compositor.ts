import type { ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { access, constants, readFile } from 'node:fs/promises';
import type { Writable } from 'node:stream';
import { createCanvas } from '@napi-rs/canvas';
import type { Size } from '../../core/look/formats.ts';
import type { DisplayList, TextureDraw } from '../../core/paint/list.ts';
import { makeTexture } from '../../core/paint/make.ts';
import { type Texture, textureKey } from '../../core/paint/textures.ts';
import { dataPath } from '../config.ts';
import { ProgramError, start } from '../program.ts';
import type { FramePainter } from './painter.ts';
import {
  againMessage,
  dropMessage,
  type Form,
  frameMessage,
  startMessage,
  textureMessage,
} from './protocol.ts';
import { type PreparedSources, ServerSources, surfaceOf } from './sources.ts';
import { Streams } from './streams.ts';

const program = (): string => dataPath('bin', 'compositor');

/** Whether the compositor was built on this machine. */
export const canCompose = (): Promise<boolean> =>
  access(program(), constants.X_OK).then(
    () => true,
    () => false,
  );

/** Bytes of textures that the compositor keeps; what a frame needs is kept whatever it takes. */
const KEPT_BYTES = 160_000_000;

/** Files held in memory: each texture is made as soon as its file is there. */
const STILLS_KEPT = 2;

interface Kept {
  id: number;
  bytes: number;
}

/** The compositor in a process of its own: it is sent textures when they are first needed, and lists. */
/** Textures that do not fill their rectangle. */
const SEE_THROUGH: ReadonlySet<Texture['kind']> = new Set(['text', 'written', 'path', 'shade']);

export class Compositor implements FramePainter {
  private readonly child: ChildProcess;
  private readonly streams = new Streams({
    send: (parts) => this.send(parts),
    takeId: () => this.free.pop() ?? this.ids++,
    giveBack: (id) => void this.free.push(id),
  });
  private readonly kept = new Map<string, Kept>();
  private readonly free: number[] = [];
  private ids = 0;
  private bytes = 0;
  private before: Uint8Array | null = null;
  private said = '';
  private half = '';
  private readonly ended: Promise<void>;
  /** Aborted when it has ended. */
  private readonly over = new AbortController();

  /** into: where the frames go; it is handed over whole. */
  constructor(
    size: Size,
    into: Writable,
    private readonly sources: PreparedSources = new ServerSources(STILLS_KEPT),
  ) {
    this.child = start(program(), [], ['pipe', into, 'pipe']);
    into.destroy();
    this.child.stdin?.write(Buffer.concat(startMessage(size)));
    this.child.stderr?.on('data', (d: Buffer) => {
      const lines = (this.half + d.toString()).split('\n');
      this.half = lines.pop() ?? '';
      for (const line of lines) {
        if (line === 'opened') this.streams.opened();
        else this.said += `${line}\n`;
      }
    });
    this.child.stdin?.on('error', () => {
      // It went away: its exit code says why.
    });
    this.ended = new Promise((resolve, reject) => {
      this.child.on('error', (e) =>
        reject(new ProgramError(`The compositor cannot be started: ${e.message}`)),
      );
      this.child.on('close', (code, signal) => {
        this.over.abort();
        if (code === 0) resolve();
        else
          reject(
            new ProgramError(this.said.trim() || `The compositor ended with ${signal ?? `code ${code}`}.`),
          );
      });
    });
    this.ended.catch(() => undefined);
  }

  async frame(list: DisplayList): Promise<void> {
    const ids = new Map<string, number>();
    this.streams.next();
    for (const d of list.draws)
      if (d.kind === 'texture') {
        const key = textureKey(d.texture);
        if (!ids.has(key)) ids.set(key, await this.need(key, d, list));
      }
    const message = frameMessage(list.draws, (d) => ids.get(textureKey(d.texture)) ?? 0);
    const same = this.before !== null && Buffer.compare(message, this.before) === 0;
    this.before = message;
    await this.send(same ? againMessage() : [message]);
    await this.forget(ids);
  }

  /** Sends a texture if it is not there. Gives its number. */
  private async need(key: string, draw: TextureDraw, list: DisplayList): Promise<number> {
    const { texture } = draw;
    const known = this.kept.get(key);
    if (known) {
      // Those used last are at the end.
      this.kept.delete(key);
      this.kept.set(key, known);
      return known.id;
    }
    if (texture.kind === 'picture' && texture.moving) {
      const { id, fresh } = await this.streams.goTo(texture);
      if (fresh) this.before = null;
      return id;
    }
    const { form, size, pixels } = await this.pixelsOf(draw, list);
    const id = this.free.pop() ?? this.ids++;
    this.kept.set(key, { id, bytes: pixels.length });
    this.bytes += pixels.length;
    // A number may have stood for another texture in the frame before.
    this.before = null;
    await this.send(textureMessage(id, form, size, pixels));
    return id;
  }

  private async pixelsOf(
    { texture, blend }: TextureDraw,
    { ground }: DisplayList,
  ): Promise<{ form: Form; size: Size; pixels: Uint8Array }> {
    const size = { width: texture.width, height: texture.height };
    await this.sources.prepare(texture);
    const form = blend !== 'over' ? 'forBlending' : SEE_THROUGH.has(texture.kind) ? 'withAlpha' : 'opaque';
    const canvas = createCanvas(size.width, size.height);
    const surface = surfaceOf(canvas, form === 'withAlpha');
    if (!makeTexture(surface, texture, this.sources) && texture.kind === 'picture') {
      const instead: Texture = { kind: 'ground', colours: ground, ...size };
      makeTexture(surface, instead, this.sources);
    }
    return { form, size, pixels: canvas.data() };
  }

  /** Those used last stay. */
  private async forget(used: ReadonlyMap<string, number>): Promise<void> {
    for (const [key, { id, bytes }] of this.kept) {
      if (used.has(key) || this.bytes <= KEPT_BYTES) continue;
      this.kept.delete(key);
      this.bytes -= bytes;
      this.free.push(id);
      await this.send(dropMessage(id));
    }
  }

  private async send(parts: readonly Uint8Array[]): Promise<void> {
    const into = this.child.stdin;
    let room = true;
    for (const part of parts) {
      if (!into?.writable) await this.fail();
      room = into?.write(part) ?? false;
    }
    // Whoever does not read any more says why when it ends.
    if (!room)
      await once(into as NodeJS.WritableStream, 'drain', { signal: this.over.signal }).catch(() =>
        this.fail(),
      );
  }

  private async fail(): Promise<never> {
    await this.ended;
    throw new ProgramError('The compositor ended before it had everything.');
  }

  /** The most memory that one held, MB: known when it has ended. */
  static mostMb = 0;

  /** What it wrote beside frames: times, where COMPOSITOR_TIMES is set. */
  get words(): string {
    return this.said;
  }

  async end(): Promise<void> {
    const status = await readFile(`/proc/${this.child.pid}/status`, 'utf8').catch(() => '');
    Compositor.mostMb = Math.max(Compositor.mostMb, Number(/VmHWM:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024);
    this.child.stdin?.end();
    await this.ended;
    this.sources.close();
    await this.streams.close();
  }

  close(): void {
    void this.streams.close().catch(() => undefined);
    this.sources.close();
    this.child.kill('SIGKILL');
  }
}
