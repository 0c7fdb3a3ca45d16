import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { plainVoice } from '../core/piece/types.ts';
import { carved } from '../core/sound/carve.ts';
import { joined } from '../core/sound/joined.ts';
import { MIX } from '../core/sound/mix.ts';
import { VOICES } from '../core/sound/voices.ts';
import { wavFile } from '../core/sound/wav.ts';
import { estimateSpeech } from '../core/text/reading.ts';
import { SAMPLE_RATE } from '../core/time.ts';
import { trackFile, trackOf } from '../server/music/tracks.ts';
import { run } from '../server/program.ts';
import { engineOf } from '../server/speech/engines.ts';
import { round } from './bench-measure.ts';

/** What is said, in words of the recogniser's dictionary. */
const LINES = [
  'the old harbor opens again this morning after a long and heavy winter',
  'nobody expected that so many people would come to watch the first boat leave',
  'a teacher brought her whole class and every child carried a paper lantern',
  'the baker gave away bread until the last basket was empty',
  'fish costs less than it did a year ago and the market is full before noon',
  'we asked the captain what he likes most about the quiet water at night',
  'he laughed and said that the river always knows when somebody is afraid',
  'tomorrow the council will decide whether the bridge can stay where it is',
  'my sister keeps bees behind the garage and sells the honey on the road',
  'the first train leaves at six and nobody on it says a word',
  'you can repair almost any chair with a sharp knife and a little glue',
  'in the evening the whole street smells of onions and fresh paint',
  'three of the old windows were broken and one of them was never there',
  'take a heavy pan and let it get hot before you put the oil in',
  'most people sleep badly because they look at a bright screen before bed',
  'our library lends tools and tents and even a machine for making cider',
];

/** Music that is laid under them: of the moods that cost the most words. */
const UNDER = ['bright', 'circuit', 'drive'] as const;

const WORDS = LINES.flatMap((l) => l.split(' ')).length;

/** How many words a recogniser gets wrong: the least number of changes between two lists of words. */
function wrongWords(said: readonly string[], heard: readonly string[]): number {
  let row = Array.from({ length: heard.length + 1 }, (_, j) => j);
  said.forEach((word, i) => {
    const next = [i + 1];
    heard.forEach((other, j) => {
      next.push(
        Math.min((row[j] ?? 0) + (word === other ? 0 : 1), (row[j + 1] ?? 0) + 1, (next[j] ?? 0) + 1),
      );
    });
    row = next;
  });
  return row.at(-1) ?? 0;
}

/** A language model of the lines: unigrams and bigrams of them, in the ARPA form. */
function arpa(): string {
  const sentences = LINES.map((l) => ['<s>', ...l.split(' '), '</s>']);
  const unigrams = new Map<string, number>();
  const bigrams = new Map<string, number>();
  for (const s of sentences)
    s.forEach((w, i) => {
      unigrams.set(w, (unigrams.get(w) ?? 0) + 1);
      const next = s[i + 1];
      if (next) bigrams.set(`${w} ${next}`, (bigrams.get(`${w} ${next}`) ?? 0) + 1);
    });
  const total = [...unigrams.values()].reduce((a, b) => a + b, 0);
  const log = (x: number) => Math.log10(x).toFixed(4);
  return [
    '\\data\\',
    `ngram 1=${unigrams.size}`,
    `ngram 2=${bigrams.size}`,
    '',
    '\\1-grams:',
    ...[...unigrams].map(([w, n]) => `${log(n / total)} ${w} -0.3010`),
    '',
    '\\2-grams:',
    ...[...bigrams].map(
      ([pair, n]) => `${log((0.5 * n) / (unigrams.get(pair.split(' ')[0] ?? '') ?? 1))} ${pair}`,
    ),
    '',
    '\\end\\',
    '',
  ].join('\n');
}

/** Pitch in Hz by autocorrelation of 40 ms frames, the median of those that have one. */
function pitchOf(x: Float32Array): number {
  const rate = SAMPLE_RATE / 4;
  const low = Float32Array.from({ length: x.length >> 2 }, (_, i) => {
    let s = 0;
    for (let k = 0; k < 4; k++) s += x[i * 4 + k] as number;
    return s / 4;
  });
  const n = Math.round(rate * 0.04);
  const found: number[] = [];
  for (let at = 0; at + 2 * n < low.length; at += n) {
    let best = 0;
    let lag = 0;
    const energy = (from: number) => {
      let e = 0;
      for (let i = 0; i < n; i++) e += (low[from + i] as number) ** 2;
      return e;
    };
    const here = energy(at);
    if (here < n * 1e-4) continue;
    for (let l = Math.round(rate / 320); l < Math.round(rate / 65); l++) {
      let c = 0;
      for (let i = 0; i < n; i++) c += (low[at + i] as number) * (low[at + i + l] as number);
      const r = c / Math.sqrt(here * energy(at + l));
      if (r > best + 0.01) [best, lag] = [r, l];
    }
    if (best > 0.8) found.push(rate / lag);
  }
  found.sort((a, b) => a - b);
  return found[found.length >> 1] ?? 0;
}

/**
 * The English voices: speed against an average one, pitch, and the share of words that a recogniser with a language model of
 * the script gets wrong, alone and with music under them at the mixer's level.
 */
export async function benchVoices(say: (line: string) => void) {
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-voices-'));
  const results: Record<string, object> = {};
  try {
    const lm = path.join(folder, 'lines.lm');
    await writeFile(lm, arpa());
    const music = [];
    for (const mood of UNDER) {
      const track = await trackOf({
        source: { kind: 'composed', mood, seed: 1 },
        lengthMs: 60_000,
        steady: false,
      });
      const { stdout } = await run('ffmpeg', [
        ...['-v', 'error', '-i', trackFile(track.key) ?? '', '-ac', '1', '-ar', `${SAMPLE_RATE}`],
        ...['-f', 'f32le', 'pipe:1'],
      ]);
      music.push(carved(new Float32Array(Uint8Array.from(stdout).buffer)));
    }
    const gain = 10 ** (MIX.musicUnderVoiceDb / 20);
    const keep = async (name: string, samples: Float32Array) =>
      run(
        'ffmpeg',
        ['-y', '-v', 'error', '-f', 'wav', '-i', 'pipe:0', '-ar', '16000', path.join(folder, `${name}.wav`)],
        { input: wavFile([samples], SAMPLE_RATE) },
      );
    /** Words that are heard in files. Each is taken as a whole: its level and colour are known before its first word. */
    const hear = async (names: readonly string[]): Promise<string[][]> => {
      const [list, heard] = [path.join(folder, 'list'), path.join(folder, 'heard')];
      await writeFile(list, `${names.join('\n')}\n`);
      await run('pocketsphinx_batch', [
        ...['-adcin', 'yes', '-adchdr', '44', '-cepdir', folder, '-cepext', '.wav', '-ctl', list],
        ...['-lm', lm, '-logfn', '/dev/null', '-hyp', heard],
        ...['-dict', '/usr/share/pocketsphinx/model/en-us/cmudict-en-us.dict'],
        ...['-hmm', '/usr/share/pocketsphinx/model/en-us/en-us'],
      ]);
      // A line: the words, those said in a second way with its number, then name and score in parentheses.
      return (await readFile(heard, 'utf8'))
        .trimEnd()
        .split('\n')
        .map((line) =>
          line
            .replace(/\s*\([^()]*\)\s*$/, '')
            .split(/\s+/)
            .filter(Boolean)
            .map((word) => word.replace(/\(\d\)$/, '')),
        );
    };
    for (const { name, language, speed } of VOICES) {
      if (language !== 'en') continue;
      const takes = [];
      for (const line of LINES) takes.push(await engineOf(name).speak(`${line}.`, plainVoice(name), []));
      const lengthMs = takes.reduce((n, t) => n + t.samples.length / 48, 0);
      const expected = LINES.reduce((n, l) => n + estimateSpeech(`${l}.`), 0);
      const whole = joined(takes.map((t) => t.samples));
      // Line by line: what a recogniser makes of music where nobody speaks is no word that was missed.
      let at = 0;
      for (const [i, { samples }] of takes.entries()) {
        const from = at;
        await keep(`alone-${i}`, samples);
        for (const [m, track] of music.entries())
          await keep(
            `under-${m}-${i}`,
            samples.map((v, k) => v + gain * (track[(from + k) % track.length] ?? 0)),
          );
        at += samples.length;
      }
      const lost = async (kind: string) => {
        const heard = await hear(LINES.map((_, i) => `${kind}-${i}`));
        return LINES.reduce((n, line, i) => n + wrongWords(line.split(' '), heard[i] ?? []), 0);
      };
      const missed = await lost('alone');
      let missedWithMusic = 0;
      for (const m of music.keys()) missedWithMusic += (await lost(`under-${m}`)) / music.length;
      const wrong = round((100 * missed) / WORDS);
      const wrongWithMusic = round((100 * missedWithMusic) / WORDS);
      const result = {
        measuredSpeed: round(expected / lengthMs),
        saidSpeed: speed,
        pitch: Math.round(pitchOf(whole)),
        wrong,
        wrongWithMusic,
      };
      results[name] = result;
      say(
        `${name}: speed ${result.measuredSpeed} (said ${speed}), ${result.pitch} Hz, ${wrong} % of words wrong, ${wrongWithMusic} % with music`,
      );
    }
    return results;
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}
