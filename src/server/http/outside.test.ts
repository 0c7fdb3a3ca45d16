import { expect, it } from 'vitest';
import { Failed } from '../../core/failure.ts';
import { ProgramError } from '../program.ts';
import { failureBehind } from './outside.ts';

const error = (code: string, message = code, cause?: unknown) =>
  Object.assign(new Error(message, { cause }), { code });

it('tells a database that is away, and a full disk, however deep they stand', () => {
  for (const code of ['PROTOCOL_CONNECTION_LOST', 'ER_SERVER_SHUTDOWN'])
    expect(failureBehind(error(code))).toEqual({ code: 'database-away' });
  const cut = (code: string) => Object.assign(error(code), { fatal: true });
  for (const code of ['ECONNREFUSED', 'ECONNRESET', 'EPIPE'])
    expect(failureBehind(cut(code))).toEqual({ code: 'database-away' });
  const query = new Error('Failed query: insert', { cause: cut('ECONNREFUSED') });
  expect(failureBehind(query)).toEqual({ code: 'database-away' });
  for (const e of [
    error('ENOSPC'),
    new ProgramError('ffmpeg ended with code 1: x.mp4: No space left on device'),
    error('ER_RECORD_FILE_FULL'),
    error('ER_GET_ERRNO', 'Got error 28 "No space left on device" from storage engine InnoDB'),
    new Error('Failed query: insert', { cause: error('ER_DISK_FULL') }),
  ])
    expect(failureBehind(e)).toEqual({ code: 'disk-full' });
});

it('leaves what is known, and what nobody expected, as it is', () => {
  expect(failureBehind(new Failed({ code: 'no-piece' }))).toEqual({ code: 'no-piece' });
  expect(failureBehind(error('ER_GET_ERRNO', 'Got error 122 from storage engine')).code).toBe('unknown');
  // A pipe to a program that ended is no database.
  expect(failureBehind(error('EPIPE')).code).toBe('unknown');
  expect(failureBehind('x')).toEqual({ code: 'unknown', detail: 'x' });
  const round = new Error('round');
  round.cause = round;
  expect(failureBehind(round).code).toBe('unknown');
});
