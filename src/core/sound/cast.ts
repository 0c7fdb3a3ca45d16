import nlp from 'compromise/two';
import type { Piece, PieceVoice, Scene, Speaker } from '../piece/types.ts';
import { plainVoice, spokenOf } from '../piece/types.ts';
import { sureLanguageOf } from '../text/language.ts';
import {
  firstVoiceOf,
  languageOfVoice,
  type OtherVoice,
  VOICES,
  type VoiceInfo,
  voiceNamed,
} from './voices.ts';

/** Where a language has fewer voices than there are speakers, the same voice is taken higher or lower, in semitones. */
const SHIFTS = [0, -2, 2, -4] as const;

/** The language of what is said in a piece; null where it cannot be told. */
export const languageOfPiece = (piece: Pick<Piece, 'scenes'>): string | null =>
  sureLanguageOf(piece.scenes.map(spokenOf).join('\n'));

/** A voice for a language, in the way of another one; null when nobody speaks it. others: voices that did not ship. */
export function voiceFor(
  language: string,
  voice: PieceVoice,
  others: readonly OtherVoice[] = [],
): PieceVoice | null {
  const info = firstVoiceOf(language, others);
  return info && { ...voice, name: info.name };
}

/** Whether a name is known as a woman's or a man's first name (compromise's lexicon). */
function nameOf(name: string): VoiceInfo['of'] | null {
  const known = nlp(name);
  if (known.has('#FemaleName')) return 'woman';
  return known.has('#MaleName') ? 'man' : null;
}

/** A voice that nobody has yet, of the language of the piece's own; one that goes with the name before others. */
function freeVoice(name: string, main: PieceVoice, taken: readonly PieceVoice[]): PieceVoice {
  const of = nameOf(name);
  const all = VOICES.filter((v) => v.language === languageOfVoice(main.name));
  const voices = [...all.filter((v) => v.of === of), ...all.filter((v) => v.of !== of)];
  for (const pitch of SHIFTS)
    for (const { name } of voices) {
      const free = !taken.some((t) => t.name === name && t.pitch === pitch);
      if (free) return { ...plainVoice(name), pace: main.pace, tone: main.tone, pitch };
    }
  return main;
}

/** Speakers that are named in scenes and have no voice yet, each with one of its own. When everything is said by somebody, the first has the voice of the piece, if it goes with the name. */
export function castSpeakers(
  piece: Piece,
  scenes: readonly Pick<Scene, 'speaker'>[] = piece.scenes,
): Speaker[] {
  const known = new Set(piece.speakers.map((s) => s.name));
  const names = [...new Set(scenes.flatMap((s) => s.speaker ?? []))].filter((n) => !known.has(n));
  const told = scenes.some((s) => s.speaker === null);
  const taken = [piece.voice, ...piece.speakers.map((s) => s.voice)];
  const out = [...piece.speakers];
  for (const name of names) {
    const main = !told && out.length === 0;
    const fits = nameOf(name) === null || nameOf(name) === voiceNamed(piece.voice.name)?.of;
    const voice = main && fits ? piece.voice : freeVoice(name, piece.voice, taken);
    taken.push(voice);
    out.push({ name, voice });
  }
  return out;
}

/** A draft with voices: one that speaks the language of its words, where the asked one does not, and one for each speaker. */
export function castDraft(draft: Piece, asked = false, others: readonly OtherVoice[] = []): Piece {
  const language = asked ? null : languageOfPiece(draft);
  const other =
    language && language !== languageOfVoice(draft.voice.name)
      ? voiceFor(language, draft.voice, others)
      : null;
  const piece = other ? { ...draft, voice: other } : draft;
  return { ...piece, speakers: castSpeakers(piece) };
}
