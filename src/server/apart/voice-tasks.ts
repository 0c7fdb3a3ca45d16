import sherpa, { type OfflineTts } from 'sherpa-onnx-node';
import type { ReadyVoice, VoiceTasks } from './tasks.ts';

/** Where Debian puts the data by which eSpeak NG turns letters into sounds. */
const SOUNDS_OF_LETTERS = `/usr/lib/${process.arch === 'arm64' ? 'aarch64' : 'x86_64'}-linux-gnu/espeak-ng-data`;

/** Models that are kept loaded; the one that was used last stands last. */
const MODELS_LOADED = 2;
const loaded = new Map<string, OfflineTts>();

function modelOf({ file, tokens, ways }: Omit<ReadyVoice, 'speaker'>): OfflineTts {
  const known = loaded.get(file);
  loaded.delete(file);
  const model =
    known ??
    new sherpa.OfflineTts({
      model: {
        vits: {
          model: file,
          tokens,
          dataDir: SOUNDS_OF_LETTERS,
          noiseScale: ways.noise,
          noiseScaleW: ways.noiseOfLengths,
          lengthScale: ways.length,
        },
        numThreads: 2,
        provider: 'cpu',
      },
      maxNumSentences: 1,
    });
  loaded.set(file, model);
  for (const old of loaded.keys()) if (loaded.size > MODELS_LOADED) loaded.delete(old);
  return model;
}

export const VOICE_TASKS: VoiceTasks = {
  say: async ({ speaker, ...voice }, text, pace) => {
    const { samples, sampleRate } = modelOf(voice).generate({ text, sid: speaker, speed: pace });
    return { samples: Float32Array.from(samples), rate: sampleRate };
  },
};
