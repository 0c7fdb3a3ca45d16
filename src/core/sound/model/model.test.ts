import { describe, expect, it } from 'vitest';
import { smallVoice } from '../../../stand-in/small-voice.ts';
import { isVoiceName, languageOfVoice, otherVoice, otherVoiceName } from '../voices.ts';
import {
  MOST_SPEAKERS,
  metadataOf,
  tokensOf,
  type VoiceModel,
  voiceModelOf,
  voicesOfModel,
} from './config.ts';
import { isOnnx, onnxProperties } from './onnx.ts';

const json = JSON.parse(smallVoice().json);
const model = (change: object = {}) => voiceModelOf({ ...json, ...change }) as VoiceModel;

describe('the JSON beside a voice', () => {
  it('gives its rate, its language, its sounds and how it varies', () => {
    expect(model()).toMatchObject({
      ...{ rate: 16_000, sounds: 'en-us', language: 'en', country: 'Osierwick', title: 'tin' },
      ...{ quality: 'x_low', people: 1, speakers: [''], noise: 0.667, noiseOfLengths: 0.8, length: 1 },
    });
    expect(tokensOf(model()).split('\n').slice(0, 4)).toEqual(['_ 0', '^ 1', '$ 2', '  3']);
    expect(tokensOf(model()).endsWith('\n')).toBe(true);
    expect(metadataOf(model())).toMatchObject({ voice: 'en-us', n_speakers: '1', sample_rate: '16000' });
  });

  it('says the language as documents do, also where it is called otherwise or not said', () => {
    const language = (code: object | undefined, voice = 'xx') =>
      model({ language: code, espeak: { voice } }).language;
    expect(language({ family: 'no', code: 'no_NO' })).toBe('nb');
    expect(language({ code: 'pt_BR' })).toBe('pt');
    expect(language(undefined, 'cmn')).toBe('zh');
    expect(language(undefined, 'EN-gb-x-rp')).toBe('en');
  });

  it('has the people by their number, up to so many, and keeps how many there are', () => {
    const several = model({ num_speakers: 3, speaker_id_map: { zoe: 2, ada: 0 } });
    expect(several.speakers).toEqual(['ada', '', 'zoe']);
    const voices = voicesOfModel(several, '0123456789ab', 'en_GB-three_of_us-medium');
    expect(voices.map((v) => v.label)).toEqual([
      'Three of us, ada',
      'Three of us, voice 2',
      'Three of us, zoe',
    ]);
    expect(new Set(voices.map((v) => v.name)).size).toBe(3);
    const label = (file: string, title = '') => voicesOfModel({ ...model(), title }, 'a', file)[0]?.label;
    expect(label('de-karl-x_low')).toBe('Karl');
    expect(label('my-own-voice')).toBe('My own voice');
    expect(label('voice-1f2e3d', 'grandma')).toBe('Grandma');
    const crowd = model({ num_speakers: 900 });
    expect([crowd.speakers.length, crowd.people]).toEqual([MOST_SPEAKERS, 900]);
  });

  it('is none when what is needed is missing or out of all measure', () => {
    for (const change of [
      { audio: {} },
      { audio: { sample_rate: 1 } },
      { espeak: { voice: '../../etc' } },
      { espeak: undefined },
      { phoneme_id_map: {} },
      { phoneme_id_map: { a: [-1], b: [1], c: [1], d: [1], e: [1] } },
      { phoneme_type: 'text' },
      { num_speakers: 0 },
      { inference: { length_scale: 0 } },
    ])
      expect(voiceModelOf({ ...json, ...change }), JSON.stringify(change)).toBeNull();
    for (const none of [null, 3, 'text', [], {}]) expect(voiceModelOf(none)).toBeNull();
  });
});

describe('an ONNX model', () => {
  const { onnx } = smallVoice();

  it('is known by its content, whole, with properties put to its end too', () => {
    expect(isOnnx(onnx)).toBe(true);
    const more = onnxProperties({ voice: 'en-us', ключ: 'значение' });
    expect(isOnnx(new Uint8Array([...onnx, ...more]))).toBe(true);
    expect(Buffer.from(more).includes('значение')).toBe(true);
    expect(onnxProperties({})).toHaveLength(0);
  });

  it('is none when it is cut off, empty, or something else', () => {
    for (const cut of [0, 1, 2, 100, onnx.length - 1])
      expect(isOnnx(onnx.subarray(0, cut)), `${cut}`).toBe(false);
    for (const other of ['{"a": 1}', 'RIFF....WAVE', '%PDF-1.7', '\x08'])
      expect(isOnnx(Buffer.from(other)), other).toBe(false);
  });
});

describe('names of other voices', () => {
  it('say their kind and language, and no other name does', () => {
    const name = otherVoiceName('served', 'de', 'osier-speakers.edda');
    expect(otherVoice(name)).toEqual({ kind: 'served', language: 'de', id: 'osier-speakers.edda' });
    expect([languageOfVoice(name), languageOfVoice('frieda'), languageOfVoice('nobody')]).toEqual([
      'de',
      'de',
      'en',
    ]);
    expect(isVoiceName(name) && isVoiceName('maud')).toBe(true);
    for (const none of [
      'nobody',
      'own:en:',
      'own:english:a',
      'own:en:../../x',
      'theirs:en:a',
      `own:en:${'a'.repeat(70)}`,
    ])
      expect(isVoiceName(none), none).toBe(false);
  });
});
