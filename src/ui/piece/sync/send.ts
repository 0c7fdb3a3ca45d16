import { appendEdits, type Behind, type HistoryEntry } from '../../../api/pieces.ts';
import { ApiError, call } from '../../shared/api.ts';
import type { SendResult } from './queue.ts';

/** Stores entries of a piece on the server. */
export async function sendEntries(
  id: string,
  baseRev: number,
  entries: readonly HistoryEntry[],
  keepalive = false,
): Promise<SendResult> {
  try {
    const { rev } = await call(
      appendEdits,
      { params: { id }, body: { baseRev, entries: [...entries] } },
      { keepalive },
    );
    return { kind: 'stored', rev };
  } catch (e) {
    const { message } = e as Error;
    if (!(e instanceof ApiError)) return { kind: 'unreachable', message };
    if (e.failure.code === 'behind') return { kind: 'behind', ...(e.body as unknown as Behind) };
    if (e.status >= 500 || e.status === 429) return { kind: 'unreachable', message };
    return { kind: 'refused', message };
  }
}
