import { createStore } from 'zustand/vanilla';
import type { Failure } from '../../../core/failure.ts';
import type { TakeFact, TrackFact } from '../../../core/timeline/types.ts';

export interface MaterialState {
  takes: Readonly<Record<string, TakeFact>>;
  /** Takes that cannot be made, with the reason. */
  refused: Readonly<Record<string, Failure>>;
  tracks: Readonly<Record<string, TrackFact>>;
  /** Voices that are ready, of those wanted. */
  voices: { ready: number; wanted: number };
  music: 'none' | 'waiting' | 'making' | 'ready' | 'failed';
}

/** Voices and music of the piece, as far as they are there. */
export class Material {
  readonly store;

  constructor(takes: Record<string, TakeFact>) {
    this.store = createStore<MaterialState>(() => ({
      takes,
      refused: {},
      tracks: {},
      voices: { ready: 0, wanted: 0 },
      music: 'waiting',
    }));
  }

  get state(): MaterialState {
    return this.store.getState();
  }

  addTake(take: TakeFact): void {
    this.store.setState((s) => {
      const { [take.key]: _, ...refused } = s.refused;
      return { takes: { ...s.takes, [take.key]: take }, refused };
    });
  }

  refuseTake(key: string, why: Failure): void {
    this.store.setState((s) => ({ refused: { ...s.refused, [key]: why } }));
  }

  addTrack(track: TrackFact): void {
    this.store.setState((s) => ({ tracks: { ...s.tracks, [track.key]: track } }));
  }

  /** Nobody is told of what stays as it is. */
  setVoices(ready: number, wanted: number): void {
    const { voices } = this.state;
    if (voices.ready !== ready || voices.wanted !== wanted)
      this.store.setState({ voices: { ready, wanted } });
  }

  setMusic(music: MaterialState['music']): void {
    if (this.state.music !== music) this.store.setState({ music });
  }
}
