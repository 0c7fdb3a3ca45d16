import { describe, expect, it } from 'vitest';
import { marksWords, markWords, repairWords } from '../../wording/marks.ts';
import type { CreditFact } from '../exchange/credits.ts';
import { LAYOUT_NAMES } from '../look/layouts.ts';
import { LOOK_NAMES } from '../look/looks.ts';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { AS_THE_PIECE } from '../piece/appearance.ts';
import { applyEdit, type Edit } from '../piece/edit.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import { type Piece, plainVoice, type Scene } from '../piece/types.ts';
import { msToSamples } from '../time.ts';
import { compile } from '../timeline/compile.ts';
import { takeKey } from '../timeline/keys.ts';
import type { AssetFact } from '../timeline/types.ts';
import { type CheckName, check, type Mark } from './proof.ts';
import type { ProofFacts } from './types.ts';
import { takeBackWaiver, waive } from './waive.ts';

const setter = new Typesetter((text, font) => text.length * font.size * 0.5);
const NOTHING: ProofFacts = {
  ...{ takes: {}, assets: {}, tracks: {}, ownTracks: {}, refused: {}, credits: {} },
  destinations: [],
  comments: [],
  misspelled: () => [],
};
const good = () => picture('p', { confidence: 0.9 });

const marksOf = (p: Piece, facts: ProofFacts = NOTHING): Mark[] => check(p, compile(p, facts, setter), facts);
const found = (marks: readonly Mark[]) => marks.map((m) => [m.check, m.sceneId]);
const only = <N extends CheckName>(name: N, marks: readonly Mark[]) => {
  const out = marks.filter((m): m is Extract<Mark, { check: N }> => m.check === name);
  return out;
};
/** A scene with nothing wrong. */
const fine = (id: string, more: Partial<Scene> = {}): Scene =>
  scene(id, 'The barge holds.', { pictures: [good()], ...more });

/** The marks after the repair of a mark was applied. */
function mended(p: Piece, mark: Mark | undefined, facts = NOTHING): Mark[] {
  if (!mark?.repair) throw new Error('There is no repair.');
  const r = applyEdit(p, mark.repair);
  if (!r.ok) throw new Error('The repair does not apply.');
  expect(repairWords(mark)).toBeTruthy();
  return marksOf(r.piece, facts);
}

describe('proof', () => {
  it('finds nothing where nothing is wrong', () => {
    expect(marksOf(piece([fine('a'), fine('b')]))).toEqual([]);
    expect(marksOf(piece([]))).toEqual([]);
  });

  it('blanks that are left: what belongs there and where', () => {
    const marks = marksOf(piece([fine('a', { shown: 'It costs ‹price› at ‹place›.' }), fine('b')]));
    const blanks = only('blank', marks);
    expect(blanks.map((b) => [b.hint, b.start, b.end])).toEqual([
      ['price', 9, 16],
      ['place', 20, 27],
    ]);
    expect(blanks.map((b) => [b.weight, b.pass, b.repair])).toEqual(Array(2).fill(['stop', 'words', null]));
    expect(blanks.map(markWords)).toEqual(['A blank is left: price.', 'A blank is left: place.']);
  });

  it('scenes without a picture, but not where one goes on or none is wanted', () => {
    const bare = { pictures: [] };
    expect(found(marksOf(piece([fine('a', bare), fine('b')])))).toEqual([['no-picture', 'a']]);
    expect(marksOf(piece([fine('a'), fine('b', { ...bare, runsOn: true })]))).toEqual([]);
    expect(marksOf(piece([fine('a', { ...bare, layout: 'title' })]))).toEqual([]);
  });

  it('weak pictures that the machine chose, not those of the writer', () => {
    const weak = picture('p', { confidence: 0.34 });
    const marks = marksOf(piece([fine('a', { pictures: [weak] })]));
    expect(marks).toMatchObject([{ check: 'weak-picture', sceneId: 'a', assetId: 'p', confidence: 0.34 }]);
    expect(marks.map(markWords)[0]).toContain('34 of 100');
    for (const not of [
      { ...weak, by: 'writer' as const },
      { ...weak, confidence: 0.35 },
    ])
      expect(marksOf(piece([fine('a', { pictures: [not] })]))).toEqual([]);
    expect(marksOf(piece([fine('a'), fine('b', { pictures: [weak], runsOn: true })]))).toEqual([]);
  });

  it('words that go too fast, mended by letting them stand', () => {
    const shown = 'The barge was built in a yard that nobody has seen again since the winter of that year.';
    const p = piece([fine('a', { shown, spoken: '', durationMs: 2000 })]);
    const [mark] = only('reading-speed', marksOf(p));
    expect(mark?.speed).toBeCloseTo(shown.length / 2, 0);
    expect(mended(p, mark)).toEqual([]);
    expect(marksOf({ ...p, captions: false })).toEqual([]);
    const slow = piece([
      fine('a', { shown, spoken: '', durationMs: Math.ceil((shown.length / 21) * 1000) + 34 }),
    ]);
    expect(marksOf(slow)).toEqual([]);
  });

  it('a length that is too short for the voice, mended by following it', () => {
    const p = piece([fine('a', { durationMs: 1000 })]);
    const key = takeKey('The barge holds.', p.voice);
    const facts = { ...NOTHING, takes: { [key]: { key, samples: msToSamples(2500), words: [] } } };
    const [mark] = only('short-for-voice', marksOf(p, facts));
    expect(mark).toMatchObject({ sceneId: 'a', weight: 'note', wantedMs: 1000 });
    expect(mark?.isMs).toBeGreaterThan(2500);
    expect(mended(p, mark, facts)).toEqual([]);
  });

  it('pictures on terms that are unknown or not met, each once, where it is seen first', () => {
    const terms = (id: string, licence: CreditFact['licence'], credit = ''): CreditFact => ({
      ...{ id, title: `The ${id}`, licence, credit },
    });
    const credits = {
      free: terms('free', 'free'),
      owed: terms('owed', 'credit', 'B. Reed'),
      nameless: terms('nameless', 'credit'),
      who: terms('who', 'unknown'),
    };
    const scenes = Object.keys(credits).map((id) =>
      fine(`of-${id}`, { pictures: [picture(id, { confidence: 1 })] }),
    );
    const p = piece([...scenes, fine('again', { pictures: [picture('who', { confidence: 1 })] })]);
    const marks = only('credit', marksOf(p, { ...NOTHING, credits }));
    expect(marks.map((m) => [m.sceneId, m.wants])).toEqual([
      ['of-who', 'unknown'],
      ['of-nameless', 'nameless'],
    ]);
    expect(marks.map(markWords)).toEqual([
      '“The who”: nobody knows yet whether it may be used.',
      '“The nameless”: wants a name that is not given yet.',
    ]);
  });

  it('of one kind are said together, with their places', () => {
    const weak = (id: string) => fine(id, { pictures: [picture('p', { confidence: 0.2 })] });
    const scenes = [...'abcdefgh'].map(weak);
    const say = (n: number) =>
      marksWords(marksOf(piece(scenes.slice(0, n))), (id) => scenes.findIndex((s) => s.id === id) + 1);
    expect(say(1)).toBe('Scene 1. The picture is a weak match (20 of 100).');
    expect(say(2)).toBe('2 pictures are weak matches: scenes 1, 2.');
    expect(say(8)).toBe('8 pictures are weak matches: scenes 1, 2, 3, 4, 5, 6 …');
    const two = marksOf(piece([fine('a', { shown: '‹one› and ‹two›' })]));
    expect(marksWords(two, () => 1)).toBe('2 blanks are still open and would be seen in the video: scene 1.');
    expect(marksWords([], () => 1)).toBe('');
  });

  it('lines that no voice can say, mended by silence', () => {
    const p = piece([fine('a', { shown: '🙂' })]);
    const facts = { ...NOTHING, refused: { [takeKey('🙂', p.voice)]: { code: 'unspeakable' as const } } };
    const [mark] = only('no-voice', marksOf(p, facts));
    expect(mark).toMatchObject({ sceneId: 'a', pass: 'voice', why: { code: 'unspeakable' } });
    expect(mended(p, mark, facts)).toEqual([]);
  });

  it('words of another language than the voice’s, mended by a voice that speaks it', () => {
    const german =
      'Niemand bezahlt den alten Mann, aber jeder bringt ihm etwas zu essen mit und bleibt ein wenig.';
    const p = piece([fine('a', { shown: german }), fine('b')]);
    const [mark] = only('other-language', marksOf(p));
    expect(mark).toMatchObject({ sceneId: 'a', written: 'de', spoken: 'en', pass: 'voice' });
    expect(markWords(mark as Mark)).toBe('The words are in German, and a voice for English reads them.');
    expect(only('other-language', mended(p, mark))).toEqual([]);
    // A voice of the language, one's own voice, and words too few to tell have no mark.
    for (const more of [
      { voice: plainVoice('frieda') },
      { narration: { kind: 'take' as const, takeId: 't', startMs: 0, endMs: null, clean: false } },
      { shown: 'Guten Abend.' },
    ])
      expect(only('other-language', marksOf(piece([fine('a', { shown: german, ...more })])))).toEqual([]);
  });

  it('words that cannot be told from what is behind them, mended by the least that is enough', () => {
    const same = (more: Partial<Scene['look'] & object>) => ({ look: { ...AS_THE_PIECE, ...more } });
    // On a strip: another colour is enough.
    const strip = piece([fine('a', same({ colour: '#888888', ground: 'strip', groundColour: '#808080' }))]);
    const [mark] = only('legible', marksOf(strip));
    expect(mark).toMatchObject({ on: 'strip', sceneId: 'a', weight: 'look', pass: 'look' });
    expect(mark?.ratio).toBeLessThan(1.3);
    expect(markWords(mark as Mark)).toMatch(/stand out from the strip by 1\.\d to 1, and need [34]/);
    expect(only('legible', mended(strip, mark))).toEqual([]);
    // On the picture itself, which may be anything: a shade, and white words.
    const bare = piece([fine('a', same({ colour: '#777777', ground: 'none' }))]);
    const facts = { ...NOTHING, assets: { p: headed([0, 0, 0.1, 0.1]) } };
    const [onPicture] = only('legible', marksOf(bare, facts));
    expect(onPicture?.on).toBe('picture');
    expect(only('legible', mended(bare, onPicture, facts))).toEqual([]);
    // Without a picture, on the ground of the look.
    const [onGround] = only('legible', marksOf(bare));
    expect(onGround?.on).toBe('ground');
    expect(only('legible', mended(bare, onGround))).toEqual([]);
    // Without a word of the writer, no look has words that cannot be read.
    for (const look of LOOK_NAMES) {
      const scenes = LAYOUT_NAMES.map((layout) => fine(layout, { layout, highlights: [[0, 3]] }));
      expect(only('legible', marksOf({ ...piece(scenes), look }))).toEqual([]);
    }
  });

  it('pictures that come again, but not those that go on', () => {
    const of = (ids: string[]) =>
      only(
        'repeated-picture',
        marksOf(piece(ids.map((id, i) => fine(`s${i}`, { pictures: [picture(id, { confidence: 0.9 })] })))),
      ).map((m) => [m.sceneId, m.beforeId]);
    expect(of(['p', 'q', 'p', 'q'])).toEqual([
      ['s2', 's0'],
      ['s3', 's1'],
    ]);
    expect(of(['p', 'p', 'q'])).toEqual([]);
    // What is not seen, since the picture before goes on, is not seen twice.
    const through = ['p', 'q', 'p'].map((id, i) =>
      fine(`s${i}`, { pictures: [picture(id, { confidence: 0.9 })], runsOn: i === 2 }),
    );
    expect(only('repeated-picture', marksOf(piece(through)))).toEqual([]);
    // What was chosen to come again says so itself, until somebody else puts it there.
    const again = (by: 'nab' | 'writer') =>
      only(
        'repeated-picture',
        marksOf(
          piece(
            ['p', 'q', 'p'].map((id, i) =>
              fine(`s${i}`, {
                pictures: [picture(id, { by, confidence: 0.9, reasons: i === 2 ? [{ code: 'again' }] : [] })],
              }),
            ),
          ),
        ),
      );
    expect(again('nab')).toEqual([]);
    expect(again('writer')).toHaveLength(1);
    // The picture of the title closes the piece on purpose; any other one does not.
    const closed = (id: string) =>
      ['p', 'q', 'r', id].map((asset, i) =>
        fine(`s${i}`, {
          ...{
            shown: i % 3 ? 'It waits.' : 'The last ferry',
            layout: i ? (i === 3 ? 'end' : 'caption') : 'title',
          },
          pictures: [picture(asset, { confidence: 0.9 })],
        }),
      );
    expect(only('repeated-picture', marksOf(piece(closed('p'))))).toEqual([]);
    expect(only('repeated-picture', marksOf(piece(closed('q'))))).toHaveLength(1);
  });

  it('openings that stand long, and a length that is off its target', () => {
    const slow = piece([fine('a', { durationMs: 7000 }), fine('b'), fine('c')]);
    expect(only('slow-opening', marksOf(slow))).toMatchObject([{ sceneId: 'a', isMs: 7000, mostMs: 5000 }]);
    expect(only('slow-opening', marksOf(piece([fine('a', { durationMs: 7000 }), fine('b')])))).toEqual([]);
    const silent = (targetMs: number | null) => ({
      ...piece(['a', 'b', 'c'].map((id) => fine(id, { spoken: '', durationMs: 4000 }))),
      targetMs,
    });
    expect(only('off-target', marksOf(silent(12_500)))).toEqual([]);
    expect(only('off-target', marksOf(silent(null)))).toEqual([]);
    expect(only('off-target', marksOf(silent(20_000)))).toMatchObject([{ isMs: 12_000, wantedMs: 20_000 }]);
  });

  it('pictures that are too small, and frames that leave the subject out', () => {
    const small: AssetFact = {
      ...{ id: 'p', kind: 'still', loopFrames: 0, durationMs: 0, sound: false },
      views: { tall: { width: 540, height: 960, focal: [0.1, 0.1, 0.2, 0.2] } },
    };
    const facts = { ...NOTHING, assets: { p: small } };
    const [mark] = only('small-picture', marksOf(piece([fine('a')]), facts));
    expect(mark?.enlarged).toBeGreaterThan(2);
    const framing = {
      fit: 'fill',
      surround: 'blur',
      move: 'still',
      aims: { tall: [{ x: 0.8, y: 0.8, zoom: 3 }] },
    } as const;
    const cut = piece([
      fine('a', {
        pictures: [picture('p', { confidence: 0.9, framing: structuredClone(framing) as never })],
      }),
    ]);
    const [off] = only('subject-cut', marksOf(cut, facts));
    expect(off?.seen).toBe(0);
    expect(only('subject-cut', mended(cut, off, facts))).toEqual([]);
    expect(only('subject-cut', marksOf(piece([fine('a')]), facts))).toEqual([]);
  });

  it('words that were moved out of the safe area, mended by putting them back', () => {
    const put = (y: number) =>
      piece([fine('a', { look: { ...AS_THE_PIECE, places: { '9:16': { x: 0.5, y, width: null } } } })]);
    expect(only('outside-safe', marksOf(put(0.5)))).toEqual([]);
    const low = put(0.97);
    const [mark] = only('outside-safe', marksOf(low));
    expect(mark?.sceneId).toBe('a');
    expect(only('outside-safe', mended(low, mark))).toEqual([]);
  });

  it('what the writer leaves as it is stays, with his reason, until he takes that back', () => {
    const p = piece([fine('a', { shown: 'It costs ‹price›.' })]);
    const [mark] = marksOf(p);
    if (!mark) throw new Error('There is no finding.');
    expect(mark.waived).toBeNull();
    const after = (q: Piece, edit: Edit): Piece => {
      const r = applyEdit(q, edit);
      if (!r.ok) throw new Error('It does not apply.');
      return r.piece;
    };
    const left = after(p, waive(p, mark, ' the price comes later '));
    expect(marksOf(left).map((m) => m.waived)).toEqual(['the price comes later']);
    const twice = after(left, waive(left, mark, ''));
    expect([twice.waived.length, marksOf(twice)[0]?.waived]).toEqual([1, '']);
    expect(marksOf(after(twice, takeBackWaiver(twice, mark)))[0]?.waived).toBeNull();
  });

  it('words on a head that the writer put there', () => {
    const heads = { p: headed([0.4, 0.2, 0.2, 0.15]) };
    const put = (y: number) =>
      piece([fine('a', { look: { ...AS_THE_PIECE, places: { '9:16': { x: 0.5, y, width: null } } } })]);
    const of = (p: Piece) => only('on-head', marksOf(p, { ...NOTHING, assets: heads })).map((m) => m.sceneId);
    expect(of(put(0.27))).toEqual(['a']);
    expect(of(put(0.8))).toEqual([]);
  });
});

/** A picture in which somebody's head is. */
const headed = (head: [number, number, number, number]): AssetFact => ({
  ...{ id: 'p', kind: 'still', loopFrames: 0, durationMs: 0, sound: false },
  views: {
    tall: { width: 1080, height: 1920, focal: head, relief: { cells: '08f'.repeat(96), heads: [head] } },
  },
});
