import { VOICES } from '../core/sound/voices.ts';
import { otherVoices } from '../server/speech/other-voices.ts';
import { UsageError } from './usage.ts';

/** The name of a voice that was asked for by its name or by what it is called, own ones and those of services among them. */
export async function voiceCalled(asked: string): Promise<string> {
  const is = (v: { name: string; label: string }) =>
    v.name === asked || v.label.toLowerCase() === asked.trim().toLowerCase();
  const shipped = VOICES.find(is);
  if (shipped) return shipped.name;
  const others = await otherVoices();
  const found = others.find(is);
  if (found) return found.name;
  throw new UsageError(
    `--voice is one of ${[...VOICES.map((v) => v.name), ...others.map((v) => v.label)].join(', ')}; got “${asked}”.`,
  );
}
