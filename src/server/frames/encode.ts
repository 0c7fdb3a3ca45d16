import { mkdtemp, rename, rm } from 'node:fs/promises';
import path from 'node:path';
import type { Writable } from 'node:stream';
import type { Size } from '../../core/look/formats.ts';
import { FPS } from '../../core/time.ts';
import type { Height } from '../../core/timeline/heights.ts';
import { ProgramError, start } from '../program.ts';
import type { FramePainter, OpenPainter } from './painter.ts';

/** Of a delivery, and of a draft of 480 lines, which is there in half the time and may be larger. */
const QUALITY = {
  delivery: ['-preset', 'veryfast', '-crf', '20'],
  draft: ['-preset', 'superfast', '-crf', '23'],
} as const;

/** The encoder's settings for a height; part of each segment's key. */
export const encoderFor = (height: Height): readonly string[] => [
  ...['-c:v', 'libx264', ...QUALITY[height === 480 ? 'draft' : 'delivery'], '-g', '60', '-flags', '+cgop'],
  ...['-pix_fmt', 'yuv420p', '-colorspace', 'bt709', '-color_primaries', 'bt709'],
  ...['-color_trc', 'bt709', '-color_range', 'tv'],
];

/** Ticks a second in every segment, so that they can be joined as they are. */
const TIMESCALE = 15_360;

/** A render in which no frame went on for so long is ended, milliseconds. */
const STILL_MS = 180_000;

/** A file to be made of so many frames. */
export interface Part {
  frames: number;
  file: string;
}

/** How parts are encoded. encoder: its settings. */
interface Encoding {
  size: Size;
  encoder: readonly string[];
}

/** Reads I420 from a pipe; the segment muxer writes each part to a file of its own, with a keyframe at each seam. */
function encoderArguments(
  parts: readonly Part[],
  { size: { width, height }, encoder }: Encoding,
  work: string,
) {
  const seams: number[] = [];
  for (const { frames } of parts.slice(0, -1)) seams.push((seams.at(-1) ?? 0) + frames);
  const keys = seams.map((f) => ((f - 0.02) / FPS).toFixed(5)).join(',');
  const split = seams.length
    ? ['-force_key_frames', keys, '-segment_frames', seams.join(',')]
    : ['-segment_time', '100000'];
  return [
    ...['-y', '-v', 'error', '-f', 'rawvideo', '-pix_fmt', 'yuv420p'],
    ...['-s', `${width}x${height}`, '-r', String(FPS), '-i', 'pipe:0', ...encoder, ...split],
    ...['-f', 'segment', '-segment_format', 'mp4', '-reset_timestamps', '1'],
    ...['-segment_format_options', `video_track_timescale=${TIMESCALE}`],
    ...['-segment_list', 'pipe:1', '-segment_list_type', 'csv', path.join(work, '%06d.mp4')],
  ];
}

/**
 * Encodes what is painted into parts, each of which takes its place as soon as it is whole; what is whole stays, whatever
 * happens afterwards. paint: hands all frames of all parts to the painter, in order. folder: on the disk of the files.
 */
export async function encodeParts(
  open: OpenPainter,
  parts: readonly Part[],
  encoding: Encoding,
  folder: string,
  paint: (painter: FramePainter) => Promise<void>,
): Promise<void> {
  const work = await mkdtemp(path.join(folder, 'run-'));
  const child = start('ffmpeg', encoderArguments(parts, encoding, work), ['pipe', 'pipe', 'pipe']);
  let said = '';
  child.stderr?.on('data', (d: Buffer) => {
    said += d.toString();
  });
  let listed = 0;
  let placed = 0;
  let placing: Promise<void> = Promise.resolve();
  /** A file is known to be closed when the next one is listed, or the encoder has ended. */
  const place = (upTo: number): Promise<void> => {
    placing = placing.then(async () => {
      for (; placed < upTo; placed++)
        await rename(path.join(work, `${String(placed).padStart(6, '0')}.mp4`), (parts[placed] as Part).file);
    });
    placing.catch(() => undefined);
    return placing;
  };
  child.stdout?.on('data', (d: Buffer) => {
    listed += d.toString().split('\n').length - 1;
    void place(Math.min(parts.length, listed - 1));
  });
  const closed = new Promise<void>((resolve, reject) => {
    child.on('error', reject);
    child.on('close', (code) => {
      if (code === 0) resolve();
      else
        reject(new ProgramError(`The encoder ended with code ${code}: ${said.trim() || 'it said nothing'}`));
    });
  });
  closed.catch(() => undefined);
  child.stdin?.on('error', () => {
    // The encoder went away: its exit code, or the cancelling, says why.
  });
  const painter = open(encoding.size, child.stdin as Writable);
  // Painter, encoder and decoders wait for each other: whoever stands still, all are ended.
  let stood = false;
  const watch = setTimeout(() => {
    stood = true;
    painter.close();
    child.kill('SIGKILL');
  }, STILL_MS);
  try {
    await paint({
      ...{ end: () => painter.end(), close: () => painter.close() },
      frame(list) {
        watch.refresh();
        return painter.frame(list);
      },
    });
    await painter.end();
    await closed;
    await place(parts.length);
  } catch (e) {
    painter.close();
    if (stood) throw new ProgramError(`Nothing was painted or encoded for ${STILL_MS / 1000} s.`);
    // That nobody reads what is painted is only the echo of what ended the encoder.
    const echo = /EPIPE|Broken pipe/.test((e as Error).message);
    if (!echo) child.kill('SIGKILL');
    await placing.catch(() => undefined);
    if (echo) await closed;
    throw e;
  } finally {
    clearTimeout(watch);
    await rm(work, { recursive: true, force: true });
  }
}
