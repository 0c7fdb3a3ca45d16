import { afterAll, expect, it } from 'vitest';
import { HOSTILE_KINDS, hostile } from '../../../studio/fixtures/hostile.ts';
import { type FailureCode, failureOf } from '../../core/failure.ts';
import { apart, closeApart, pictureApart } from './apart.ts';

afterAll(closeApart);

/** What hostile material may be answered with: words that say what it is, none that say the program is at fault. */
const BAD: FailureCode[] = ['unknown', 'busy', 'bad-request'];

/** The whole of them, by the hundred, are run by `nabbet test faults`: many are stopped only by their time. */
const QUICK = /brackets|prices|a number|a table|full stops|a PDF|billion|groups|phone|noise|one word/;

it.each(HOSTILE_KINDS.map((kind, n) => [kind, n] as const).filter(([kind]) => QUICK.test(kind)))(
  '%s is read or refused with words',
  async (kind, n) => {
    const { way, name, bytes, kind: made } = await hostile(n, 'test');
    expect(made).toBe(kind);
    const read = async () => {
      switch (way) {
        case 'paste':
          return apart('read-pasted', bytes.toString('utf8'), null, 'auto');
        case 'file':
          return apart('read-file', bytes, name, 'auto');
        case 'picture':
          return pictureApart(bytes, { title: kind, licence: 'own', origin: null });
        default:
          return way satisfies never;
      }
    };
    const code = await read().then(
      () => null,
      (e: unknown) => failureOf(e).code,
    );
    expect(BAD).not.toContain(code);
  },
);
