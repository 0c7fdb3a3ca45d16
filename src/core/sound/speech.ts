import type { Failure } from '../failure.ts';
import type { TakeWord } from '../timeline/types.ts';

/** A voice that can be chosen. */
export interface VoiceInfo {
  /** Stable: documents refer to it. */
  name: string;
  label: string;
  describe: string;
  language: string;
  /** Speed relative to an average voice, measured. */
  speed: number;
}

/** What an engine gives for a text: mono samples at 48 kHz at an even loudness, and when each word is said. */
export interface Speech {
  samples: Float32Array;
  words: TakeWord[];
}

/** Anything that speaks: a program on this machine, or a service. */
export interface SpeechEngine {
  voices: readonly VoiceInfo[];
  /** pace: 0.5 to 2. Throws Failed (see cannotSpeak) when it cannot speak the text. */
  speak(text: string, voice: string, pace: number): Promise<Speech>;
}

/** Whether a voice cannot say a text, which leaves a scene silent and nothing else undone. */
export const cannotSpeak = ({ code }: Failure): boolean =>
  code === 'unspeakable' || code === 'no-voice' || code === 'voice-answer';

/** The voices that ship with Nabbet, in the order in which they are offered. */
export const VOICES: readonly VoiceInfo[] = [
  { name: 'maud', label: 'Maud', describe: 'clear and even, American', language: 'en', speed: 1.08 },
  { name: 'alder', label: 'Alder', describe: 'steady and friendly, American', language: 'en', speed: 0.93 },
  { name: 'fenn', label: 'Fenn', describe: 'warm, Scottish', language: 'en', speed: 1.05 },
  { name: 'tilda', label: 'Tilda', describe: 'darker and calm, American', language: 'en', speed: 1.05 },
  { name: 'bram', label: 'Bram', describe: 'deep and slow, American', language: 'en', speed: 0.88 },
  { name: 'corin', label: 'Corin', describe: 'young and light, American', language: 'en', speed: 0.97 },
];

export const DEFAULT_VOICE = 'maud';

/** Speed of a voice relative to an average one; 1 for a voice that is not known here. */
export const voiceSpeed = (name: string): number => VOICES.find((v) => v.name === name)?.speed ?? 1;
