/** What is used of sherpa-onnx-node, which brings no types of its own. */
declare module 'sherpa-onnx-node' {
  interface Vits {
    model: string;
    tokens: string;
    /** Folder of eSpeak NG's data. */
    dataDir: string;
    noiseScale: number;
    noiseScaleW: number;
    lengthScale: number;
  }
  export interface OfflineTts {
    /** sid: which of a model's people; speed: 1 as it speaks by itself. */
    generate(ask: { text: string; sid: number; speed: number }): {
      samples: Float32Array;
      sampleRate: number;
    };
  }
  const sherpa: {
    OfflineTts: new (config: {
      model: { vits: Vits; numThreads: number; provider: 'cpu' };
      maxNumSentences: number;
    }) => OfflineTts;
  };
  export default sherpa;
}
