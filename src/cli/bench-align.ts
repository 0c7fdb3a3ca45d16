import { plainVoice } from '../core/piece/types.ts';
import { align, thirdRate } from '../core/sound/align/align.ts';
import { findLines, type ReferenceLine } from '../core/sound/align/narration.ts';
import { joined } from '../core/sound/joined.ts';
import { FEATURE_RATE } from '../core/sound/mel.ts';
import type { Speech } from '../core/sound/speech.ts';
import { engineOf } from '../server/speech/engines.ts';
import { round } from './bench-measure.ts';

const WHO = [
  'The baker',
  'An old captain',
  'Two students',
  'The night nurse',
  'A tired clerk',
  'My grandmother',
  'The lock keeper',
  'Every cyclist',
  'The orchestra',
  'A small dog',
] as const;

const DOES = [
  'walks along the quiet canal before the town wakes up',
  'opens the blue door and counts the lanterns in the cold hall',
  'carries a basket of bread across the market square in the rain',
  'waits for the ferry with a thermos of tea and a folded newspaper',
  'repairs a wooden chair while the radio talks about the weather',
  'writes a long letter to a friend who moved to the mountains',
  'plants tomatoes on the balcony and talks to every one of them',
  'remembers the winter when the river froze from bank to bank',
  'finds a key under the mat and nobody knows which lock it fits',
  'learns to whistle from a man who sells apples by the bridge',
  'draws the harbour in chalk until the first drops fall',
  'reads the map the wrong way round and arrives all the same',
] as const;

/** Different sentences; of so many a slow voice makes ten minutes. */
const TEN_MINUTES = 84;
const LINES = Array.from(
  { length: 130 },
  (_, i) =>
    `${WHO[i % 10]} ${DOES[(i * 7 + Math.floor(i / 10)) % 12]}${i % 3 ? `, and day ${i + 1} begins` : ''}.`,
);

/** Ordinary narrations, and of how many lines each. */
const NARRATIONS = 50;
const LENGTH = 8;

/** Who narrates, how fast, with how much noise and with which pause between the lines, in seconds. */
const WAYS = [
  { voice: 'fenn', pace: 1, noise: 0, pause: 0.5 },
  { voice: 'corin', pace: 1.2, noise: 0, pause: 0.3 },
  { voice: 'hesper', pace: 1, noise: 0.01, pause: 0.9 },
  { voice: 'bram', pace: 0.85, noise: 0.005, pause: 0.4 },
  { voice: 'tam', pace: 1.1, noise: 0, pause: 0.6 },
  { voice: 'pia', pace: 0.9, noise: 0.005, pause: 0.2 },
] as const;
type Way = (typeof WAYS)[number];

interface Narrated {
  samples: Float32Array;
  /** When each word of each line is really said; null for a line that was left out. */
  words: (Speech['words'] | null)[];
}

async function speak(text: string, way: { voice: string; pace: number }): Promise<ReferenceLine> {
  const { samples, words } = await engineOf(way.voice).speak(
    text,
    { ...plainVoice(way.voice), pace: way.pace },
    [],
  );
  return { samples: thirdRate(samples), words };
}

/** Lines read one after the other. left: those that are left out. */
async function narrated(lines: readonly string[], way: Way, left: readonly number[] = []): Promise<Narrated> {
  const parts: Float32Array[] = [];
  const words: Narrated['words'] = [];
  let at = 0;
  for (const [i, line] of lines.entries()) {
    if (left.includes(i)) {
      words.push(null);
      continue;
    }
    const said = await speak(line, way);
    const ms = (at * 1000) / FEATURE_RATE;
    words.push(
      said.words.map((w) => ({ ...w, startMs: w.startMs + ms, endMs: w.endMs + ms })) as Speech['words'],
    );
    const pause = new Float32Array(way.pause * FEATURE_RATE);
    parts.push(said.samples, pause);
    at += said.samples.length + pause.length;
  }
  let seed = 7;
  return {
    words,
    samples: joined(parts).map((v) => {
      seed = (seed * 16_807) % 2_147_483_647;
      return v + way.noise * (seed / 1_073_741_823 - 1);
    }),
  };
}

/** How far words, and the first words of lines, are from where they are said, in milliseconds; and what is not as it was said. */
function offsOf(references: readonly ReferenceLine[], { samples, words }: Narrated) {
  const { lines, added } = findLines(references, samples);
  const off = { words: [] as number[], starts: [] as number[], wrong: added.length };
  lines.forEach((line, i) => {
    const [reference, said] = [references[i], words[i]];
    if ((line === null) !== (said === null)) off.wrong++;
    if (!line || !said || !reference) return;
    if (line.doubtful) off.wrong++;
    const [from, to] = [line.startMs, line.endMs].map((ms) => Math.round((ms * FEATURE_RATE) / 1000));
    const found = align(reference.samples, reference.words, samples.subarray(from, to));
    found.forEach((w, k) => {
      const distance = Math.abs(w.startMs + line.startMs - (said[k]?.startMs ?? Number.POSITIVE_INFINITY));
      off.words.push(distance);
      if (k === 0) off.starts.push(distance);
    });
  });
  return off;
}

const share = (values: readonly number[], below: number) =>
  round(values.filter((v) => v <= below).length / Math.max(1, values.length));

/**
 * Narrations by other voices than the reference's, with pauses, in other paces and with noise: how far words and the first words
 * of sentences are from where they are said, whether sentences that were left out are found and no others, and how long ten
 * minutes take.
 */
export async function benchAlignment(say: (line: string) => void) {
  const references: ReferenceLine[] = [];
  for (const line of LINES) references.push(await speak(line, { voice: 'maud', pace: 1 }));
  const words: number[] = [];
  const starts: number[] = [];
  let falseAlarms = 0;
  let leftOut = 0;
  for (let i = 0; i < NARRATIONS; i++) {
    const from = (i * 5) % (LINES.length - LENGTH);
    const here = references.slice(from, from + LENGTH);
    const lines = LINES.slice(from, from + LENGTH);
    const way = WAYS[i % WAYS.length] as Way;
    const off = offsOf(here, await narrated(lines, way));
    words.push(...off.words);
    starts.push(...off.starts);
    falseAlarms += off.wrong;
    // Every fifth once more, with one line left out.
    if (i % 5 === 0 && offsOf(here, await narrated(lines, way, [i % LENGTH])).wrong === 0) leftOut++;
  }
  words.sort((a, b) => a - b);
  const long = await narrated(LINES.slice(0, TEN_MINUTES), WAYS[3]);
  const began = performance.now();
  const { lines } = findLines(references.slice(0, TEN_MINUTES), long.samples);
  const result = {
    startsWithin120Ms: share(starts, 120),
    wordsMedianMs: round(words[words.length >> 1] ?? 0),
    words90Ms: round(words[Math.floor(words.length * 0.9)] ?? 0),
    falseAlarms,
    leftOutFound: `${leftOut} of ${NARRATIONS / 5}`,
    minutes: round(long.samples.length / FEATURE_RATE / 60),
    seconds: round((performance.now() - began) / 1000),
    longFound: `${lines.filter((l) => l !== null).length} of ${TEN_MINUTES}`,
  };
  say(`narrations aligned: ${JSON.stringify(result)}`);
  return result;
}
