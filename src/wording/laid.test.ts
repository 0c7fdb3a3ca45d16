import { expect, it } from 'vitest';
import { laidWords, toldWords } from './laid.ts';

it('says in a sentence what the sheet takes a thing for, and what will come of it', () => {
  expect(laidWords({ kind: 'nothing' })).toBe('');
  expect(laidWords({ kind: 'address', targetMs: 45_000 })).toBe(
    'An address: the page is read and told in 0:45.',
  );
  const script = { kind: 'script', words: 84, scenes: 1, ms: 38_000, photos: 0, clips: 0 } as const;
  expect(laidWords(script)).toBe('A script of 84 words: 1 scene, about 0:38.');
  expect(laidWords({ ...script, scenes: 7, photos: 3, clips: 1 })).toBe(
    'A script of 84 words: 7 scenes, about 0:38; 3 photos and 1 clip laid beside it.',
  );
  expect(laidWords({ kind: 'article', words: 940, ms: 372_000, scenes: 9, targetMs: 45_000 })).toBe(
    'An article of 940 words: about 9 scenes, 0:45. Said whole it would be 6:12.',
  );
  expect(laidWords({ kind: 'photos', photos: 14, clips: 0, ms: 42_000, span: 'evening' })).toBe(
    '14 photos of one evening: 0:42.',
  );
});

it('says what was read in a script with directions, and what of it is not said', () => {
  const nothing = {
    pictures: 0,
    written: 0,
    names: 0,
    notes: 0,
    times: 0,
    hashtags: 0,
    numbers: 0,
    marks: 0,
  };
  expect(toldWords({ ...nothing, pictures: 2, written: 1, names: 3, times: 3, hashtags: 1 })).toBe(
    'Read as a script with directions: 2 pictures asked for and 1 text on the screen. Not said: 3 names of parts, 3 times and 1 line of hashtags.',
  );
  expect(toldWords({ ...nothing, names: 1, notes: 1 })).toBe(
    'Read as a script with directions. Not said: 1 name of a part and 1 note on sound or making.',
  );
  expect(toldWords({ ...nothing, marks: 4 })).toBe('Not said: 4 signs of Markdown.');
  expect(toldWords({ ...nothing, numbers: 5 })).toBe('Not said: 5 numbers of a thread.');
});
