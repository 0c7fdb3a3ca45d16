import { describe, expect, it } from 'vitest';
import { contrary, signsOf } from './contrary.ts';
import { MATCH, ShelfIndex } from './score.ts';
import type { MatchLine, ShelfItem } from './types.ts';

const against = (line: string, picture: string) => contrary(signsOf(line), signsOf(picture));

describe('a picture against its line', () => {
  it.each([
    ['Last winter I missed the train.', 'The red train in summer', true],
    ['Last winter I missed the train.', 'A train in the snow', false],
    ['Last winter I missed the train.', 'A train on the viaduct', false],
    ['A train leaves.', 'The red train in summer', false],
    ['All summer they dream of snow.', 'A cabin in winter', false],
    ['All summer they dream of snow.', 'Leaves in autumn', true],
    ['The street in the evening.', 'The city at night', false],
    ['They work at night.', 'The square in the evening', false],
    ['They start in the morning.', 'The city at night', true],
    ['A rainy morning in April.', 'Sunrise over a field in spring', false],
    ['A rainy morning in April.', 'A sunny sunrise', true],
    ['A rainy morning in April.', 'An umbrella by night', true],
    ['Keep a hot drink in the car.', 'A cold drink with lemon', true],
    ['Keep a hot drink in the car.', 'A mug of tea', false],
    ['Sales fell by half.', 'A growing curve', true],
    ['The shelves were empty.', 'A full shelf', true],
    ['', 'Snow', false],
    ['By Friday he will sleep through.', 'Awake at night: insomnia', true],
    ['Nobody sleeps.', 'Fast asleep', true],
    ['Nobody sleeps.', 'Awake at night', false],
    ['I can’t fall asleep.', 'Fast asleep', true],
    ['Do not worry, sleep well.', 'Fast asleep', false],
    ['The room is not clean.', 'A tidy desk', true],
    ['It is not summer yet.', 'Leaves in autumn', true],
    ['Nobody in the whole of Lower Marsh has slept since.', 'Fast asleep', true],
    ['Nobody in the whole of Lower Marsh has slept since.', 'Awake at night', false],
    ['Nobody came. We slept.', 'Fast asleep', false],
    ['It is thirty degrees warm there.', 'A cold street', true],
  ])('%s | %s', (line, picture, wrong) => {
    expect(against(line, picture)).toBe(wrong);
  });

  it('takes no part of a word for the word', () => {
    expect(signsOf('The wintergreen and the nightingale, by midsummernight').kinds).toBe(0);
    expect(signsOf('WINTER').kinds).not.toBe(0);
  });

  it('loses to one that does not contradict, and only by a share', () => {
    const item = (id: string, title: string): ShelfItem => ({
      ...{ id, title, description: title, tags: ['train', ...title.toLowerCase().split(' ')] },
      ...{ kind: 'still', group: id, palette: id, ground: false, own: false },
      ...{ textVector: Float32Array.of(1, 0), tagsVector: Float32Array.of(1, 0) },
    });
    const index = new ShelfIndex([item('a', 'Train Summer'), item('b', 'Train Hill')], new Map());
    const line = (text: string): MatchLine => ({
      ...{ sceneId: 's', text, brief: '', vector: Float32Array.of(1, 0) },
      ...{ context: null, briefVector: null, wordVectors: [] },
    });
    const score = (text: string) =>
      Object.fromEntries(index.rank(line(text)).map((s) => [s.item.id, s.score]));
    const plain = score('A train');
    const winter = score('A train, winter');
    expect(plain.a).toBeCloseTo(plain.b as number);
    expect((winter.a as number) / (winter.b as number)).toBeCloseTo(1 - MATCH.contrary);
  });
});
