import { describe, expect, it } from 'vitest';
import { Typesetter } from '../core/look/typeset/typesetter.ts';
import { piece, scene } from '../core/piece/testing.ts';
import { newBed } from '../core/piece/types.ts';
import { mix, soundOf } from '../core/sound/mix.ts';
import { compile } from '../core/timeline/compile.ts';
import { takeKey } from '../core/timeline/keys.ts';
import type { Facts, Timeline } from '../core/timeline/types.ts';
import { type MixAnswer, type MixMessage, type MixScope, serveMixes } from './mix.worker.ts';

/** A worker that is asked directly. */
function worker() {
  const answers: MixAnswer[] = [];
  let moved: Transferable[] = [];
  const scope: MixScope = {
    onmessage: null,
    postMessage(m, transfer = []) {
      answers.push(m);
      moved = transfer;
    },
  };
  serveMixes(scope);
  const send = (...messages: MixMessage[]) => {
    for (const data of messages) scope.onmessage?.({ data });
    return answers.at(-1);
  };
  return { send, moved: () => moved };
}

const tone = (n: number, hz: number) =>
  Float32Array.from({ length: n }, (_, i) => 0.3 * Math.sin((i * hz) / 7639));

function timelineWithMusic(): { timeline: Timeline; take: string; track: string } {
  const source = { kind: 'composed' as const, mood: 'gentle' as const, seed: 1 };
  const p = piece([scene('a', 'Hello there.', { durationMs: 3000 })], { beds: [newBed('bed', source)] });
  const setter = new Typesetter((t) => t.length * 20);
  const take = takeKey('Hello there.', p.voice);
  const facts: Facts = {
    takes: { [take]: { key: take, samples: 48_000, words: [] } },
    assets: {},
    tracks: {},
    ownTracks: {},
  };
  const [bed] = compile(p, facts, setter).sound.beds;
  if (!bed) throw new Error('There is no music.');
  const track = bed.wanted.key;
  const tracks = { [track]: { key: track, samples: 144_000, bars: [] } };
  return { timeline: compile(p, { ...facts, tracks }, setter), take, track };
}

describe('the worker that mixes', () => {
  const { timeline, take, track } = timelineWithMusic();
  const samples = tone(48_000, 440);
  const music = { left: tone(144_000, 220), right: tone(144_000, 330) };

  it('mixes what it was sent, and hands the sound over without copying it', () => {
    const { send, moved } = worker();
    const answer = send(
      { kind: 'take', key: take, samples },
      { kind: 'track', key: track, track: music },
      { kind: 'mix', id: 7, timeline },
    );
    const wanted = mix(timeline, {
      take: () => soundOf(samples),
      track: () => soundOf(music.left, music.right),
      clip: () => null,
    });
    expect(answer).toEqual({ id: 7, left: wanted.left, right: wanted.right });
    expect(moved()).toHaveLength(2);
  });

  it('leaves out what it does not have or was told to forget', () => {
    const { send } = worker();
    send({ kind: 'take', key: take, samples }, { kind: 'track', key: track, track: music });
    send({ kind: 'forget-track', key: track });
    const wanted = mix(timeline, { take: () => soundOf(samples), track: () => null, clip: () => null });
    expect(send({ kind: 'mix', id: 8, timeline })).toEqual({ id: 8, ...wanted });
  });

  it('answers with what went wrong', () => {
    const broken = { ...timeline, sound: { ...timeline.sound, samples: -1 } };
    expect(worker().send({ kind: 'mix', id: 9, timeline: broken })).toEqual({
      id: 9,
      error: expect.any(String),
    });
  });
});
