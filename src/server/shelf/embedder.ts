import { readFile } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { LRUCache } from 'lru-cache';
import { Piscina } from 'piscina';
import type { Vector } from '../../core/match/types.ts';
import { CONFIG } from '../config.ts';
import { unpackVector, WORDS_FILE } from './catalogue.ts';

/** Text to meaning: unit vectors of one length. */
export interface Embedder {
  embed(texts: readonly string[]): Promise<Vector[]>;
}

/** Threads at most: the model takes about 150 MB in each. */
const THREADS = 4;

let threads: Piscina<string[], Float32Array[]> | null = null;

/** Threads that read lines, as many as there are processors. */
function readers(): Piscina<string[], Float32Array[]> {
  threads ??= new Piscina({
    filename: path.join(CONFIG.root, 'src/server/shelf/reading-thread.mjs'),
    maxThreads: Math.min(THREADS, availableParallelism()),
    minThreads: 0,
    idleTimeout: 600_000,
    // Nothing of the loaders of this process is needed there.
    execArgv: [],
  });
  return threads;
}

/** What was read, up to 60 MB. */
const memo = new LRUCache<string, Vector>({
  maxSize: 60_000_000,
  sizeCalculation: (vector, text) => vector.byteLength + 2 * text.length,
});

/** Single words that were read when the shelf was painted, packed: the model takes longer for one than a look here. */
let words: Promise<ReadonlyMap<string, string>> | null = null;

const wordsRead = (): Promise<ReadonlyMap<string, string>> => {
  words ??= readFile(path.join(CONFIG.shelf, WORDS_FILE), 'utf8').then(
    (text) => new Map(Object.entries(JSON.parse(text) as Record<string, string>)),
    () => new Map(),
  );
  return words;
};

/** The sentence model that ships with Nabbet, on the processors. Texts seen before are remembered. */
export const embedder: Embedder = {
  async embed(texts) {
    const here = new Map(
      texts.flatMap((t): [string, Vector][] => {
        const vector = memo.get(t);
        return vector ? [[t, vector]] : [];
      }),
    );
    const learn = (t: string, vector: Vector) => {
      here.set(t, vector);
      memo.set(t, vector);
    };
    const single = texts.filter((t) => !here.has(t) && !t.includes(' '));
    if (single.length) {
      const known = await wordsRead();
      for (const t of single) {
        const packed = known.get(t);
        if (packed) learn(t, unpackVector(packed));
      }
    }
    const fresh = [...new Set(texts.filter((t) => !here.has(t)))];
    if (fresh.length) {
      await Promise.all(
        batches(fresh).map(async (batch) => {
          const vectors = await readers().run(batch);
          for (const [i, t] of batch.entries()) learn(t, unit(vectors[i] ?? new Float32Array()));
        }),
      );
    }
    return texts.map((t) => here.get(t) as Vector);
  },
};

/** Texts that are read together. */
const BATCH = 16;

/** Texts of like length: the model takes as long for a short one as for the longest that is read with it. */
function batches(texts: readonly string[]): string[][] {
  const byLength = texts.toSorted((a, b) => a.length - b.length);
  return Array.from({ length: Math.ceil(byLength.length / BATCH) }, (_, i) =>
    byLength.slice(i * BATCH, (i + 1) * BATCH),
  );
}

function unit(v: Float32Array): Vector {
  const length = Math.hypot(...v) || 1;
  return v.map((x) => x / length);
}
