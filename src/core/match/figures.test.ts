import { describe, expect, it } from 'vitest';
import { asMeant } from './figures.ts';

describe('figures of speech', () => {
  it('stand as what they mean, with what was said', () => {
    expect(asMeant('He finally admitted that the law was a dead duck.')).toEqual({
      text: 'He finally admitted that the law was a a failure without hope.',
      figures: [{ said: 'dead duck', meant: 'a failure without hope' }],
    });
    expect(asMeant('It cost an arm and a leg.').text).toBe('It very expensive.');
    expect(asMeant('I gave him a bit of my mind.').text).toBe('I complain angrily.');
    expect(asMeant('They pulled her leg.').figures).toEqual([{ said: 'pulled her leg', meant: 'joke' }]);
    expect(asMeant('You must put your foot down now.').text).toBe('You must decide firmly and refuse now.');
    expect(asMeant('Out of the blue she called.').figures[0]?.meant).toBe('suddenly and by surprise');
    expect(asMeant('You toss and turn until two.').text).toBe('You cannot sleep at night until two.');
    expect(asMeant('It isn’t rocket science.').text).toBe('It very easy.');
    expect(asMeant('He stabbed us in the back.').figures[0]?.meant).toBe('betrayed');
    expect(asMeant('The move was a walk in the park.').figures[0]?.meant).toBe('very easy');
    expect(asMeant('A joke can break the ice.').figures).toHaveLength(1);
    expect(asMeant('Fishing is not my cup of tea.').figures[0]?.meant).toBe('favourite thing');
    expect(asMeant('A wolf in sheep’s clothing.').figures).toHaveLength(1);
  });

  it('are not read into what is meant as it is said', () => {
    for (const text of [
      'The duck swam on the pond.',
      'He broke the thin ice.',
      'A cup of teas.',
      'A bowl of water helps, if you break the ice.',
      'Pull the plug, count to ten, put it back.',
      'We start with a cup of tea, not with a drill.',
      'Two birds, one stone.',
      'We took a walk in the park.',
      'She stood on her toes.',
      'The tables turned slowly.',
      '',
    ])
      expect(asMeant(text)).toEqual({ text, figures: [] });
  });
});
