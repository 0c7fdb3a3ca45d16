import type { Failure } from '../failure.ts';
import type { PieceVoice, Saying } from '../piece/types.ts';
import type { TakeWord } from '../timeline/types.ts';

/** What an engine gives for a text: mono samples at 48 kHz at an even loudness, and when each word is said. */
export interface Speech {
  samples: Float32Array;
  words: TakeWord[];
}

/** Anything that speaks: a program on this machine, or a service. */
export interface SpeechEngine {
  /** The names of its voices. */
  voices: readonly string[];
  /** says: words that are read in a way of their own. Throws Failed (see cannotSpeak) when it cannot speak the text. */
  speak(text: string, voice: PieceVoice, says: readonly Saying[]): Promise<Speech>;
}

/** Whether a line cannot be heard, which leaves a scene silent, says so in the proof, and leaves nothing else undone. */
export const cannotSpeak = ({ code }: Failure): boolean =>
  code === 'unspeakable' || code === 'no-voice' || code === 'voice-answer' || code === 'no-take';
