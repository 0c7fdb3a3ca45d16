import type { ChildProcess } from 'node:child_process';
import { constants } from 'node:fs';
import { type FileHandle, mkdtemp, open, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { type PictureTexture, type Tint, tintKey } from '../../core/paint/textures.ts';
import type { Frames } from '../../core/time.ts';
import { ProgramError, run, start } from '../program.ts';
import { cubeOf } from './cube.ts';
import { dropMessage, nextMessage, streamMessage } from './protocol.ts';
import { decoderArguments, frameOf, READERS_KEPT, readerKey } from './readers.ts';

interface Stream {
  key: string;
  id: number;
  at: Frames;
  /** The last frame of the video for which it was used. */
  turn: number;
}

/** What streams need of the compositor that they lead to. */
interface Target {
  send(parts: readonly Uint8Array[]): Promise<void>;
  takeId(): number;
  giveBack(id: number): void;
}

/**
 * Loops and clips that are decoded straight into the compositor, by named pipes, so that no frame of them passes through
 * this process.
 */
export class Streams {
  /** Those used last are at the end. */
  private open: Stream[] = [];
  private turn = 0;
  private folder: Promise<string> | null = null;
  private pipes = 0;
  /** Files of what tints do to colours, by their keys. */
  private readonly cubes = new Map<string, string>();
  private failed: Error | null = null;
  private readonly started: Decoder[] = [];
  /** Those whose pipes the compositor has not opened yet, in order. */
  private readonly coming: Decoder[] = [];

  constructor(private readonly to: Target) {}

  /** The compositor says that it has opened the pipe of the next one. */
  opened(): void {
    this.coming.shift()?.opened();
  }

  /** The next frame of the video begins. */
  next(): void {
    this.turn++;
  }

  /**
   * Brings the compositor to the frame that a texture is. Gives the id under which it is drawn, and whether it is new. A
   * picture may be seen at two of its moments in one frame, when it gives way to itself: that takes two streams.
   */
  async goTo(of: PictureTexture): Promise<{ id: number; fresh: boolean }> {
    if (this.failed) throw this.failed;
    const key = `${readerKey(of)} ${tintKey(of.tint)}`;
    const frame = frameOf(of);
    const same = this.open.filter((s) => s.key === key);
    const there = same.find((s) => s.at === frame) ?? same.find((s) => s.at === frame - 1);
    const stream = there ?? (await this.begin(of, key, same.find((s) => s.turn < this.turn) ?? null));
    this.open = [...this.open.filter((s) => s !== stream), stream];
    const fresh = stream.at !== frame;
    Object.assign(stream, { at: frame, turn: this.turn });
    if (fresh) await this.to.send(nextMessage(stream.id));
    while (this.open.length > READERS_KEPT && (this.open[0]?.turn ?? 0) < this.turn) {
      const { id } = this.open.shift() as Stream;
      await this.to.send(dropMessage(id));
      this.to.giveBack(id);
    }
    return { id: stream.id, fresh };
  }

  /** before: a stream of the same picture that takes its place. */
  private async begin(of: PictureTexture, key: string, before: Stream | null): Promise<Stream> {
    this.open = this.open.filter((s) => s !== before);
    const pipe = path.join(await this.room(), String(this.pipes++));
    await run('mkfifo', ['-m', '600', pipe]);
    const decoder = new Decoder(of.assetId, pipe, (e) => {
      this.failed ??= e;
    });
    await decoder.start(await decoderArguments(of, 'yuv420p', pipe, await this.cube(of.tint)));
    this.started.push(decoder);
    this.coming.push(decoder);
    const id = before?.id ?? this.to.takeId();
    await this.to.send(streamMessage(id, of, pipe));
    return { key, id, at: -1, turn: 0 };
  }

  private room(): Promise<string> {
    this.folder ??= mkdtemp(path.join(tmpdir(), 'nabbet-streams-'));
    return this.folder;
  }

  private async cube(tint: Tint): Promise<string | null> {
    if (!tint) return null;
    const key = tintKey(tint);
    const known = this.cubes.get(key);
    if (known) return known;
    const file = path.join(await this.room(), `${this.cubes.size}.cube`);
    await writeFile(file, cubeOf(tint));
    this.cubes.set(key, file);
    return file;
  }

  async close(): Promise<void> {
    for (const decoder of this.started.splice(0)) decoder.end();
    this.open = [];
    const { folder } = this;
    this.folder = null;
    if (folder) await rm(await folder, { recursive: true, force: true });
  }
}

/**
 * A program that decodes into a named pipe. Until both sides have come, this process holds both ends of it, so that nothing
 * in it is lost and it does not seem to be at its end; the compositor ends it by closing its own.
 */
class Decoder {
  private child: ChildProcess | null = null;
  private both: FileHandle | null = null;
  private writing: FileHandle | null = null;
  private isOpen = false;
  private isOver = false;

  constructor(
    private readonly assetId: string,
    private readonly pipe: string,
    private readonly onFailure: (e: Error) => void,
  ) {}

  async start(args: readonly string[]): Promise<void> {
    this.both = await open(this.pipe, constants.O_RDWR);
    this.writing = await open(this.pipe, constants.O_WRONLY | constants.O_NONBLOCK);
    const child = start('ffmpeg', args, ['ignore', 'ignore', 'pipe']);
    this.child = child;
    let said = '';
    child.stderr?.on('data', (d: Buffer) => {
      said += d.toString();
    });
    child.on('error', (e) => this.fail(e.message));
    child.on('close', (code) => {
      // Nobody wants more of it.
      const left = this.isOpen && /Broken pipe/.test(said);
      if (code && !left) this.fail(said.trim() || `code ${code}`);
      this.isOver = true;
      this.letGo();
    });
  }

  private fail(what: string): void {
    this.onFailure(new ProgramError(`The moving picture ${this.assetId} cannot be decoded: ${what}`));
  }

  /** The compositor has its end. */
  opened(): void {
    this.isOpen = true;
    this.letGo();
  }

  private letGo(): void {
    const handles = this.isOpen ? [this.both, this.isOver ? this.writing : null] : [];
    if (this.isOpen) this.both = null;
    if (this.isOpen && this.isOver) this.writing = null;
    for (const h of handles) void h?.close().catch(() => undefined);
  }

  /** When everything is over. */
  end(): void {
    this.child?.kill('SIGKILL');
    this.isOver = true;
    this.opened();
  }
}
