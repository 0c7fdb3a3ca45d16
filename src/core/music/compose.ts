import { seeded } from '../hash.ts';
import { type Milliseconds, msToSamples, type Samples } from '../time.ts';
import { type FormPart, formOf, type PartName, partAt } from './form.ts';
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
  /** The parts before the closing chord. */
  form: FormPart[];
}

/** How a part is played. loud: against the lift. */
interface Playing {
  loud: number;
  bass: 'none' | 'held' | 'moving' | 'driving';
  pad: 'none' | 'held' | 'wide';
  drums: 'none' | 'light' | 'full';
  /** The tune: not at all, as an answer in every other two bars, all the time and in two voices. */
  tune: 'none' | 'answers' | 'leads';
}

const PLAYING: Record<PartName, Playing> = {
  intro: { loud: 0.72, bass: 'none', pad: 'held', drums: 'none', tune: 'none' },
  verse: { loud: 0.82, bass: 'moving', pad: 'held', drums: 'light', tune: 'answers' },
  lift: { loud: 1, bass: 'driving', pad: 'wide', drums: 'full', tune: 'leads' },
  ending: { loud: 0.86, bass: 'held', pad: 'held', drums: 'light', tune: 'none' },
};

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
 * Composes a track to a mood and a length: an intro, verses and lifts over two progressions of four bars, an ending, and a
 * closing chord on the tonic that ends with the piece. The tempo is bent by at most COMPOSE.play so that whole bars fill the
 * time; steady: it is not bent, and the closing chord rings out for what is left. The same mood, seed and length give the
 * same notes.
 */
export function compose(mood: Mood, seed: number, lengthMs: Milliseconds, steady = false): Score {
  const rules = MOODS[mood];
  const random = seeded(`${mood}/${seed}`);
  const { bars, tempo } = steady ? unbent(rules.tempo, lengthMs) : fit(rules.tempo, lengthMs);
  const form = formOf(bars);
  const verse = rules.progressions[seed % rules.progressions.length] ?? rules.progressions[0] ?? [0];
  const lift = rules.progressions[(seed + 1) % rules.progressions.length] ?? verse;
  const notes: Note[] = [];
  const motif = makeMotif(rules, random);
  for (let bar = 0; bar < bars; bar++) {
    const part = partAt(form, bar) as FormPart;
    const within = bar - part.start;
    const last = bar === bars - 1;
    const harmony = part.name === 'lift' ? lift : verse;
    const home = rules.scale === 'lydian' ? 1 : 4;
    writeBar(notes, rules, random, {
      bar,
      within,
      degree: last ? home : (harmony[within % 4] ?? 0),
      playing: PLAYING[part.name],
      alone: form.length === 1,
      motif,
      turn: last ? 'end' : within === part.bars - 1 && part.name !== 'intro' ? 'fill' : null,
    });
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
    form,
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

interface Bar {
  bar: number;
  /** Which of its part. */
  within: number;
  /** On which step of the scale it stands. */
  degree: number;
  playing: Playing;
  /** The whole track is one part: it has its tune and its beat from the start. */
  alone: boolean;
  motif: readonly { at: number; step: number; length: number }[];
  /** A roll before the end, or a short one before another part. */
  turn: 'end' | 'fill' | null;
}

/** Where the bass plays in a bar, in quarters, and for how long. */
const BASS: Record<Playing['bass'], { beat: readonly number[]; still: readonly number[]; length: number }> = {
  none: { beat: [], still: [], length: 0 },
  held: { beat: [0], still: [0], length: 3.8 },
  moving: { beat: [0, 1.5, 2, 3.5], still: [0, 2], length: 1.9 },
  driving: { beat: [0, 1, 1.5, 2, 3, 3.5], still: [0, 2, 3], length: 1 },
};
/** With a beat the bass is short. */
const SHORT_BASS = 0.6;

function writeBar(notes: Note[], rules: MoodRules, random: () => number, it: Bar): void {
  const { bar, within, degree, playing } = it;
  const { beat } = rules.band;
  const t = bar * 4;
  // The second half of an ending goes back further; a part that is alone begins softly.
  const loud = playing.loud * (it.turn === 'end' ? 0.96 : 1) * (it.alone ? Math.min(1, 0.7 + bar / 8) : 1);
  const human = (v: number) => Math.max(1, Math.min(127, Math.round(v * loud + (random() - 0.5) * 8)));
  const play = (channel: number, pitch: number, at: number, length: number, velocity: number) =>
    notes.push({ channel, pitch, at: t + at, length, velocity: human(velocity) });
  const chord = [0, 2, 4, 7, 9].map((d) => degree + d);
  rules.figure.forEach((i, k) => {
    if (i < 0) return;
    play(CH.chords, pitchOf(rules, chord[i] ?? degree, 0), k / 2, 0.95, k % 4 === 0 ? 78 : 62);
  });
  const low = pitchOf(rules, degree, -2);
  const bass = BASS[playing.bass];
  const length = beat && playing.bass !== 'held' ? SHORT_BASS : bass.length;
  for (const at of beat ? bass.beat : bass.still) play(CH.bass, low, at, length, 80);
  if (bar >= 1 || it.alone) {
    if (playing.pad !== 'none')
      for (const d of [0, 2, 4]) play(CH.pad, pitchOf(rules, degree + d, 0), 0, 4, 50);
    if (playing.pad === 'wide') play(CH.pad, pitchOf(rules, degree + 7, 0), 0, 4, 44);
  }
  if (playing.tune === 'leads' || (playing.tune === 'answers' && (it.alone || within % 4 >= 2)))
    writeTune(it, (step, at, long) => {
      play(CH.lead, pitchOf(rules, step, 1), at, long, 64);
      // The second voice goes a third below, on what is held.
      if (playing.tune === 'leads' && long > 1) play(CH.lead, pitchOf(rules, step - 2, 1), at, long, 46);
    });
  const drums = it.alone && playing.drums === 'light' ? 'full' : playing.drums;
  if (beat && drums !== 'none')
    writeDrums(beat, drums, it, (pitch, at, v) => play(CH.drums, pitch, at, 0.2, v));
}

/** The half of the motif that a bar has, moved with the harmony on strong beats. */
function writeTune(
  { bar, degree, motif }: Bar,
  play: (step: number, at: number, length: number) => void,
): void {
  const half = (bar % 2) * 4;
  const moved = degree > 3 ? degree - 7 : degree;
  for (const m of motif)
    if (m.at >= half && m.at < half + 4)
      play(m.step + moved * (m.at % 4 === 0 ? 1 : 0), m.at - half, m.length);
}

/** What is left out of a beat that is played lightly: open hats, claps and snares between the strong beats. */
const HEAVY = new Set([46, 39, 47]);
const CRASH = 49;
const SNARE = 38;

/** The pattern of the mood; a crash where a lift begins, and rolls of the snare before what is next. */
function writeDrums(
  beat: BeatName,
  drums: 'light' | 'full',
  { within, turn, alone }: Bar,
  hit: (pitch: number, at: number, velocity: number) => void,
): void {
  for (const [pitch, at, velocity] of BEATS[beat])
    if (drums === 'full' || !HEAVY.has(pitch)) hit(pitch, at, drums === 'full' ? velocity : velocity * 0.85);
  if (drums === 'full' && within === 0 && !alone) hit(CRASH, 0, 60);
  const roll = turn === 'end' ? [3, 3.25, 3.5, 3.75] : turn === 'fill' ? [3.5, 3.75] : [];
  for (const at of roll) hit(SNARE, at, 56 + at * 4);
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
      { channel: CH.drums, pitch: CRASH, at: t, length: 2, velocity: 62 },
    );
}
