import protobuf from 'protobufjs/minimal.js';
import { seeded } from '../core/hash.ts';

/**
 * A voice in the open Piper form that is small enough to be made on the spot: an ONNX model that takes the numbers of sounds
 * and gives for each a tenth of a second of a buzz with its formants, or of noise. It is no voice that anybody would use; it
 * shows that voices of this form are read, tried, spoken with and listened to.
 */
export interface SmallVoice {
  onnx: Uint8Array;
  json: string;
}

const RATE = 16_000;
const PITCH_HZ = 100;
/** Samples of one sound; whole periods of the pitch, so that sounds follow without a click. */
const SOUND = 1440;

const SOUNDS = [
  ...['_', '^', '$', ' ', '!', "'", '(', ')', ',', '-', '.', ':', ';', '?'],
  ...'abcdefhijklmnopqrstuvwxyzæçðøħŋœɐɑɒɓɔɕɖɗɘəɚɛɜɞɟɠɡɢɣɤɥɦɧɨɪɫɬɭɮɯɰɱɲɳɴɵɶɸɹɺɻɽɾʀʁʂʃʄʈʉʊʋʌʍʎʏʐʑʒʔʕʘʙʛʜʝʟʡʢʲˈˌːˑ˞βθχᵻ',
];

/** First and second formant of vowels, Hz (about as Peterson and Barney measured men, 1952). */
const VOWELS: Record<string, [f1: number, f2: number]> = {
  ...{ i: [270, 2290], ɪ: [390, 1990], e: [400, 2100], ɛ: [530, 1840], æ: [660, 1720], a: [730, 1300] },
  ...{ ɑ: [730, 1090], ɒ: [600, 900], ɔ: [570, 840], o: [450, 850], ʊ: [440, 1020], u: [300, 870] },
  ...{ ʌ: [640, 1190], ə: [500, 1400], ɐ: [600, 1300], ɜ: [490, 1350], ɚ: [490, 1350], ᵻ: [400, 1700] },
  ...{ m: [250, 1000], n: [250, 1500], ŋ: [250, 2000], l: [360, 1200], ɹ: [420, 1200], w: [290, 700] },
  ...{ j: [260, 2200], v: [300, 1100], ð: [300, 1300], z: [250, 1700], ʒ: [250, 1800], b: [250, 800] },
  ...{ d: [250, 1600], ɡ: [250, 1900], ɾ: [300, 1600] },
};
const HISSES = new Set('sʃfθhtkpçx');

/** One sound. */
function soundOf(sound: string, random: () => number): Float32Array {
  const out = new Float32Array(SOUND);
  const formants = VOWELS[sound];
  if (!formants && !HISSES.has(sound)) return out;
  for (let i = 0; i < SOUND; i++) {
    let v = 0;
    if (formants)
      for (let k = 1; k <= 35; k++) {
        const f = k * PITCH_HZ;
        const peak = (at: number, width: number) => 1 / (1 + ((f - at) / width) ** 2);
        v += (peak(formants[0], 80) + 0.5 * peak(formants[1], 120)) * Math.sin((2 * Math.PI * f * i) / RATE);
      }
    else v = 0.5 * (random() - 0.5);
    out[i] = 0.12 * v;
  }
  return out;
}

const { Writer } = protobuf;
type Fields = (w: protobuf.Writer) => void;
const message = (fields: Fields): Uint8Array => {
  const w = Writer.create();
  fields(w);
  return w.finish();
};
const text = (w: protobuf.Writer, field: number, value: string) => w.uint32((field << 3) | 2).string(value);
const part = (w: protobuf.Writer, field: number, fields: Fields) =>
  w.uint32((field << 3) | 2).bytes(message(fields));
const number = (w: protobuf.Writer, field: number, value: number) => w.uint32(field << 3).int64(value);

const FLOAT = 1;
const INT64 = 7;

/** A NodeProto with attributes that are whole numbers. */
const node =
  (op: string, inputs: string[], output: string, attributes: Record<string, number> = {}): Fields =>
  (w) => {
    for (const name of inputs) text(w, 1, name);
    text(w, 2, output);
    text(w, 3, output);
    text(w, 4, op);
    for (const [name, value] of Object.entries(attributes))
      part(w, 5, (a) => {
        text(a, 1, name);
        number(a, 3, value);
        number(a, 20, 2);
      });
  };

/** A TensorProto. */
const tensor =
  (name: string, dims: number[], values: Float32Array | BigInt64Array): Fields =>
  (w) => {
    for (const d of dims) number(w, 1, d);
    number(w, 2, values instanceof Float32Array ? FLOAT : INT64);
    text(w, 8, name);
    w.uint32((9 << 3) | 2).bytes(new Uint8Array(values.buffer));
  };

/** A ValueInfoProto; a dimension without a number is any. */
const value =
  (name: string, type: number, dims: (number | string)[]): Fields =>
  (w) => {
    text(w, 1, name);
    part(w, 2, (t) =>
      part(t, 1, (k) => {
        number(k, 1, type);
        part(k, 2, (s) => {
          for (const d of dims) part(s, 1, (x) => (typeof d === 'number' ? number(x, 1, d) : text(x, 2, d)));
        });
      }),
    );
  };

const whole = (...values: number[]) => BigInt64Array.from(values.map(BigInt));

/** name: what it says it was called when it was made. people: of how many it says to be. */
export function smallVoice({ name = 'tin', people = 1, sounds = 'en-us' } = {}): SmallVoice {
  const random = seeded('small voice');
  const table = new Float32Array(SOUNDS.length * SOUND);
  SOUNDS.forEach((s, i) => {
    table.set(soundOf(s, random), i * SOUND);
  });
  const graph: Fields = (w) => {
    // The pads between sounds go; each sound is looked up, and is as long as the third of the scales has it.
    for (const n of [
      node('Reshape', ['input', 'flat'], 'ids'),
      node('Equal', ['ids', 'pad'], 'is_pad'),
      node('Not', ['is_pad'], 'is_sound'),
      node('Compress', ['ids', 'is_sound'], 'sounds', { axis: 0 }),
      node('Gather', ['scales', 'one'], 'length', { axis: 0 }),
      node('Mul', ['length', 'samples'], 'longer'),
      node('Cast', ['longer'], 'until', { to: INT64 }),
      node('Range', ['zero', 'until', 'one'], 'at'),
      node('Mod', ['at', 'period'], 'column'),
      node('Gather', ['table', 'column'], 'stretched', { axis: 1 }),
      node('Gather', ['stretched', 'sounds'], 'rows', { axis: 0 }),
      node('Reshape', ['rows', 'wave'], 'output'),
    ])
      part(w, 1, n);
    text(w, 2, 'small voice');
    for (const t of [
      tensor('table', [SOUNDS.length, SOUND], table),
      tensor('flat', [1], whole(-1)),
      tensor('wave', [4], whole(1, 1, 1, -1)),
      tensor('pad', [1], whole(0)),
      tensor('one', [], whole(1)),
      tensor('zero', [], whole(0)),
      tensor('period', [1], whole(SOUND)),
      tensor('samples', [], Float32Array.of(SOUND)),
    ])
      part(w, 5, t);
    part(w, 11, value('input', INT64, ['one', 'sounds']));
    part(w, 11, value('input_lengths', INT64, ['one']));
    part(w, 11, value('scales', FLOAT, [3]));
    if (people > 1) part(w, 11, value('sid', INT64, ['one']));
    part(w, 12, value('output', FLOAT, [1, 1, 1, 'samples']));
  };
  const onnx = message((w) => {
    number(w, 1, 8);
    part(w, 7, graph);
    part(w, 8, (o) => {
      text(o, 1, '');
      number(o, 2, 13);
    });
  });
  const [family = 'en', region = ''] = sounds.split('-');
  const json = JSON.stringify({
    audio: { sample_rate: RATE, quality: 'x_low' },
    espeak: { voice: sounds },
    language: {
      code: `${family}_${region.toUpperCase()}`,
      family,
      region: region.toUpperCase(),
      country_english: 'Osierwick',
    },
    dataset: name,
    inference: { noise_scale: 0.667, length_scale: 1, noise_w: 0.8 },
    num_speakers: people,
    speaker_id_map:
      people > 1 ? Object.fromEntries(Array.from({ length: people }, (_, i) => [`p${i}`, i])) : {},
    phoneme_id_map: Object.fromEntries(SOUNDS.map((s, i) => [s, [i]])),
  });
  return { onnx, json };
}
