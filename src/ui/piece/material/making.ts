import PQueue from 'p-queue';
import type { Failure } from '../../../core/failure.ts';
import { cannotSpeak } from '../../../core/sound/speech.ts';
import type { WantedTake } from '../../../core/timeline/keys.ts';
import type { SoundBed, TakeFact, TrackFact } from '../../../core/timeline/types.ts';
import type { Clock } from '../../sync/clock.ts';
import type { Material } from './material.ts';

/** Words, and the length of the piece, have to rest so long before a voice or a track is asked for. */
export const RESTS_MS = { text: 800, length: 900 } as const;

/** Voices that are asked for at the same time. */
const AT_ONCE = 2;

export interface Makers {
  /** Throws what went wrong. */
  take(wanted: WantedTake): Promise<TakeFact>;
  track(wanted: SoundBed['wanted']): Promise<TrackFact>;
  /** The failure behind an error. */
  failure(e: unknown): Failure;
}

/** Has voices and music made when what they depend on has rested, each once. */
export class Making {
  private readonly voices = new PQueue({ concurrency: AT_ONCE });
  private cancelVoices: () => void = () => undefined;
  private cancelMusic: () => void = () => undefined;

  constructor(
    private readonly material: Material,
    private readonly makers: Makers,
    private readonly clock: Clock,
  ) {}

  /** The narrations of the piece as it is now; what was asked for and is not begun is called off. */
  wantTakes(wanted: readonly WantedTake[]): void {
    this.cancelVoices();
    this.cancelVoices = this.clock.after(RESTS_MS.text, () => {
      this.voices.clear();
      for (const take of wanted) if (!this.has(take)) void this.voices.add(() => this.makeTake(take));
    });
  }

  private has = ({ key }: WantedTake): boolean =>
    key in this.material.state.takes || this.refusedForGood(this.material.state.refused[key]);

  /** A service may answer again; what cannot be said stays so. */
  private refusedForGood = (why: Failure | undefined): boolean => why !== undefined && cannotSpeak(why);

  private async makeTake(wanted: WantedTake): Promise<void> {
    if (this.has(wanted)) return;
    try {
      this.material.addTake(await this.makers.take(wanted));
    } catch (e) {
      // What failed for another reason is asked for again with the next change.
      const failure = this.makers.failure(e);
      if (cannotSpeak(failure) || failure.code === 'no-service')
        this.material.refuseTake(wanted.key, failure);
    }
  }

  /** The tracks that are missing; settled: all voices are there, so that the length of the piece is known. */
  wantTracks(
    missing: readonly SoundBed['wanted'][],
    { none, settled }: { none: boolean; settled: boolean },
  ): void {
    this.cancelMusic();
    this.cancelMusic = () => undefined;
    const { material } = this;
    material.setMusic(none ? 'none' : missing.length ? 'waiting' : 'ready');
    if (!missing.length || !settled) return;
    let wanted = true;
    const callOff = this.clock.after(RESTS_MS.length, () => {
      material.setMusic('making');
      Promise.all(missing.map((m) => this.makers.track(m))).then(
        (made) => {
          if (wanted) for (const track of made) material.addTrack(track);
        },
        () => wanted && material.setMusic('failed'),
      );
    });
    this.cancelMusic = () => {
      wanted = false;
      callOff();
    };
  }

  /** Nothing more is asked for. */
  end(): void {
    this.cancelVoices();
    this.cancelMusic();
    this.voices.clear();
  }
}
