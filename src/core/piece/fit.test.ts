import { expect, it } from 'vitest';
import { draftFromLines } from '../outline/draft.ts';
import { cutScript, SPLITS } from '../text/script.ts';
import { fitDraft, shortened } from './fit.ts';
import { LIMITS } from './limits.ts';
import { pieceSchema } from './schema.ts';
import { emptyPiece, emptyScene } from './types.ts';

const ids = () => {
  let n = 0;
  return () => `s${n++}`;
};
const options = { format: '9:16', voice: 'maud', mood: null } as const;

const SCRIPTS = {
  'a long remark': `A boat goes by. [${'a boat with red sails '.repeat(40)}]`,
  'many remarks': `A boat goes by. ${'[a red sail] '.repeat(60)}`,
  'a word without end': 'x'.repeat(3 * LIMITS.textLength + 17),
  'letters outside the basic plane': '🜚'.repeat(LIMITS.textLength),
  'a paragraph without end': 'The canal is long and still. '.repeat(900),
  'a title without end': `# ${'A heading that goes on '.repeat(400)}\n\nA boat.`,
  'an opening line without full stop': `${'word '.repeat(2000)}\n\nA boat.`,
} satisfies Record<string, string>;

it.each(Object.entries(SCRIPTS))('makes a piece that can be stored of %s', (_, script) => {
  for (const split of SPLITS) {
    const newId = ids();
    const draft = fitDraft(draftFromLines(cutScript(script, split), options, newId), newId);
    const { error } = pieceSchema.validate({ ...draft, scenes: draft.scenes.slice(0, LIMITS.scenes) });
    expect(error?.message).toBeUndefined();
    const words = script.replace(/\[[^\]]*\]|#/g, ' ').replace(/\s+/g, '');
    expect(
      draft.scenes
        .map((s) => s.shown)
        .join('')
        .replace(/\s+/g, ''),
      split,
    ).toBe(words);
    for (const s of draft.scenes) expect(s.shown.isWellFormed(), split).toBe(true);
  }
});

it('keeps spoken words beside what is shown, and lengths within what a scene may last', () => {
  const scene = {
    ...emptyScene('a'),
    shown: 'Short.',
    spoken: 'Say this. '.repeat(1100).trim(),
    durationMs: 3_000_000,
    from: { ref: 'p1', text: 'y'.repeat(9000) },
  };
  const fitted = fitDraft({ ...emptyPiece(), scenes: [scene], targetMs: 20 * 3_600_000 }, ids());
  expect(pieceSchema.validate(fitted).error?.message).toBeUndefined();
  expect(fitted.scenes.map((s) => s.shown)).toEqual(['Short.', '', '']);
  expect(fitted.scenes.map((s) => s.spoken).join(' ')).toBe(scene.spoken);
  expect(fitted.scenes[0]?.durationMs).toBe(LIMITS.maxSceneMs);
});

it('leaves alone what fits, and shortens at a word', () => {
  const piece = {
    ...emptyPiece(),
    title: 'A',
    scenes: [{ ...emptyScene('a'), shown: 'One.', brief: 'two' }],
  };
  expect(fitDraft(piece, ids())).toEqual(piece);
  expect(shortened('one two three', 13)).toBe('one two three');
  expect(shortened('one two three', 12)).toBe('one two …');
});
