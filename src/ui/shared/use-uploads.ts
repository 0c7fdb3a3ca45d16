'use client';

import { nanoid } from 'nanoid';
import PQueue from 'p-queue';
import { useCallback, useMemo, useRef, useState } from 'react';
import { DetailedError, Upload } from 'tus-js-client';

/** Files on their way at a time, and the size of a part. */
const AT_ONCE = 3;
const PART_BYTES = 4_000_000;
/** A clip of gigabytes goes in larger parts. */
const LARGE_FILE = 400_000_000;
const LARGE_PART = 32_000_000;

/** A file on its way. */
export interface Sending {
  id: string;
  file: File;
  /** 0 to 1. */
  done: number;
  problem: string | null;
  /** The file itself is refused: sending it again would change nothing. */
  refused: boolean;
}

/**
 * Uploads in parts: after a broken connection or a reload the same file goes on where it stopped. onArrived is called
 * with the asset that the file became.
 */
export function useUploads(onArrived: (sending: Sending, assetId: string) => Promise<void>) {
  const [sending, setSending] = useState<Sending[]>([]);
  const queue = useMemo(() => new PQueue({ concurrency: AT_ONCE }), []);
  const running = useRef(new Map<string, Upload>());
  const arrived = useRef(onArrived);
  arrived.current = onArrived;
  const patch = useCallback(
    (id: string, change: Partial<Sending>) =>
      setSending((all) => all.map((s) => (s.id === id ? { ...s, ...change } : s))),
    [],
  );

  const send = useCallback(
    (one: Sending) =>
      queue.add(async () => {
        try {
          const assetId = await sendFile(one, (done) => patch(one.id, { done }), running.current);
          await arrived.current(one, assetId);
          setSending((all) => all.filter((s) => s.id !== one.id));
        } catch (e) {
          patch(one.id, { problem: (e as Error).message, refused: e instanceof RefusedError });
        } finally {
          running.current.delete(one.id);
        }
      }),
    [queue, patch],
  );
  const add = useCallback(
    (files: File[]) => {
      const fresh = files.map(
        (file): Sending => ({ id: nanoid(10), file, done: 0, problem: null, refused: false }),
      );
      setSending((all) => [...all, ...fresh]);
      for (const s of fresh) void send(s);
    },
    [send],
  );
  const again = useCallback(
    (one: Sending) => {
      patch(one.id, { problem: null, done: 0 });
      void send({ ...one, problem: null });
    },
    [patch, send],
  );
  const forget = useCallback((id: string) => {
    void running.current.get(id)?.abort();
    setSending((all) => all.filter((s) => s.id !== id));
  }, []);
  return { sending, add, again, forget };
}

/** The folders that a file lies in, when a whole folder was brought. */
const folderOf = (file: File): string => file.webkitRelativePath.split('/').slice(0, -1).join('/');

class RefusedError extends Error {}

function sendFile(
  one: Sending,
  onDone: (done: number) => void,
  running: Map<string, Upload>,
): Promise<string> {
  return new Promise((resolve, reject) => {
    const upload = new Upload(one.file, {
      endpoint: '/api/uploads',
      chunkSize: one.file.size > LARGE_FILE ? LARGE_PART : PART_BYTES,
      metadata: { filename: one.file.name, folder: folderOf(one.file) },
      retryDelays: [0, 800, 2500, 5000, 10_000],
      removeFingerprintOnSuccess: true,
      onShouldRetry: (e) =>
        !(
          e instanceof DetailedError &&
          /^4(0[0-9]|1[0-9]|22)$/.test(String(e.originalResponse?.getStatus() ?? ''))
        ),
      onProgress: (sent, total) => onDone(total ? sent / total : 0),
      onError: (e) => {
        const text = e instanceof DetailedError ? e.originalResponse?.getBody() : '';
        if (e instanceof DetailedError && e.originalResponse?.getStatus() === 422 && text?.trim())
          reject(new RefusedError(text.trim()));
        reject(
          new Error(text?.trim() || 'The connection broke off. Try again; it goes on where it stopped.'),
        );
      },
      onSuccess: ({ lastResponse }) => {
        const id = lastResponse.getHeader('X-Asset');
        if (id) resolve(id);
        else reject(new Error('The server did not say what became of the file. Try again.'));
      },
    });
    running.set(one.id, upload);
    void upload.findPreviousUploads().then((before) => {
      const last = before[0];
      if (last) upload.resumeFromPreviousUpload(last);
      upload.start();
    });
  });
}
