import { describe, expect, it } from 'vitest';
import { plainVoice } from '../../core/piece/types.ts';
import { integratedLoudness, truePeak } from '../../core/sound/loudness.ts';
import { VOICES } from '../../core/sound/voices.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import { flite } from './flite.ts';

const LINE = 'On Thursday, forty-one radios — worth £9 each — went home playing again.';

describe('flite', () => {
  for (const v of VOICES.filter((v) => v.language === 'en'))
    it(`speaks as ${v.name}: every word timed in order, even loudness, no clipping`, async () => {
      const { samples, words } = await flite.speak(LINE, plainVoice(v.name), []);
      expect(words.map((w) => LINE.slice(w.start, w.end))).toEqual(LINE.split(' ').filter((w) => w !== '—'));
      words.forEach((w, i) => {
        expect(w.endMs).toBeGreaterThan(w.startMs);
        if (i) expect(w.startMs).toBeGreaterThanOrEqual((words[i - 1]?.endMs ?? 0) - 1);
      });
      expect(words[0]?.startMs).toBeLessThan(120);
      expect(words.at(-1)?.endMs).toBeLessThanOrEqual((samples.length * 1000) / SAMPLE_RATE);
      expect(Math.abs(integratedLoudness([samples]) + 16)).toBeLessThan(1);
      expect(truePeak([samples])).toBeLessThanOrEqual(-1);
    });

  it('keeps word times and sound together: loud where words are, quiet before the first and after the last', async () => {
    const { samples, words } = await flite.speak('Stop. Now go.', plainVoice('maud'), []);
    const level = (fromMs: number, toMs: number) => {
      const part = samples.subarray(Math.round(fromMs * 48), Math.round(toMs * 48));
      return Math.sqrt(part.reduce((s, v) => s + v * v, 0) / Math.max(1, part.length));
    };
    const spoken = level(words[0]?.startMs ?? 0, words[0]?.endMs ?? 0);
    expect(level(0, (words[0]?.startMs ?? 0) - 15)).toBeLessThan(spoken / 8);
  });

  it('is quicker at a higher pace', async () => {
    const slow = await flite.speak('One two three four five six.', { ...plainVoice('alder'), pace: 0.8 }, []);
    const quick = await flite.speak(
      'One two three four five six.',
      { ...plainVoice('alder'), pace: 1.3 },
      [],
    );
    expect(quick.samples.length / slow.samples.length).toBeCloseTo(0.8 / 1.3, 1);
  });

  it('speaks long texts in runs with all words', async () => {
    const text = Array.from({ length: 60 }, (_, i) => `Sentence number ${i} is here.`).join(' ');
    const { words } = await flite.speak(text, { ...plainVoice('fenn'), pace: 1.3 }, []);
    expect(words.length).toBe(text.split(' ').length);
    expect(words.every((w, i) => i === 0 || w.startMs >= (words[i - 1]?.startMs ?? 0))).toBe(true);
  });

  it('survives accents, emoji, links and endless words, and says what it cannot speak', async () => {
    const { words } = await flite.speak(
      `Zoë’s café 🙂 costs €5 https://example.org/x ${'y'.repeat(3000)} &more #tag`,
      plainVoice('maud'),
      [],
    );
    expect(words.length).toBeGreaterThan(6);
    await expect(flite.speak('🙂 — …', plainVoice('maud'), [])).rejects.toMatchObject({
      failure: { code: 'unspeakable' },
    });
    await expect(flite.speak('Hello', plainVoice('nobody'), [])).rejects.toMatchObject({
      failure: { code: 'no-voice' },
    });
  });
});
