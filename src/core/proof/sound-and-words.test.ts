import { describe, expect, it } from 'vitest';
import { markWords, repairWords } from '../../wording/marks.ts';
import { type Destination, FIRST_DESTINATIONS } from '../kit/destinations.ts';
import { applyEdit } from '../piece/edit.ts';
import { newEffect } from '../piece/effects.ts';
import { newKitEntry } from '../piece/outputs.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { newBed, type Piece, type Scene } from '../piece/types.ts';
import { msToSamples } from '../time.ts';
import { compile } from '../timeline/compile.ts';
import { narrationKey, wantedTakes } from '../timeline/keys.ts';
import { setter } from '../timeline/testing.ts';
import type { AssetFact, TakeFact } from '../timeline/types.ts';
import { slips } from './checks/spelling.ts';
import { type CheckName, check, type Mark } from './proof.ts';
import type { ProofFacts } from './types.ts';

const asset = (id: string): AssetFact => ({
  ...{ id, kind: 'still', durationMs: 0, sound: false, loopFrames: 0 },
  views: { tall: { width: 1080, height: 1920, focal: [0.3, 0.4, 0.4, 0.3] } },
});
const WRONG = new Set(['teh', 'kettel']);

/** What is known of a piece: takes of two seconds, with words from beginning to end. */
function facts(p: Piece): ProofFacts {
  const takes: Record<string, TakeFact> = {};
  for (const { key, text } of wantedTakes(p))
    takes[key] = {
      key,
      samples: msToSamples(2000),
      words: [{ start: 0, end: text.length, startMs: 0, endMs: 2000 }],
    };
  return {
    ...{ takes, tracks: {}, ownTracks: {}, refused: {}, credits: {} },
    comments: [],
    destinations: [{ ...(FIRST_DESTINATIONS[0] as Destination), longestMs: 6000, letters: 40 }],
    assets: Object.fromEntries(['p', 'q', 'r', 's', 't'].map((id) => [id, asset(id)])),
    misspelled: (text) =>
      [...text.matchAll(/\p{L}+/gu)]
        .filter((m) => WRONG.has(m[0].toLowerCase()))
        .map((m) => ({ word: m[0], start: m.index, end: m.index + m[0].length })),
  };
}

const marksOf = (p: Piece): Mark[] => check(p, compile(p, facts(p), setter()), facts(p));
const of = (name: CheckName, p: Piece) => marksOf(p).filter((m) => m.check === name);
const line = (id: string, shown: string, more: Partial<Scene> = {}) =>
  scene(id, shown, { pictures: [picture('p', { confidence: 0.9 })], ...more });

/** The piece after the repair of its only mark of a kind, which is gone then. */
function mended(name: CheckName, p: Piece): Piece {
  const [mark] = of(name, p);
  if (!mark?.repair) throw new Error('There is no repair.');
  expect(repairWords(mark)).toBeTruthy();
  const done = applyEdit(p, mark.repair);
  if (!done.ok) throw new Error(JSON.stringify(done.failure));
  expect(of(name, done.piece)).toEqual([]);
  return done.piece;
}

describe('words', () => {
  it('that no dictionary has, on the screen or only in what is said, each once', () => {
    const p = piece([
      line('a', 'Bring teh kettle.'),
      line('b', 'Bring teh lamp.', { spoken: 'Bring teh kettel and the lamp.' }),
      line('c', 'Bring what you want.'),
    ]);
    expect(of('spelling', p).map((m) => [m.sceneId, m.check === 'spelling' && [m.word, m.in]])).toEqual([
      ['a', ['teh', 'shown']],
      ['b', ['kettel', 'spoken']],
    ]);
    expect(markWords(of('spelling', p)[1] as Mark)).toContain('spoken words');
    // The list of slips has each place, so that one press mends them all.
    expect(slips(p.scenes, facts(p).misspelled).map((w) => [w.sceneId, w.in, w.word, w.start])).toEqual([
      ['a', 'shown', 'teh', 6],
      ['b', 'shown', 'teh', 6],
      ['b', 'spoken', 'teh', 6],
      ['b', 'spoken', 'kettel', 10],
    ]);
    // A name that opens a sentence: by the name after it, or because it comes back.
    expect(of('spelling', piece([line('a', 'Teh Venn keeps plot 17.')]))).toEqual([]);
    expect(of('spelling', piece([line('a', 'Teh plants beans.'), line('b', 'Teh waits.')]))).toEqual([]);
    expect(of('spelling', piece([line('a', 'Teh plants grow.')]))).toHaveLength(1);
    // Whoever writes it three times means it.
    const term = piece(['a', 'b', 'c'].map((id) => line(id, `Teh ${id} opens at noon.`)));
    expect(of('spelling', term)).toEqual([]);
    // What the source has is its term; what was changed since is not.
    const from = { ref: 'p1.1', text: 'The teh daemon waits.' };
    expect(of('spelling', piece([line('a', 'The teh waits.', { from })]))).toEqual([]);
    expect(of('spelling', piece([line('a', 'The kettel waits.', { from })]))).toHaveLength(1);
  });

  it('that stand twice, but not where they may', () => {
    const p = piece([line('a', 'We mend the the kettle at noon.')]);
    expect(mended('double-word', p).scenes[0]?.shown).toBe('We mend the kettle at noon.');
    for (const right of [
      'He said that that is so.',
      'New York, New York is far.',
      'They flew to Bora Bora.',
      'A cat catches it.',
    ])
      expect(of('double-word', piece([line('a', right)]))).toEqual([]);
    expect(of('double-word', piece([line('a', 'It is It is.')]))).toEqual([]);
    expect(of('double-word', piece([line('a', 'Die die Glocke.')])).length).toBe(1);
  });

  it('that were meant to be replaced', () => {
    for (const wrong of [
      'Come to [place] on Friday.',
      'It costs XX euros.',
      'TODO',
      'Lorem ipsum dolor.',
      'Hello {name}!',
      'Call us: <phone>',
      'Your name here',
      'When ???',
    ])
      expect(of('leftover', piece([line('a', wrong)])).length, wrong).toBe(1);
    for (const right of [
      'It costs 20 euros.',
      'What? Why?',
      'The XIX century.',
      'Is 3 < 5 and 7 > 2?',
      '“[The mayor] promised it,” she said.',
      'They called it “grate” [sic].',
      'To do it well takes time.',
    ])
      expect(of('leftover', piece([line('a', right)])), right).toEqual([]);
  });

  it('that are missing, where there is no picture either, and not in a piece that begins', () => {
    const bare = (id: string, more: Partial<Scene> = {}) => line(id, '', { pictures: [], ...more });
    const p = piece([
      line('a', 'The ferry is back.'),
      bare('b', { shown: '  ', layout: 'title' }),
      bare('c', { spoken: 'Only heard.' }),
      line('d', ''),
      bare('e', { runsOn: true }),
      bare('g', { layout: 'title', effect: newEffect('bell') }),
    ]);
    expect(mended('empty-scene', p).scenes.map((s) => s.id)).toEqual(['a', 'c', 'd', 'e', 'g']);
    // It is said once, and of each of them.
    expect(of('no-picture', p).map((m) => m.sceneId)).toEqual(['c']);
    expect(of('empty-scene', piece([...p.scenes, bare('f')])).map((m) => m.sceneId)).toEqual(['b', 'f']);
    expect(of('empty-scene', piece([bare('a'), bare('b')]))).toEqual([]);
  });

  it('that were said before, and short ones that may be said again', () => {
    const p = piece([
      line('a', 'Bring what you want mended.'),
      line('b', 'Now.'),
      line('c', 'bring what you want mended'),
      line('d', 'Now.'),
    ]);
    expect(of('repeated-line', p)).toMatchObject([{ sceneId: 'c', before: 0 }]);
    expect(mended('repeated-line', p).scenes.map((s) => s.id)).toEqual(['a', 'b', 'd']);
  });
});

describe('the voice', () => {
  const says = (shown: string, spoken: string) => of('voice-differs', piece([line('a', shown, { spoken })]));

  it('that says another figure or another name than is shown', () => {
    expect(says('14 lamps were mended', 'Last week forty lamps were mended.')).toMatchObject([
      { words: ['14'] },
    ]);
    expect(says('Opens at 18:30', 'It opens at half past seven.')).toHaveLength(1);
    expect(says('The bench of Osierwick', 'The bench of Weirside is open.')).toMatchObject([
      { words: ['Osierwick'] },
    ]);
    const p = piece([line('a', '14 lamps', { spoken: 'Forty lamps.' })]);
    expect(mended('voice-differs', p).scenes[0]?.spoken).toBeNull();
  });

  it('that says the same in its own way, more than is shown, or nothing', () => {
    expect(says('14 lamps were mended', 'Last week fourteen lamps were mended.')).toEqual([]);
    expect(says('$4.50 a cup', 'It is four dollars fifty a cup.')).toEqual([]);
    expect(says('Mended in Osierwick', 'All of it was mended in Osierwick, on one evening.')).toEqual([]);
    expect(says('Since 1984', 'We mend since nineteen eighty-four.')).toEqual([]);
    expect(says('1,200 lamps', 'Twelve hundred, or one thousand two hundred lamps.')).toEqual([]);
    expect(says('Lamps', 'A lamp, a clock and 3 radios.')).toEqual([]);
    expect(says('14 lamps', '')).toEqual([]);
    const take = { kind: 'take', takeId: 'r', startMs: 0, endMs: 2000, clean: false } as const;
    const own = line('a', '14 lamps', { spoken: 'Forty lamps.', narration: take });
    expect(of('voice-differs', piece([own]))).toEqual([]);
  });
});

describe('sound', () => {
  const spoken = [line('a', 'The gate opens at noon.'), line('b', 'Trams roll out slowly.')];
  const music = (gainDb: number, duckDb: number | null = null) => [
    { ...newBed('m', { kind: 'composed', mood: 'easy', seed: 1 }), gainDb, duckDb },
  ];

  it('of music that covers the voice, with how far it lies under it', () => {
    expect(of('music-loud', piece(spoken, { beds: music(0) }))).toEqual([]);
    expect(of('music-loud', piece(spoken, { beds: music(-9) }))).toEqual([]);
    const p = piece(spoken, { beds: music(6) });
    expect(of('music-loud', p)).toMatchObject([{ sceneId: 'a', underLu: 7.3 }]);
    expect(mended('music-loud', p).beds[0]?.gainDb).toBe(0);
    expect(of('music-loud', piece(spoken, { beds: music(0, 0) }))).toHaveLength(1);
    const silent = spoken.map((s) => ({ ...s, spoken: '' }));
    expect(of('music-loud', piece(silent, { beds: music(6) }))).toEqual([]);
  });

  it('that is not there for long, unless music or a clip is heard', () => {
    const long = [{ ...(spoken[0] as Scene), durationMs: 7000 }, spoken[1] as Scene];
    const p = piece(long);
    const [mark] = of('silence', p);
    expect(mark).toMatchObject({ sceneId: 'a' });
    expect(mark?.check === 'silence' && mark.lengthMs).toBeGreaterThan(4000);
    expect(mended('silence', p).scenes[0]?.durationMs).toBeNull();
    expect(of('silence', piece(long, { beds: music(0) }))).toEqual([]);
    expect(of('silence', piece(long, { beds: music(-20) }))).toHaveLength(1);
    expect(of('silence', piece(spoken))).toEqual([]);
    // A piece without any voice is meant to be silent.
    expect(of('silence', piece(long.map((s) => ({ ...s, spoken: '' }))))).toEqual([]);
  });
});

describe('pictures that change', () => {
  const many = (n: number) =>
    ['p', 'q', 'r', 's', 't'].slice(0, n).map((id) => picture(id, { confidence: 0.9 }));

  it('more than three times within a second flash', () => {
    const fast = line('a', 'Now.', { spoken: '', durationMs: 1000, pictures: many(5) });
    expect(of('flashing', piece([fast, line('b', 'Later.')]))).toMatchObject([{ changes: 5 }]);
    const slow = line('a', 'Now.', { spoken: '', durationMs: 4000, pictures: many(5) });
    expect(of('flashing', piece([slow]))).toEqual([]);
  });

  it('by dips to light in quick succession', () => {
    const short = ['a', 'b', 'c', 'd'].map((id) => line(id, 'Go.', { spoken: '', durationMs: 400 }));
    const flash = { kind: 'flash', lengthMs: 200 } as const;
    expect(of('flashing', piece(short, { transition: flash })).length).toBeGreaterThan(0);
    expect(of('flashing', piece(short, { transition: { kind: 'cut', lengthMs: 0 } }))).toEqual([]);
  });
});

describe('a destination', () => {
  const lines = ['a', 'b', 'c', 'd'].map((id) => line(id, `Line ${id} is said slowly.`));

  it('that takes less than the piece or its post has, once there are texts for it', () => {
    const kit = [{ ...newKitEntry('tall'), post: 'x'.repeat(41) }];
    const marks = of('over-destination', piece(lines, { kit }));
    expect(marks.map((m) => m.check === 'over-destination' && m.what)).toEqual(['length', 'letters']);
    expect(marks.map(markWords)[1]).toBe('Tall clips takes posts of 40 letters; yours has 41.');
    expect(marks[0]?.repair).not.toBeNull();
    expect(of('over-destination', piece(lines))).toEqual([]);
    expect(of('over-destination', piece(lines, { kit: [newKitEntry('elsewhere')] }))).toEqual([]);
    expect(of('over-destination', piece(lines.slice(0, 1), { kit: [newKitEntry('tall')] }))).toEqual([]);
  });
});

it('a take is found by the key that the timeline asks for', () => {
  const p = piece([line('a', 'One line.')]);
  expect(Object.keys(facts(p).takes)).toEqual([narrationKey(p.scenes[0] as Scene, p)]);
});
