import { beforeEach, describe, expect, it } from 'vitest';
import { Failed, failureOf } from '../../../core/failure.ts';
import { plainVoice } from '../../../core/piece/types.ts';
import type { SoundBed, TakeFact, TrackFact } from '../../../core/timeline/types.ts';
import { FakeClock, settle } from '../../sync/testing.ts';
import { Making, RESTS_MS } from './making.ts';
import { Material } from './material.ts';

const voice = plainVoice('maud');
const take = (key: string): TakeFact => ({ key, samples: 100, words: [] });
const wish = (key: string): SoundBed['wanted'] => ({
  key,
  source: { kind: 'composed', mood: 'gentle', seed: 1 },
  lengthMs: 1000,
  steady: false,
});
const wanted = (...keys: string[]) =>
  keys.map((key) => ({ key, text: `Text ${key}.`, voice, says: [], recorded: null }));

let clock: FakeClock;
let material: Material;
let asked: string[];
/** Answers of the server, in the order in which it was asked. */
let answers: { text: string; give(e?: unknown): Promise<void> }[];
let making: Making;

beforeEach(() => {
  clock = new FakeClock();
  material = new Material({});
  asked = [];
  answers = [];
  const ask = <T>(text: string, fact: T) =>
    new Promise<T>((resolve, reject) => {
      asked.push(text);
      answers.push({
        text,
        give: (e) => {
          if (e) reject(e);
          else resolve(fact);
          return settle();
        },
      });
    });
  making = new Making(
    material,
    {
      take: ({ text }) => ask(text, take(/Text (.*)\./.exec(text)?.[1] ?? '')),
      track: ({ key }) => ask<TrackFact>(key, { key, samples: 100, bars: [] }),
      failure: failureOf,
    },
    clock,
  );
});

describe('voices', () => {
  it('are asked for when the words have rested, two at a time, each once', async () => {
    making.wantTakes(wanted('a'));
    await clock.pass(RESTS_MS.text - 1);
    making.wantTakes(wanted('a', 'b', 'c'));
    await clock.pass(RESTS_MS.text - 1);
    expect(asked).toEqual([]);
    await clock.pass(1);
    expect(asked).toEqual(['Text a.', 'Text b.']);
    await answers[0]?.give();
    expect(asked).toEqual(['Text a.', 'Text b.', 'Text c.']);
    await answers[1]?.give();
    await answers[2]?.give();
    expect(Object.keys(material.state.takes)).toEqual(['a', 'b', 'c']);
    making.wantTakes(wanted('a', 'b', 'c'));
    await clock.pass(RESTS_MS.text);
    expect(asked).toHaveLength(3);
  });

  it('of words that are gone are not asked for any more; what was begun is kept', async () => {
    making.wantTakes(wanted('a', 'b', 'c', 'd'));
    await clock.pass(RESTS_MS.text);
    making.wantTakes(wanted('a', 'e'));
    await clock.pass(RESTS_MS.text);
    await answers[0]?.give();
    await answers[1]?.give();
    expect(asked).toEqual(['Text a.', 'Text b.', 'Text e.']);
    expect(Object.keys(material.state.takes)).toEqual(['a', 'b']);
  });

  it('that cannot be are refused for good; after another failure they are asked for again', async () => {
    making.wantTakes(wanted('a', 'b'));
    await clock.pass(RESTS_MS.text);
    await answers[0]?.give(new Failed({ code: 'unspeakable' }));
    await answers[1]?.give(new Error('The server is gone.'));
    expect(material.state.refused).toEqual({ a: { code: 'unspeakable' } });
    making.wantTakes(wanted('a', 'b'));
    await clock.pass(RESTS_MS.text);
    expect(asked).toEqual(['Text a.', 'Text b.', 'Text b.']);
  });

  it('of a service that does not answer are said to be missing, until it does', async () => {
    making.wantTakes(wanted('a'));
    await clock.pass(RESTS_MS.text);
    const away = { code: 'no-service', name: 'Osier Speakers' } as const;
    await answers[0]?.give(new Failed(away));
    expect(material.state.refused).toEqual({ a: away });
    making.wantTakes(wanted('a'));
    await clock.pass(RESTS_MS.text);
    await answers[1]?.give();
    expect([Object.keys(material.state.takes), material.state.refused]).toEqual([['a'], {}]);
  });
});

describe('music', () => {
  const state = () => material.state.music;

  it('waits until the voices are there and the length has rested', async () => {
    making.wantTracks([wish('x')], { none: false, settled: false });
    await clock.pass(10_000);
    expect([state(), asked]).toEqual(['waiting', []]);
    making.wantTracks([wish('x'), wish('y')], { none: false, settled: true });
    await clock.pass(RESTS_MS.length);
    expect([state(), asked]).toEqual(['making', ['x', 'y']]);
    await answers[0]?.give();
    expect(material.state.tracks).toEqual({});
    await answers[1]?.give();
    expect(Object.keys(material.state.tracks)).toEqual(['x', 'y']);
    making.wantTracks([], { none: false, settled: true });
    expect(state()).toBe('ready');
  });

  it('that was asked for before the length changed does not count', async () => {
    making.wantTracks([wish('x')], { none: false, settled: true });
    await clock.pass(RESTS_MS.length);
    making.wantTracks([wish('y')], { none: false, settled: true });
    await answers[0]?.give();
    expect(material.state.tracks).toEqual({});
    await clock.pass(RESTS_MS.length);
    await answers[1]?.give(new Error('No.'));
    expect(state()).toBe('failed');
  });

  it('is none where the piece has none', () => {
    making.wantTracks([], { none: true, settled: true });
    expect(state()).toBe('none');
  });
});

it('nothing is asked for when the screen is gone', async () => {
  making.wantTakes(wanted('a'));
  making.wantTracks([wish('x')], { none: false, settled: true });
  making.end();
  await clock.pass(10_000);
  expect(asked).toEqual([]);
});
