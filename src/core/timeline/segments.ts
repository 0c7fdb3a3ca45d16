import { contentKey } from '../hash.ts';
import type { Size } from '../look/formats.ts';
import { PAINTER_VERSION } from '../paint/frame.ts';
import type { Frames } from '../time.ts';
import type { Height } from './heights.ts';
import type { Shot, Timeline } from './types.ts';

/** A run of frames of one scene that is encoded by itself: its transition, or its body. */
export interface Segment {
  /** Same key, same pixels: it can be taken from an earlier render. */
  key: string;
  scene: number;
  /** Scene-local frames [start, end). */
  start: Frames;
  end: Frames;
}

/** Pixels of a render, both even. */
export function renderSize(timeline: Size, shortSide: Height): Size {
  const k = shortSide / Math.min(timeline.width, timeline.height);
  const even = (n: number) => Math.round((n * k) / 2) * 2;
  return { width: even(timeline.width), height: even(timeline.height) };
}

/** What is drawn of shots: what words know of them is not. */
const drawnOf = (shots: readonly Shot[]) => shots.map(({ relief: _, subject: __, ...drawn }) => drawn);

/** A body longer than this is cut, so that work done is never far from being kept. */
const LONGEST_SEGMENT: Frames = 300;

/**
 * Segments of a timeline in order. A key holds everything the painter looks at (the scene, the picture before it during
 * a transition, the files) and no absolute time, so a scene that only moved is not painted again. files: content hash of
 * each picture.
 */
export function segments(
  timeline: Timeline,
  size: Size,
  encoder: string,
  files: Record<string, string>,
): Segment[] {
  const filesOf = (shots: readonly Shot[]) => shots.map((s) => files[`${s.assetId}/${s.view}`] ?? null);
  return timeline.scenes.flatMap((scene, index): Segment[] => {
    const length = scene.end - scene.start;
    const previous = timeline.scenes[index - 1];
    const { shots, grading, frame, colours, words, tail, transition } = scene;
    const own = {
      painter: PAINTER_VERSION,
      encoder,
      size,
      frame,
      colours,
      length,
      tail,
      transition,
      opening: index === 0,
      closing: index === timeline.scenes.length - 1,
      shots: drawnOf(shots),
      grading,
      words,
      files: filesOf(shots),
    };
    const before = previous && {
      shots: drawnOf(previous.shots),
      grading: previous.grading,
      frame: previous.frame,
      colours: previous.colours,
      length: previous.end - previous.start,
      tail: previous.tail,
      files: filesOf(previous.shots),
    };
    const out: Segment[] = [];
    const { frames } = transition;
    if (frames > 0) out.push({ key: contentKey({ own, before }), scene: index, start: 0, end: frames });
    const body = length - frames;
    const parts = Math.max(1, Math.ceil(body / LONGEST_SEGMENT));
    for (let p = 0; p < parts; p++) {
      const start = frames + Math.floor((body * p) / parts);
      const end = frames + Math.floor((body * (p + 1)) / parts);
      if (end > start) out.push({ key: contentKey({ own, start, end }), scene: index, start, end });
    }
    return out;
  });
}
