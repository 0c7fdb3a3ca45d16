import { describe, expect, it } from 'vitest';
import { applyEdit } from '../piece/edit.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import type { Piece, Placement } from '../piece/types.ts';
import { openingEdit } from './opening.ts';

const LONG =
  'Every Thursday evening five neighbours open the old boathouse on the canal and mend whatever people bring to them.';
const found = (...ids: string[]): Partial<Placement> => ({
  alternatives: ids.map((assetId) => ({ assetId, reasons: [{ code: 'meaning', close: 0.4 }] })),
});
const opening = (shown: string, first: Placement, more: Partial<Piece> = {}) =>
  piece(
    [
      scene('a', shown, { pictures: [first] }),
      scene('b', undefined, { pictures: [picture('q')] }),
      scene('c'),
    ],
    more,
  );

describe('an opening', () => {
  it('that would stand long gets a second picture, one that stands nowhere else, with its reason', () => {
    const p = opening(LONG, picture('p', found('q', 'r', 's')));
    const edit = openingEdit(p);
    const done = edit && applyEdit(p, edit);
    if (!done?.ok) throw new Error('There is none.');
    expect(done.piece.scenes[0]?.pictures).toMatchObject([
      { assetId: 'p', by: 'nab' },
      {
        assetId: 'r',
        by: 'nab',
        reasons: [{ code: 'meaning' }],
        alternatives: [{ assetId: 'q' }, { assetId: 's' }],
      },
    ]);
    expect(openingEdit(done.piece)).toBeNull();
  });

  it('that is short, or of the writer’s choice, or has nothing else, stays as it is', () => {
    expect(openingEdit(opening('The boathouse.', picture('p', found('r'))))).toBeNull();
    expect(openingEdit(opening(LONG, picture('p', { ...found('r'), by: 'writer' })))).toBeNull();
    expect(openingEdit(opening(LONG, picture('p', found('q'))))).toBeNull();
    expect(openingEdit(piece([scene('a', LONG, { pictures: [picture('p', found('r'))] })]))).toBeNull();
    expect(openingEdit(piece([]))).toBeNull();
    // A picture that goes on needs no other one.
    const p = opening(LONG, picture('p', found('r')));
    const on = p.scenes.map((s, i) => ({ ...s, runsOn: i === 1 }));
    expect(openingEdit({ ...p, scenes: on })).toBeNull();
  });
});
