import { Failed, type Failure, failureOf } from '../../core/failure.ts';

/** Codes of a connection that is not there; of one to the database where the driver calls them fatal. */
const CUT = new Set(['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT']);
/** Of a database that is not there: of the driver, and of a server that goes. */
const AWAY = new Set([
  'PROTOCOL_CONNECTION_LOST',
  'PROTOCOL_SEQUENCE_TIMEOUT',
  'ER_SERVER_SHUTDOWN',
  'ER_QUERY_INTERRUPTED',
  'ER_CONNECTION_KILLED',
]);
/** No room: of the file system, and of the database. */
const FULL = new Set(['ENOSPC', 'EDQUOT', 'ER_DISK_FULL', 'ER_RECORD_FILE_FULL', 'ER_ERROR_ON_WRITE']);

/** The failure behind an error, with what the machine does told apart from what nobody expected. */
export function failureBehind(e: unknown): Failure {
  if (e instanceof Failed) return e.failure;
  for (let at: unknown = e, depth = 0; at instanceof Error && depth < 6; at = at.cause, depth++) {
    const { code, errno, fatal } = at as NodeJS.ErrnoException & { fatal?: boolean };
    if (code && (AWAY.has(code) || (fatal && CUT.has(code)))) return { code: 'database-away' };
    // 28 is ENOSPC; the database passes it on as "Got error 28 from storage engine".
    if (
      (code && FULL.has(code)) ||
      (code === 'ER_GET_ERRNO' && /error 28\b/.test(at.message)) ||
      errno === -28
    )
      return { code: 'disk-full' };
  }
  return failureOf(e);
}
