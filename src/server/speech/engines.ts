import { Failed } from '../../core/failure.ts';
import type { SpeechEngine } from '../../core/sound/speech.ts';
import { otherVoice } from '../../core/sound/voices.ts';
import { espeak } from './espeak.ts';
import { flite } from './flite.ts';
import { others } from './other-voices.ts';

/** The voices that ship. */
const ENGINES: readonly SpeechEngine[] = [flite, espeak];

/** Who speaks with a voice. Throws Failed when nobody has it. */
export function engineOf(name: string): SpeechEngine {
  const engine = otherVoice(name) ? others : ENGINES.find((e) => e.voices.includes(name));
  if (!engine) throw new Failed({ code: 'no-voice', name, voices: ENGINES.flatMap((e) => e.voices) });
  return engine;
}
