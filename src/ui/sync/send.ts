import type { Behind, HistoryEntry } from '../../api/edits.ts';
import type { Endpoint } from '../../api/endpoint.ts';
import type { EditHead } from '../../core/editing.ts';
import { ApiError, call } from '../shared/api.ts';
import type { SendResult } from './queue.ts';

/** An endpoint that stores entries of a document. */
export type AppendEndpoint<E extends EditHead> = Endpoint<
  { id: string },
  unknown,
  { baseRev: number; entries: HistoryEntry<E>[] },
  { rev: number }
>;

/** A request that is not answered for so long is taken to be lost, milliseconds: the entries are sent again. */
const PATIENCE_MS = 30_000;

/** Stores entries of a document on the server. */
export async function sendEntries<E extends EditHead>(
  endpoint: AppendEndpoint<E>,
  id: string,
  baseRev: number,
  entries: readonly HistoryEntry<E>[],
  keepalive = false,
): Promise<SendResult<E>> {
  try {
    const { rev } = await call(
      endpoint,
      { params: { id }, body: { baseRev, entries: [...entries] } },
      { keepalive, signal: AbortSignal.timeout(PATIENCE_MS) },
    );
    return { kind: 'stored', rev };
  } catch (e) {
    const { message } = e as Error;
    if (!(e instanceof ApiError)) return { kind: 'unreachable', message };
    if (e.failure.code === 'behind') return { kind: 'behind', ...(e.body as unknown as Behind<E>) };
    if (e.status >= 500 || e.status === 429) return { kind: 'unreachable', message };
    return { kind: 'refused', message };
  }
}
