import type { Piece } from '../piece/types.ts';
import { FPS, type Frames, msToFrames, SAMPLE_RATE, type Samples } from '../time.ts';
import type { Shot, Timeline } from '../timeline/types.ts';

/** Files of a time line, as it names them. */
export interface MediaNames {
  picture(assetId: string): { title: string; file: string } | null;
  take(key: string): string;
  track(key: string): string;
}

type Json = Record<string, unknown>;

const time = (value: number, rate: number): Json => ({ OTIO_SCHEMA: 'RationalTime.1', rate, value });
const range = (start: number, duration: number, rate: number): Json => ({
  OTIO_SCHEMA: 'TimeRange.1',
  start_time: time(start, rate),
  duration: time(duration, rate),
});
const media = (file: string | null): Json =>
  file === null
    ? { OTIO_SCHEMA: 'MissingReference.1', name: '', available_range: null, metadata: {} }
    : { OTIO_SCHEMA: 'ExternalReference.1', name: '', available_range: null, metadata: {}, target_url: file };
const clip = (name: string, of: Json, source: Json, metadata: Json = {}): Json => ({
  OTIO_SCHEMA: 'Clip.1',
  ...{ name, metadata, effects: [], markers: [], enabled: true },
  media_reference: of,
  source_range: source,
});
const gap = (duration: number, rate: number): Json => ({
  OTIO_SCHEMA: 'Gap.1',
  ...{ name: '', metadata: {}, effects: [], markers: [], enabled: true },
  source_range: range(0, duration, rate),
});
const track = (name: string, kind: 'Video' | 'Audio', children: Json[]): Json => ({
  OTIO_SCHEMA: 'Track.1',
  ...{ name, kind, metadata: {}, effects: [], markers: [], enabled: true, source_range: null },
  children,
});

/**
 * The time line of a piece as OpenTimelineIO (JSON, schemas of version 1): pictures with their transitions on one track, voices and
 * music on others. Words stand as markers. Pure.
 */
export function otioTimeline(piece: Piece, timeline: Timeline, names: MediaNames): Json {
  const { scenes, sound } = timeline;
  const words = scenes.map((s, i) => ({
    OTIO_SCHEMA: 'Marker.2',
    ...{ name: piece.scenes[i]?.shown ?? '', color: 'YELLOW', metadata: {} },
    marked_range: range(s.start, s.end - s.start, FPS),
  }));
  const voices = scenes.flatMap((s, i) =>
    s.voice
      ? [
          {
            ...s.voice,
            length: s.voice.samples,
            name: piece.scenes[i]?.shown ?? '',
            file: names.take(s.voice.key),
          },
        ]
      : [],
  );
  const beds = sound.beds.flatMap((b) =>
    b.track ? [{ start: b.start, length: b.length, name: 'Music', file: names.track(b.track.key) }] : [],
  );
  const stack: Json = {
    OTIO_SCHEMA: 'Stack.1',
    ...{ name: 'tracks', metadata: {}, effects: [], markers: words, enabled: true, source_range: null },
    children: [
      track('Pictures', 'Video', pictures(timeline, names)),
      track('Voice', 'Audio', heard(voices)),
      ...beds.map((b, i) => track(`Music ${i + 1}`, 'Audio', heard([b]))),
    ],
  };
  return {
    OTIO_SCHEMA: 'Timeline.1',
    name: piece.title,
    global_start_time: time(0, FPS),
    metadata: { size: { width: timeline.width, height: timeline.height } },
    tracks: stack,
  };
}

/** Every picture for as long as it is seen, without holes; where one gives way slowly, a transition stands before the next. */
function pictures({ scenes }: Timeline, names: MediaNames): Json[] {
  const out: Json[] = [];
  scenes.forEach((scene, i) => {
    const length = scene.end - scene.start;
    const shots = scene.shots.length ? scene.shots : [null];
    shots.forEach((shot, k) => {
      const start = shot?.start ?? 0;
      const end = shots[k + 1]?.start ?? length;
      const frames = k > 0 ? (shot?.transition.frames ?? 0) : scene.transition.frames;
      const kind = k > 0 ? shot?.transition.kind : scene.transition.kind;
      if (frames > 0 && (i > 0 || k > 0))
        out.push({
          OTIO_SCHEMA: 'Transition.1',
          ...{ name: String(kind), metadata: {} },
          transition_type: kind === 'dissolve' ? 'SMPTE_Dissolve' : 'Custom_Transition',
          in_offset: time(0, FPS),
          out_offset: time(Math.min(frames, end - start), FPS),
        });
      if (!shot) {
        out.push(gap(end - start, FPS));
        return;
      }
      const picture = names.picture(shot.assetId);
      out.push(
        clip(picture?.title ?? '', media(picture?.file ?? null), range(sourceStart(shot), end - start, FPS), {
          frame: { from: shot.from, to: shot.to },
        }),
      );
    });
  });
  return out;
}

const sourceStart = (shot: Shot): Frames => (shot.clip ? msToFrames(shot.clip.inMs) : 0) + shot.offset;

/** Sounds in order with the pauses between them. */
function heard(sounds: readonly { start: Samples; length: Samples; name: string; file: string }[]): Json[] {
  const out: Json[] = [];
  let at: Samples = 0;
  for (const { start, length, name, file } of sounds) {
    if (start > at) out.push(gap(start - at, SAMPLE_RATE));
    out.push(clip(name, media(file), range(0, length, SAMPLE_RATE)));
    at = start + length;
  }
  return out;
}
