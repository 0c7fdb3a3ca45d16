import { afterAll, describe, expect, it } from 'vitest';
import { plainVoice } from '../../core/piece/types.ts';
import { closeApart } from '../apart/apart.ts';
import { soundsOf } from './reference.ts';
import { takeOf } from './takes.ts';

afterAll(closeApart);

const soundsIn = async (text: string, name: string, pauses = 1) => {
  const voice = { ...plainVoice(name), pauses };
  const take = await takeOf({ text, voice, says: [], recorded: null });
  const sounds = await soundsOf(take.words, text, voice, []);
  const of = (word: string) => {
    const w = take.words.find((x) => text.slice(x.start, x.end) === word);
    return sounds.filter((s) => w && s.startMs >= w.startMs - 1 && s.endMs <= w.endMs + 1);
  };
  return { take, sounds, of };
};

describe('the sounds of a take', () => {
  it('are those of its words in IPA, in the order and within the time of each', async () => {
    const text = 'The old ferry waits, until six.';
    const { take, sounds, of } = await soundsIn(text, 'bram', 1.8);
    expect(
      of('ferry')
        .map((s) => s.sound)
        .join(''),
    ).toMatch(/^fɛɹi$/);
    expect(
      of('six.')
        .map((s) => s.sound)
        .join(''),
    ).toBe('sɪks');
    for (const [i, s] of sounds.entries()) {
      expect(s.endMs).toBeGreaterThan(s.startMs);
      if (i) expect(s.startMs).toBeGreaterThanOrEqual((sounds[i - 1]?.endMs ?? 0) - 1);
    }
    for (const w of take.words) {
      const own = sounds.filter((s) => s.startMs >= w.startMs - 1 && s.endMs <= w.endMs + 1);
      expect(own[0]?.startMs).toBeLessThanOrEqual(w.startMs + 3);
      expect(own.at(-1)?.endMs).toBeGreaterThanOrEqual(w.endMs - 3);
    }
  });

  it('are there for other languages, and for numbers under the word that is written', async () => {
    const { of, sounds } = await soundsIn('Der Bäcker öffnet um 6 Uhr.', 'frieda');
    expect(
      of('Bäcker')
        .map((s) => s.sound)
        .join(''),
    ).toMatch(/^bɛk/);
    expect(
      of('6')
        .map((s) => s.sound)
        .join(''),
    ).toMatch(/^z/);
    expect(sounds.every((s) => !/["\\]/.test(s.sound))).toBe(true);
  });

  it('are none where nobody here speaks the language', async () => {
    expect(
      await soundsOf([{ start: 0, end: 4, startMs: 0, endMs: 400 }], 'Saluton', plainVoice('own:eo:abc'), []),
    ).toEqual([]);
  });
});
