import type { BedSource } from '../piece/types.ts';
import { FPS, type Frames, type Milliseconds, msToFrames } from '../time.ts';
import type { OwnTrackFact } from '../timeline/types.ts';
import { MOODS } from './moods.ts';
import type { OnBeat } from './on-beat.ts';

/** Less than this is no beat that pictures could follow. */
export const FIRM_BEAT = 0.04;

/** Beats of a bar of what is composed. */
const COMPOSED_METER = 4;

/** When pictures may change under a bed, counted from its start. */
export interface Grid {
  /** The first moment that is not before one. */
  from(frame: Frames): Frames;
  /** The nearest moment. */
  near(frame: Frames): Frames;
}

/** The grid of a bed; null where pictures change as they like, or where the track has no beat, or is not known yet. */
export function gridOf(
  source: BedSource,
  onBeat: OnBeat,
  tracks: Readonly<Record<string, OwnTrackFact>>,
): Grid | null {
  if (onBeat === 'free' || source.kind === 'silence') return null;
  if (source.kind === 'composed') {
    const beat = 60_000 / MOODS[source.mood].tempo;
    const step = beat * stepOf(onBeat, COMPOSED_METER);
    return gridBy((k) => k * step, step);
  }
  const track = tracks[source.trackId];
  if (!track || track.sure < FIRM_BEAT) return null;
  const step = stepOf(onBeat, track.meter);
  const phase = onBeat === 'beat' ? 0 : track.first % step;
  const places = track.beats.flatMap((ms, i) =>
    i % step === phase && ms >= source.startMs ? [ms - source.startMs] : [],
  );
  if (places.length < 2) return null;
  const first = places[0] as Milliseconds;
  const last = places.at(-1) as Milliseconds;
  const gap = (last - first) / (places.length - 1);
  // Beyond the end of the track it goes on as it was.
  return gridBy((k) => places[k] ?? (k < 0 ? first + k * gap : last + (k - places.length + 1) * gap), gap);
}

const stepOf = (onBeat: Exclude<OnBeat, 'free'>, meter: number): number =>
  ({ beat: 1, half: meter === 4 ? 2 : meter, bar: meter })[onBeat];

/** at: of the k-th place, milliseconds, growing with k; gap: about between two. */
function gridBy(at: (k: number) => Milliseconds, gap: Milliseconds): Grid {
  const frame = (k: number) => msToFrames(at(k));
  const placeAfter = (wanted: Frames): number => {
    let k = Math.max(0, Math.floor((wanted * 1000) / FPS / gap) - 2);
    while (frame(k) < wanted) k++;
    while (k > 0 && frame(k - 1) >= wanted) k--;
    return k;
  };
  return {
    from: (wanted) => frame(placeAfter(wanted)),
    near(wanted) {
      const k = placeAfter(wanted);
      const [before, after] = [frame(Math.max(0, k - 1)), frame(k)];
      return wanted - before < after - wanted ? before : after;
    },
  };
}
