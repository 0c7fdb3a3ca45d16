import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { PieceVoice, Saying } from '../../core/piece/types.ts';
import { firstVoiceOf, languageOfVoice, voiceNamed } from '../../core/sound/voices.ts';
import { type SpeechForm, speechForms, speechRuns } from '../../core/text/speech.ts';
import type { TakeWord } from '../../core/timeline/types.ts';
import { espeakRun } from './espeak.ts';
import { fliteRun, recipeOf } from './flite.ts';
import type { Spoken, SpokenSound } from './spoken.ts';

/** So much earlier than its word a first sound may begin by what a program says, milliseconds. */
const EARLY_MS = 2;

/** A run as a voice that ships says it: the named one, or else the first of the language; null when none speaks it. */
export async function referenceRun(
  forms: SpeechForm[],
  language: string,
  folder: string,
  name = '',
): Promise<Spoken | null> {
  const recipe = recipeOf(name);
  if (recipe || language === 'en') return fliteRun(forms, recipe ?? { flite: 'slt', stretch: 1 }, 1, folder);
  const info = voiceNamed(name) ?? voiceNamed(firstVoiceOf(language)?.name ?? '');
  return info && espeakRun(forms, info, 1, folder);
}

/**
 * The sounds of a take, in IPA: those of each word as a voice that ships says it, in the time that the word has in the take.
 * For voices that ship this is when they are said; for others about so. Empty when none speaks the language.
 */
export async function soundsOf(
  words: readonly TakeWord[],
  text: string,
  voice: PieceVoice,
  says: readonly Saying[],
): Promise<SpokenSound[]> {
  const language = languageOfVoice(voice.name);
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-sounds-'));
  try {
    const out: SpokenSound[] = [];
    for (const forms of speechRuns(speechForms(text, language, says))) {
      const run = await referenceRun(forms, language, folder, voice.name);
      if (!run?.sounds) return [];
      const reference = byForm(run.words);
      reference.forEach((said, i) => {
        const word = words.find((w) => w.start === said.start);
        const until = reference[i + 1]?.startMs ?? Number.POSITIVE_INFINITY;
        const own = (run.sounds ?? []).filter(
          (s) => s.sound !== '' && s.startMs >= said.startMs - EARLY_MS && s.startMs < until - EARLY_MS,
        );
        if (word) out.push(...inWord(own, said, word));
      });
    }
    return out;
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** The words of one form as one. */
function byForm(words: readonly TakeWord[]): TakeWord[] {
  const out: TakeWord[] = [];
  for (const w of words) {
    const last = out.at(-1);
    if (last?.start === w.start) last.endMs = w.endMs;
    else out.push({ ...w });
  }
  return out;
}

/** Sounds of a word, moved to where and how long the word is in the take. */
function inWord(sounds: readonly SpokenSound[], said: TakeWord, word: TakeWord): SpokenSound[] {
  const scale = (word.endMs - word.startMs) / Math.max(1, said.endMs - said.startMs);
  const moved = (ms: number) =>
    Math.round(Math.min(word.endMs, Math.max(word.startMs, word.startMs + (ms - said.startMs) * scale)));
  return sounds.map(({ sound, startMs, endMs }) => ({ sound, startMs: moved(startMs), endMs: moved(endMs) }));
}
