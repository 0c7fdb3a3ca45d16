import { EventEmitter } from 'node:events';
import { eq } from 'drizzle-orm';
import type { HistoryEntry } from '../../api/edits.ts';
import { appendEdits, type LoadedPiece } from '../../api/pieces.ts';
import type { RenderView } from '../../api/renders.ts';
import { seeded } from '../../core/hash.ts';
import { type Edit, pieceEditing, sceneEdit } from '../../core/piece/edit.ts';
import { editSchema } from '../../core/piece/schema.ts';
import type { Piece } from '../../core/piece/types.ts';
import { db } from '../../server/db/client.ts';
import { edits } from '../../server/db/schema.ts';
import { browserClock } from '../../ui/sync/clock.ts';
import { storageKeeper } from '../../ui/sync/keeper.ts';
import { sendEntries } from '../../ui/sync/send.ts';
import { DocStore } from '../../ui/sync/store.ts';
import { MemoryStorage } from './world.ts';

const pause = (ms: number) => new Promise((r) => setTimeout(r, ms));

/** An answer with all of its body: the server may be killed in the midst of it. */
async function wholeAnswer(url: string, init: RequestInit): Promise<Response> {
  const response = await fetch(url, { ...init, signal: AbortSignal.timeout(10_000) });
  const body = await response.arrayBuffer();
  // Some answers may have no body.
  return new Response(body.byteLength ? body : null, { status: response.status, headers: response.headers });
}

/** Asks until an answer comes that is one: the server may be down at any moment. Throws after some time. */
export async function insist(url: string, init: RequestInit = {}, patienceMs = 60_000): Promise<Response> {
  const until = Date.now() + patienceMs;
  for (;;) {
    const response = await wholeAnswer(url, init).catch(() => null);
    if (response && response.status < 500) return response;
    if (Date.now() > until)
      throw new Error(`${url} does not answer (${response?.status ?? 'no connection'}).`);
    await pause(200);
  }
}

/** A writer who types into a piece through the real modules of the interface, whatever happens to the server. */
export class Writer {
  /** Ids of the edits that were shown as saved. */
  readonly promised = new Set<string>();
  readonly saved = new EventEmitter();
  private readonly random = seeded('writer');
  private readonly entered = new Set<string>();
  private typing = true;

  private constructor(
    readonly pieceId: string,
    private readonly store: DocStore<Piece, Edit>,
  ) {
    store.store.subscribe(() => {
      if (store.state.save.kind !== 'saved') return;
      const aside = new Set(store.state.aside.map((a) => a.entry.id));
      for (const id of this.entered) if (!aside.has(id)) this.promised.add(id);
      this.saved.emit('saved');
    });
  }

  static async begin(base: string, script: string): Promise<Writer> {
    const made = await insist(`${base}/api/pieces`, {
      method: 'POST',
      body: JSON.stringify({ script, split: 'line', format: '9:16', voice: 'maud', mood: null }),
    });
    const { id } = (await made.json()) as { id: string };
    const loaded = (await (await insist(`${base}/api/pieces/${id}`)).json()) as LoadedPiece;
    const keeper = storageKeeper(new MemoryStorage(), { id, edit: editSchema }, 'window', browserClock.now);
    const { write } = keeper;
    let writer: Writer | null = null;
    keeper.write = (entries: readonly HistoryEntry[]) => {
      for (const e of entries) writer?.entered.add(e.id);
      write(entries);
    };
    let n = 0;
    const store = new DocStore({
      ...{ editing: pieceEditing, id, doc: loaded.piece, rev: loaded.rev, history: loaded.history, keeper },
      clock: browserClock,
      send: (baseRev, entries) => sendEntries(appendEdits, id, baseRev, entries),
      newId: () => `w${n++}-${id}`,
    });
    writer = new Writer(id, store);
    return writer;
  }

  /** Types until it is told to stop. */
  async type(): Promise<void> {
    for (let i = 0; this.typing; i++) {
      const { scenes } = this.store.state.doc;
      const id = scenes[Math.floor(this.random() * scenes.length)]?.id;
      if (id) this.store.apply(sceneEdit('type', id, { shown: `Words ${i} of the writer.` }, 'type'));
      await pause(40 + this.random() * 160);
    }
  }

  /** Edits that were shown as saved and are not stored exactly once, and those that the server refused: there are none. */
  async lost(): Promise<string[]> {
    const rows = await db().select({ id: edits.id }).from(edits).where(eq(edits.pieceId, this.pieceId));
    const times = new Map<string, number>();
    for (const { id } of rows) times.set(id, (times.get(id) ?? 0) + 1);
    return [
      ...this.store.state.aside.map((a) => `${a.entry.id} was set aside: ${a.refusal}`),
      ...[...this.promised].filter((id) => times.get(id) !== 1),
    ];
  }

  stop(): void {
    this.typing = false;
  }

  /** When the next edit that is made from now on is shown as saved; null when that takes longer. */
  async nextSaved(patienceMs: number): Promise<number | null> {
    const began = Date.now();
    const waiting = new Promise<number>((resolve) =>
      this.saved.once('saved', () => resolve(Date.now() - began)),
    );
    return Promise.race([waiting, pause(patienceMs).then(() => null)]);
  }

  /** Waits until everything is saved. */
  async rest(patienceMs: number): Promise<boolean> {
    const until = Date.now() + patienceMs;
    while (this.store.state.save.kind !== 'saved' && Date.now() < until) await pause(100);
    return this.store.state.save.kind === 'saved';
  }
}

const TUS = { 'tus-resumable': '1.0.0' };
const CHUNK = 200_000;

/** Sends a file in parts that are taken up again after a failure (tus 1.0.0). Gives the asset's id, or what the server said. */
export async function upload(base: string, bytes: Buffer, name: string): Promise<string> {
  // The server may have taken the file in and been killed before it could say so: then it is sent once more.
  for (let i = 0; i < 5; i++) {
    const outcome = await uploadOnce(base, bytes, name);
    if (outcome !== 'gone') return outcome;
  }
  return 'damaged: it was gone five times';
}

async function uploadOnce(base: string, bytes: Buffer, name: string): Promise<string> {
  const created = await insist(`${base}/api/uploads`, {
    method: 'POST',
    headers: {
      ...TUS,
      'upload-length': String(bytes.length),
      'upload-metadata': `filename ${Buffer.from(name).toString('base64')}`,
    },
  });
  const location = new URL(created.headers.get('location') ?? '', `${base}/api/uploads/`).href;
  for (;;) {
    const head = await insist(location, { method: 'HEAD', headers: TUS });
    if (head.status === 404 || head.status === 410) return 'gone';
    const offset = Number(head.headers.get('upload-offset'));
    const part = await fetch(location, {
      method: 'PATCH',
      headers: { ...TUS, 'content-type': 'application/offset+octet-stream', 'upload-offset': String(offset) },
      body: new Uint8Array(bytes.subarray(offset, offset + CHUNK)),
      signal: AbortSignal.timeout(20_000),
    }).catch(() => null);
    const asset = part?.headers.get('x-asset');
    if (asset) return asset;
    if (part && part.status === 422) return part.text();
    if (!part?.ok) await pause(300);
  }
}

/** Has a piece rendered, and waits for its end. */
export async function renderToEnd(
  base: string,
  pieceId: string,
  patienceMs: number,
): Promise<RenderView | null> {
  const asked = await insist(`${base}/api/renders`, {
    method: 'POST',
    body: JSON.stringify({ pieceId, height: 480 }),
  });
  const { id } = (await asked.json()) as { id: string };
  const until = Date.now() + patienceMs;
  while (Date.now() < until) {
    const view = (await (await insist(`${base}/api/renders/${id}`)).json()) as RenderView;
    if (view.state === 'done' || view.state === 'failed') return view;
    await pause(500);
  }
  return null;
}
