import numbers from 'number-to-words';
import { sceneEdit } from '../../piece/edit.ts';
import { spokenOf } from '../../piece/types.ts';
import { speechForms } from '../../text/speech.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface VoiceDiffersFinding extends Finding {
  /** On the screen, and not in what is said. */
  words: string[];
}

/** What is heard of a text, in small letters, figures as words. */
const heard = (text: string, figure = asNumber): string =>
  ` ${speechForms(text)
    .map((f) => f.form)
    .join(' ')
    .replace(/\d+/g, (n) => figure(Number(n)))
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .replace(/\band\b/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()} `;

const LARGEST = 1e12;
const asNumber = (n: number): string => (n < LARGEST ? numbers.toWords(n) : String(n));
/** 1984 as "nineteen eighty-four". */
const asYear = (n: number): string =>
  n >= 1100 && n < 2100 && n % 100 > 9
    ? `${numbers.toWords(Math.floor(n / 100))} ${numbers.toWords(n % 100)}`
    : asNumber(n);

/** Whether a word is heard in a text, in one of the ways in which it can be read. */
const isHeard = (word: string, said: string): boolean =>
  [heard(word), heard(word, asYear), ` ${word.toLowerCase()} `].some((w) => said.includes(w));

/** A figure or a name stands on the screen, and the voice says something else. Mended by saying what is shown. */
export const voiceDiffers: Check<VoiceDiffersFinding> = {
  weight: 'look',
  pass: 'voice',
  find: (input) =>
    rowsOf(input).flatMap(({ scene }) => {
      const { spoken, shown, narration } = scene;
      if (spoken === null || spoken === '' || narration.kind === 'take') return [];
      const said = heard(spokenOf(scene));
      const words = [...shown.matchAll(/\S+/gu)]
        .filter(({ 0: word, index }) => /\d/.test(word) || (NAME.test(word) && !opensSentence(shown, index)))
        .map(({ 0: word }) => word.replace(/^[“‘"'(]+|[.,;:!?…)”’"']+$/gu, ''))
        .filter((word) => !isHeard(word, said));
      if (!words.length) return [];
      return [{ sceneId: scene.id, words, repair: sceneEdit('type-spoken', scene.id, { spoken: null }) }];
    }),
};

const NAME = /^[“‘"'(]*\p{Lu}\p{Ll}/u;
const opensSentence = (text: string, at: number): boolean =>
  /(^|[.!?:…\n]["”’)]*\s+)["“‘(]*$/u.test(text.slice(0, at));
