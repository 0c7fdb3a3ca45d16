import { expect, it } from 'vitest';
import { Failed } from '../core/failure.ts';
import { loggedError } from './log.ts';

const SECRET = 'the words of a piece';
const caught = (work: () => unknown): unknown => {
  try {
    return work();
  } catch (e) {
    return e;
  }
};

it('keeps where an error happened, and no words of a piece', () => {
  const query = new Error(`Failed query: insert into pieces values ("${SECRET}")`, {
    cause: Object.assign(new Error(`Incorrect string value: ${SECRET}`), { code: 'ER_TRUNCATED' }),
  });
  const errors = [
    query,
    new Failed({ code: 'bad-request', what: `"${SECRET}" is not allowed` }),
    caught(() => JSON.parse(`${SECRET} and more`)),
    SECRET,
  ];
  for (const e of errors) expect(JSON.stringify(loggedError(e))).not.toContain('words');
  const kept = loggedError(query) as { at: string[]; cause: { code: string } };
  expect(kept.at[0]).toContain('log.test.ts');
  expect(kept.cause.code).toBe('ER_TRUNCATED');
});

it('keeps what the system says of files and ports', () => {
  const full = Object.assign(new Error('ENOSPC: no space left on device, write'), { code: 'ENOSPC' });
  expect(loggedError(full)).toMatchObject({
    code: 'ENOSPC',
    message: expect.stringMatching(/no space left/),
  });
});
