import type Joi from 'joi';
import { describe, expect, it } from 'vitest';
import { sceneEdit } from '../core/piece/edit.ts';
import { optionsSchema } from '../core/piece/options.ts';
import { addressOf, answer, byId, endpoint } from './endpoint.ts';
import { appendEdits, createPiece } from './pieces.ts';
import { searchSchema } from './shelf.ts';

describe('an endpoint', () => {
  it('answers with 200 where it has something to say, else with 204, unless it says otherwise', () => {
    expect(endpoint('GET', '/x', { answer: answer<string>() })).toMatchObject({
      status: 200,
      access: 'writer',
    });
    expect(endpoint('DELETE', '/x', {}).status).toBe(204);
    expect(endpoint('POST', '/x', { answer: answer<string>(), status: 201 }).status).toBe(201);
  });

  it('takes no parameters, queries or bodies that it does not name', () => {
    const { params, query, body } = endpoint('GET', '/x', {});
    expect(params.validate({ id: 'x' }).error).toBeTruthy();
    expect(query.validate({ q: 'x' }).error).toBeTruthy();
    expect([params.validate({}).error, query.validate({}).error, body]).toEqual([undefined, undefined, null]);
  });

  it('has an address with its parameters and query filled in, whatever is in them', () => {
    expect(addressOf({ path: '/api/pieces/:id/edits' }, { id: 'a b/../c?d' })).toBe(
      '/api/pieces/a%20b%2F..%2Fc%3Fd/edits',
    );
    expect(addressOf({ path: '/x' }, {}, { q: 'a&b=c', n: 3, on: false, off: undefined })).toBe(
      '/x?q=a%26b%3Dc&n=3&on=false',
    );
    expect(addressOf({ path: '/x' }, {}, { off: undefined })).toBe('/x');
    expect(addressOf({ path: '/m/:id/:part' }, { id: 'i', part: 'p' })).toBe('/m/i/p');
  });
});

describe('what is asked', () => {
  const edits = appendEdits.body as Joi.ObjectSchema;
  const entry = (more: object = {}) => ({
    ...{ id: 'entry-1', kind: 'do', ref: null, edit: sceneEdit('type', 'a', { shown: 'x' }) },
    ...more,
  });
  const refused = (entries: object[], baseRev: unknown = 0) =>
    edits.validate({ baseRev, entries }).error?.message;

  it('edits are taken as they are made', () => {
    expect(refused([entry(), entry({ id: 'entry-2', kind: 'undo', ref: 'entry-1' })])).toBeUndefined();
    const { merge: _, ...unmerged } = sceneEdit('type', 'a', { shown: 'x' });
    expect(refused([entry({ edit: unmerged })])).toMatch(/merge/);
  });

  it.each([
    ['no entries', [], 0],
    ['too many', Array.from({ length: 501 }, (_, i) => entry({ id: `entry-${i}` })), 0],
    ['an id that is none', [entry({ id: '../x' })], 0],
    ['an id that is too short', [entry({ id: 'x' })], 0],
    ['a kind that is none', [entry({ kind: 'again' })], 0],
    ['a revision below none', [entry()], -1],
    ['a revision that is no number', [entry()], 'last'],
    ['an operation that is none', [entry({ edit: { name: 'x', merge: null, ops: [{ op: 'explode' }] } })], 0],
    ['an edit without operations', [entry({ edit: { name: 'x', merge: null, ops: [] } })], 0],
    ['a field that is none', [entry({ edit: sceneEdit('x', 'a', { price: 3 } as never) })], 0],
    ['a value that is none', [entry({ edit: sceneEdit('x', 'a', { durationMs: 'long' } as never) })], 0],
  ])('edits are refused with %s', (_, entries, rev) => expect(refused(entries, rev)).toBeTruthy());

  it('ids are short, and a script is none that nobody could say', () => {
    expect(byId.validate({ id: '' }).error).toBeTruthy();
    expect(byId.validate({ id: 'x'.repeat(65) }).error).toBeTruthy();
    const script = (text: string) =>
      (createPiece.body as Joi.ObjectSchema).validate({
        ...{ script: text, split: 'line', format: '9:16', voice: 'maud', mood: 'gentle' },
      }).error?.message;
    expect(script('A line.')).toBeUndefined();
    // Pictures may speak for themselves.
    expect(script('   ')).toBeUndefined();
    expect(script('x'.repeat(500_001))).toMatch(/500000/);
  });

  it('options name a format, a voice and a mood that there are, or no music', () => {
    const good = { format: '16:9', voice: 'maud', mood: null };
    expect(optionsSchema.validate(good).error).toBeUndefined();
    for (const bad of [
      { format: '9:2' },
      { format: '18:32' },
      { format: 'tall' },
      { voice: 'nobody' },
      { mood: 'none' },
      { mood: undefined },
    ])
      expect(optionsSchema.validate({ ...good, ...bad }).error).toBeTruthy();
  });

  it('a search has a value for everything that was left out', () => {
    const { error, value } = searchSchema.validate({});
    expect(error).toBeUndefined();
    expect(value).toMatchObject({ q: '' });
    expect(searchSchema.validate({ limit: 100_000 }).error).toBeTruthy();
  });
});
