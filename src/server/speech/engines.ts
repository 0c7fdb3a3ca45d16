import { Failed } from '../../core/failure.ts';
import type { SpeechEngine } from '../../core/sound/speech.ts';
import { espeak } from './espeak.ts';
import { flite } from './flite.ts';

/** Everything that speaks. */
const ENGINES: readonly SpeechEngine[] = [flite, espeak];

/** Who speaks with a voice. Throws Failed when nobody has it. */
export function engineOf(name: string): SpeechEngine {
  const engine = ENGINES.find((e) => e.voices.some((v) => v.name === name));
  if (!engine)
    throw new Failed({ code: 'no-voice', name, voices: ENGINES.flatMap((e) => e.voices.map((v) => v.name)) });
  return engine;
}
