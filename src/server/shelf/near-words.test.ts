import { describe, expect, it } from 'vitest';
import { contentWords } from '../../core/text/tokens.ts';
import { lookUp, wordNet } from './near-words.ts';

const words = async (line: string, of: string) =>
  ((await lookUp(line)).nearWords.get(of) ?? []).map((k) => k.word);

describe('words near to a word', () => {
  it('are what it is, what is one, other words for it and its other forms', async () => {
    const net = await wordNet();
    const of = (word: string, relation: string) =>
      net
        .nearWords(word, 'noun')
        .filter((k) => k.relation === relation)
        .map((k) => k.word);
    expect(of('spaniel', 'kind of')).toContain('dog');
    expect(of('physician', 'same')).toContain('doctor');
    expect(of('vegetable', 'example').length).toBeGreaterThan(3);
    expect(net.nearWords('harvester', 'noun').map((k) => k.word)).toContain('harvest');
    expect(net.nearWords('blorp', 'noun')).toEqual([]);
  });

  it('count less the further they are, and nothing so general that any picture has it', async () => {
    const nearWords = (await wordNet()).nearWords('oak', 'noun');
    expect(nearWords.every((k) => k.worth > 0 && k.worth <= 1)).toBe(true);
    expect(nearWords.map((k) => k.worth)).toEqual([...nearWords.map((k) => k.worth)].sort((a, b) => b - a));
    for (const general of ['entity', 'object', 'thing'])
      expect(nearWords.map((k) => k.word)).not.toContain(general);
  });

  it('are found for words as they stand in a line, by what they are there', async () => {
    expect(await words('Two lorries blocked the lane.', 'lorries')).toContain('truck');
    expect(await words('She sold her violins.', 'violins')).toContain('fiddle');
    expect(await words('They slept until noon.', 'slept')).toContain('slumber');
    expect(await lookUp('')).toEqual({ nearWords: new Map(), phrases: [] });
    expect((await lookUp('🙂 12 —')).nearWords.size).toBe(0);
  });

  it.each([
    ['Open day at the fire station', ['fire station']],
    ['Eat ice cream at the traffic lights.', ['ice cream', 'traffic lights']],
    ['Tell me what you crossed out.', ['crossed']],
    ['She gave up smoking.', ['gave']],
    // What a verb does with a particle is mostly what it does without.
    ['We sit down and write down everything.', []],
    // Nothing is one phrase across a comma, or because of an article.
    ['Fire, station and a cup of tea', []],
  ])('“%s” has the phrases %s', async (line, phrases) => {
    const words = contentWords(line).map((w) => w.text);
    const known = await lookUp(line);
    expect(known.phrases.map((p) => p.at.map((k) => words[k]).join(' '))).toEqual(phrases);
  });
});
