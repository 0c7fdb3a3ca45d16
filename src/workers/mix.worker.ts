import { mix, type Sound, type Stereo, soundOf } from '../core/sound/mix.ts';
import type { Timeline } from '../core/timeline/types.ts';

/** Takes, tracks and sounds of clips are sent once; a mix is asked for with a timeline. */
export type MixMessage =
  | { kind: 'forget-track'; key: string }
  | { kind: 'take'; key: string; samples: Float32Array }
  | { kind: 'track' | 'clip'; key: string; track: Stereo }
  | { kind: 'mix'; id: number; timeline: Timeline };

export type MixAnswer =
  | { id: number; left: Float32Array; right: Float32Array }
  | { id: number; error: string };

/** The part of a worker's scope that is used. */
export interface MixScope {
  onmessage: ((e: Pick<MessageEvent<MixMessage>, 'data'>) => void) | null;
  postMessage(m: MixAnswer, transfer?: Transferable[]): void;
}

/** Lets a scope answer with mixes of what it was sent. */
export function serveMixes(scope: MixScope): void {
  const takes = new Map<string, Sound>();
  const clips = new Map<string, Sound>();
  const tracks = new Map<string, Sound>();
  scope.onmessage = ({ data }) => {
    switch (data.kind) {
      case 'take':
        takes.set(data.key, soundOf(data.samples));
        break;
      case 'forget-track':
        tracks.delete(data.key);
        break;
      case 'track':
        tracks.set(data.key, soundOf(data.track.left, data.track.right));
        break;
      case 'clip':
        clips.set(data.key, soundOf(data.track.left, data.track.right));
        break;
      case 'mix':
        try {
          const { left, right } = mix(data.timeline, {
            take: (k) => takes.get(k) ?? null,
            clip: (k) => clips.get(k) ?? null,
            track: (k) => tracks.get(k) ?? null,
          });
          scope.postMessage({ id: data.id, left, right }, [left.buffer, right.buffer]);
        } catch (e) {
          scope.postMessage({ id: data.id, error: (e as Error).message });
        }
        break;
      default:
        data satisfies never;
    }
  };
}

if (typeof self !== 'undefined') serveMixes(self as unknown as MixScope);
