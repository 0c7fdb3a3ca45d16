import type { PaintAsk, PaintPlan, Search, SearchAnswer } from '../../api/shelf.ts';
import type { Vector } from '../../core/match/types.ts';
import type { FittedTrack } from '../../core/music/fitted.ts';
import type { OutlineChoices } from '../../core/outline/types.ts';
import type { PieceOptions } from '../../core/piece/options.ts';
import type { Piece, Placement } from '../../core/piece/types.ts';
import type { FoundLines } from '../../core/sound/align/narration.ts';
import type { Source } from '../../core/source/types.ts';
import type { Split } from '../../core/text/script.ts';
import type { ClipSound, TakeWord } from '../../core/timeline/types.ts';
import type { About } from '../assets/assets.ts';
import type { AssetRecord } from '../assets/record.ts';
import type { HeardTrack } from '../music/own-tracks.ts';
import type { Fetched } from '../read/fetch.ts';
import type { ReadAs } from '../read/readers/types.ts';

// What is done in processes of their own. Only types stand here: both sides import it.

/** With material of strangers. */
export interface ReadTasks {
  'read-file': (bytes: Uint8Array, name: string, as: ReadAs) => Promise<Source>;
  'read-fetched': (fetched: Fetched, as: ReadAs) => Promise<Source>;
  'read-pasted': (words: string, markup: string | null, as: ReadAs) => Promise<Source>;
  picture: (bytes: Uint8Array, about: About) => Promise<AssetRecord>;
}

/** With lines and what they mean. */
export interface MatchTasks {
  /** A first draft with its pictures; those that were brought first. Throws Failed (no-lines, too-many-scenes). */
  'draft-script': (
    script: string,
    split: Split,
    options: PieceOptions,
    brought: readonly string[],
  ) => Promise<Piece>;
  /** The same from an outline. Throws Failed (no-outline-lines, too-many-scenes). */
  'draft-outline': (
    source: Source,
    choices: OutlineChoices,
    options: PieceOptions & { sourceId: string },
  ) => Promise<Piece>;
  /** Pictures that the lines of an outline would get, by line; none where it has no lines. */
  'nab-outline': (
    source: Source,
    choices: OutlineChoices,
    options: PieceOptions & { sourceId: string },
  ) => Promise<Record<string, string>>;
  /** Pictures for the scenes of a piece whose picture is not the writer's own choice. */
  nab: (piece: Piece) => Promise<Record<string, Placement>>;
  search: (ask: Search) => Promise<SearchAnswer>;
  'plan-painting': (ask: PaintAsk) => Promise<PaintPlan>;
  /** Has lines read ahead of nabbing. */
  warm: (lines: { layout: string; shown: string; brief: string }[]) => Promise<void>;
  meanings: (texts: readonly string[]) => Promise<Vector[]>;
}

/** A line as a voice says it: mono at 16 kHz. */
export interface Reference {
  samples: Float32Array;
  words: TakeWord[];
}

/** A voice model as it can be read: its files, how it varies, and which of its people speaks. */
export interface ReadyVoice {
  file: string;
  tokens: string;
  ways: { noise: number; noiseOfLengths: number; length: number };
  speaker: number;
}

/** What a voice gave, mono. */
export interface Utterance {
  samples: Float32Array;
  rate: number;
}

/** With voice models of strangers. */
export interface VoiceTasks {
  /** pace: 1 as the voice speaks by itself. */
  say: (voice: ReadyVoice, text: string, pace: number) => Promise<Utterance>;
}

/** With sound. */
export interface SoundTasks {
  /** When the words of a line are said in a recording of it. */
  align: (reference: Reference, recording: Float32Array) => Promise<TakeWord[]>;
  'find-lines': (lines: Reference[], recording: Float32Array) => Promise<FoundLines>;
  /** Finds the beats of a track, and what else is to know of it. */
  'hear-track': (file: string) => Promise<HeardTrack>;
  /** Takes parts of a track to a file: one after the other, a little faster or slower, at the loudness of a track. */
  'fit-track': (track: string, fit: FittedTrack, samples: number, file: string) => Promise<void>;
  /** Plays a score to a file: at its length, faded at its end, at the loudness of a track. */
  track: (score: Uint8Array, samples: number, file: string) => Promise<void>;
  /** Takes the own sound of a clip's part to a file, at the loudness of a take. */
  'clip-sound': (
    clip: string,
    part: Pick<ClipSound, 'inMs' | 'speed' | 'samples'>,
    file: string,
  ) => Promise<void>;
}
