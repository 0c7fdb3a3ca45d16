import { seeded } from '../hash.ts';
import { type Milliseconds, msToSamples, type Samples } from '../time.ts';
import { BEATS, type BeatName } from './moods/beats.ts';
import type { MoodRules } from './moods/types.ts';
import { MOODS, type Mood } from './moods.ts';

/** A note: times in quarter notes from the start. */
interface Note {
  channel: number;
  /** MIDI note number. */
  pitch: number;
  at: number;
  length: number;
  /** 1 to 127. */
  velocity: number;
}

/** A composed track, exact in length: the last bar's chord rings out until lengthMs. */
export interface Score {
  /** BPM. */
  tempo: number;
  bars: number;
  programs: { channel: number; program: number; volume: number; pan: number }[];
  notes: Note[];
  /** Where bars begin, in samples; the last is the closing chord. */
  barStarts: Samples[];
}

const SCALES = {
  major: [0, 2, 4, 5, 7, 9, 11],
  minor: [0, 2, 3, 5, 7, 8, 10],
  dorian: [0, 2, 3, 5, 7, 9, 10],
  lydian: [0, 2, 4, 6, 7, 9, 11],
};

/** What a closing chord gets to ring, and the tempo's play: more in a piece of few bars. */
const COMPOSE = {
  ringMs: 2600,
  leastRingMs: 1400,
  play: 0.08,
  shortPlay: 0.13,
  shortBars: 6,
} as const;

const CH = { chords: 0, bass: 1, lead: 2, pad: 3, drums: 9 } as const;

/**
 * Composes a track to a mood and a length: phrases of four bars over a progression, thinner at the start, fuller in
 * the middle, a closing chord on the tonic that ends with the piece. The tempo is bent by at most COMPOSE.play so that
 * whole bars fill the time; steady: it is not bent, and the closing chord rings out for what is left. The same mood, seed and length give the same notes.
 */
export function compose(mood: Mood, seed: number, lengthMs: Milliseconds, steady = false): Score {
  const rules = MOODS[mood];
  const random = seeded(`${mood}/${seed}`);
  const { bars, tempo } = steady ? unbent(rules.tempo, lengthMs) : fit(rules.tempo, lengthMs);
  const phrase = rules.progressions[seed % rules.progressions.length] ?? rules.progressions[0] ?? [0];
  const other = rules.progressions[(seed + 1) % rules.progressions.length] ?? phrase;
  const notes: Note[] = [];
  const motif = makeMotif(rules, random);
  for (let bar = 0; bar < bars; bar++) {
    const section = Math.floor(bar / 4);
    const left = bars - bar;
    const harmony = section % 4 === 2 ? other : phrase;
    const degree = left === 1 ? (rules.scale === 'lydian' ? 1 : 4) : (harmony[bar % 4] ?? 0);
    const build = Math.min(1, 0.45 + bar / 8) * (left <= 2 ? 0.85 : 1);
    writeBar(
      notes,
      rules,
      random,
      bar,
      degree,
      build,
      bar >= 2 || bars < 6,
      section % 2 === 1 || bars < 8 ? motif : null,
      left === 1,
    );
  }
  close(notes, rules, bars);
  const barMs = (60_000 / tempo) * 4;
  return {
    tempo,
    bars: bars + 1,
    programs: [
      { channel: CH.chords, program: rules.band.chords, volume: 96, pan: 54 },
      { channel: CH.bass, program: rules.band.bass, volume: 92, pan: 64 },
      { channel: CH.lead, program: rules.band.lead, volume: 74, pan: 78 },
      { channel: CH.pad, program: rules.band.pad, volume: 66, pan: 64 },
    ],
    notes,
    barStarts: Array.from({ length: bars + 1 }, (_, b) => msToSamples(b * barMs)),
  };
}

/** Whole bars before the closing chord, and the tempo at which they fill the time. */
function fit(tempo: number, lengthMs: Milliseconds): { bars: number; tempo: number } {
  const ring = Math.min(COMPOSE.ringMs, Math.max(COMPOSE.leastRingMs, lengthMs * 0.2));
  const body = Math.max(800, lengthMs - ring);
  const barMs = (t: number) => 240_000 / t;
  const bars = Math.max(1, Math.round(body / barMs(tempo)));
  const exact = 240_000 / (body / bars);
  const play = bars <= COMPOSE.shortBars ? COMPOSE.shortPlay : COMPOSE.play;
  const bent = Math.min(tempo * (1 + play), Math.max(tempo * (1 - play), exact));
  return { bars: Math.max(1, Math.floor(body / barMs(bent) + 1e-6)), tempo: bent };
}

/** Whole bars before the closing chord, at the tempo as it is. */
function unbent(tempo: number, lengthMs: Milliseconds): { bars: number; tempo: number } {
  const bars = Math.floor((lengthMs - Math.min(COMPOSE.leastRingMs, lengthMs * 0.2)) / (240_000 / tempo));
  return { bars: Math.max(1, bars), tempo };
}

const pitchOf = (rules: MoodRules, step: number, octave: number): number => {
  const scale = SCALES[rules.scale];
  return rules.tonic + (scale[((step % 7) + 7) % 7] as number) + 12 * (Math.floor(step / 7) + octave);
};

/** Scale steps and places of a two-bar melody that comes back. */
function makeMotif(rules: MoodRules, random: () => number): { at: number; step: number; length: number }[] {
  const out: { at: number; step: number; length: number }[] = [];
  let step = [0, 2, 4][Math.floor(random() * 3)] ?? 0;
  for (let at = 0; at < 8; at += 0.5) {
    const strong = at % 2 === 0;
    if (random() > (strong ? rules.melody + 0.3 : at % 1 === 0 ? rules.melody : rules.melody * 0.35))
      continue;
    step = Math.max(-2, Math.min(7, step + Math.round((random() - 0.5) * 4)));
    if (strong && step % 2 !== 0) step += step > 3 ? -1 : 1;
    out.push({ at, step, length: strong ? 1.4 : 0.7 });
  }
  return out;
}

function writeBar(
  notes: Note[],
  rules: MoodRules,
  random: () => number,
  bar: number,
  degree: number,
  build: number,
  drums: boolean,
  motif: { at: number; step: number; length: number }[] | null,
  turn: boolean,
): void {
  const t = bar * 4;
  const human = (v: number) => Math.max(1, Math.min(127, Math.round(v * build + (random() - 0.5) * 8)));
  const chord = [0, 2, 4, 7, 9].map((d) => degree + d);
  rules.figure.forEach((i, k) => {
    if (i < 0) return;
    const step = chord[i] ?? degree;
    notes.push({
      channel: CH.chords,
      pitch: pitchOf(rules, step, 0),
      at: t + k / 2,
      length: 0.95,
      velocity: human(k % 4 === 0 ? 78 : 62),
    });
  });
  if (bar >= 1) {
    const low = pitchOf(rules, degree, -2);
    const pulse = rules.band.beat ? [0, 1.5, 2, 3.5] : [0, 2];
    for (const p of pulse)
      notes.push({
        channel: CH.bass,
        pitch: low,
        at: t + p,
        length: rules.band.beat ? 0.6 : 1.9,
        velocity: human(80),
      });
  }
  if (bar >= 2)
    for (const d of [0, 2, 4])
      notes.push({
        channel: CH.pad,
        pitch: pitchOf(rules, degree + d, 0),
        at: t,
        length: 4,
        velocity: human(50),
      });
  if (motif) {
    const half = (bar % 2) * 4;
    for (const m of motif)
      if (m.at >= half && m.at < half + 4)
        notes.push({
          channel: CH.lead,
          pitch: pitchOf(rules, m.step + (degree > 3 ? degree - 7 : degree) * (m.at % 4 === 0 ? 1 : 0), 1),
          at: t + m.at - half,
          length: m.length,
          velocity: human(64),
        });
  }
  if (rules.band.beat && drums) writeDrums(notes, rules.band.beat, t, human, turn);
}

/** The pattern of the mood, and a roll of the snare before the end. */
function writeDrums(
  notes: Note[],
  beat: BeatName,
  t: number,
  human: (v: number) => number,
  turn: boolean,
): void {
  const hit = (pitch: number, at: number, velocity: number) =>
    notes.push({ channel: CH.drums, pitch, at: t + at, length: 0.2, velocity: human(velocity) });
  for (const [pitch, at, velocity] of BEATS[beat]) hit(pitch, at, velocity);
  if (turn) for (const at of [3, 3.25, 3.5, 3.75]) hit(38, at, 56 + at * 4);
}

function close(notes: Note[], rules: MoodRules, bars: number): void {
  const t = bars * 4;
  const ring = 8;
  [0, 2, 4, 7, 9].forEach((d, i) => {
    notes.push({
      channel: CH.chords,
      pitch: pitchOf(rules, d, 0),
      at: t + i * 0.06,
      length: ring,
      velocity: 82 - i * 4,
    });
  });
  for (const d of [0, 4])
    notes.push({ channel: CH.pad, pitch: pitchOf(rules, d, 0), at: t, length: ring, velocity: 56 });
  notes.push({ channel: CH.bass, pitch: pitchOf(rules, 0, -2), at: t, length: ring, velocity: 84 });
  notes.push({ channel: CH.lead, pitch: pitchOf(rules, 7, 0), at: t + 0.25, length: ring, velocity: 60 });
  if (rules.band.beat)
    notes.push(
      { channel: CH.drums, pitch: 36, at: t, length: 0.3, velocity: 92 },
      { channel: CH.drums, pitch: 49, at: t, length: 2, velocity: 62 },
    );
}
