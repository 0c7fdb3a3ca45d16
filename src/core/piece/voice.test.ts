import { describe, expect, it } from 'vitest';
import { castDraft, castSpeakers, languageOfPiece } from '../sound/cast.ts';
import { SPOKEN_LANGUAGES, VOICES, voiceNamed } from '../sound/voices.ts';
import { applyEdit, type Edit } from './edit.ts';
import {
  chooseRecording,
  dropRecording,
  narratePiece,
  partOf,
  speakAgain,
  takeRecording,
  trimRecording,
} from './record.ts';
import { piece, scene } from './testing.ts';
import { type Piece, type Scene, voiceIn } from './types.ts';
import {
  changeVoice,
  clearVoice,
  removeSaying,
  removeSpeaker,
  renameSpeaker,
  setSaying,
  setSpeaker,
  voiceOfScope,
} from './voice.ts';

/** Applies an edit, and makes sure that its inverse takes it back. */
function done(p: Piece, edit: Edit | null): Piece {
  if (!edit) throw new Error('No edit.');
  const r = applyEdit(p, edit);
  if (!r.ok) throw new Error(JSON.stringify(r.failure));
  const back = applyEdit(r.piece, r.inverse);
  expect(back.ok && back.piece).toEqual(p);
  return r.piece;
}
const at = (p: Piece, i: number) => p.scenes[i] as Scene;
const voices = (p: Piece) => p.scenes.map((s) => voiceIn(p, s).name);

describe('the voice of a scene', () => {
  it('is its own, or its speaker’s, or that of the piece', () => {
    let p = piece();
    p = done(p, setSpeaker(p, [at(p, 1), at(p, 2)], 'Mira'));
    expect(voices(p)).toEqual(['maud', 'tilda', 'tilda']);
    p = done(p, changeVoice(p, { of: 'scenes' }, [at(p, 2)], { name: 'fenn', tone: 'calm' }));
    p = done(p, changeVoice(p, { of: 'speaker', name: 'Mira' }, [], { name: 'tam' }));
    p = done(p, changeVoice(p, { of: 'piece' }, [], { name: 'bram' }));
    expect(voices(p)).toEqual(['bram', 'tam', 'fenn']);
    expect(voiceOfScope(p, { of: 'scenes' }, [at(p, 2)]).tone).toBe('calm');
    expect(voiceOfScope(p, { of: 'speaker', name: 'gone' }, [])).toBe(p.voice);
    p = done(p, clearVoice(p.scenes));
    expect(voices(p)).toEqual(['bram', 'tam', 'tam']);
    expect(clearVoice(p.scenes)).toBeNull();
  });

  it('follows a speaker that gets another name, and falls back when the speaker goes', () => {
    let p = piece();
    p = done(p, setSpeaker(p, [at(p, 0)], ' Mira '));
    p = done(p, renameSpeaker(p, 'Mira', 'Ada'));
    expect(at(p, 0).speaker).toBe('Ada');
    expect(renameSpeaker(p, 'Ada', '  ')).toBeNull();
    expect(setSpeaker(p, [at(p, 0)], 'Ada')).toBeNull();
    p = done(p, removeSpeaker(p, 'Ada'));
    expect(p.speakers).toEqual([]);
    expect(voices(p)).toEqual(['maud', 'maud', 'maud']);
  });

  it('of words that are read in a way of their own: one way for each, whatever its capitals', () => {
    let p = piece();
    p = done(p, setSaying(p, { written: 'Osierwick', said: 'one' }));
    p = done(p, setSaying(p, { written: 'osierwick ', said: ' two ' }));
    expect(p.says).toEqual([{ written: 'osierwick', said: 'two' }]);
    expect(setSaying(p, { written: ' ', said: 'x' })).toBeNull();
    expect(done(p, removeSaying(p, 'osierwick')).says).toEqual([]);
  });
});

describe('the cast of a draft', () => {
  const said = (...lines: [string | null, string][]): Piece =>
    piece(lines.map(([speaker, words], i) => scene(`s${i}`, words, { speaker })));

  it('gives every speaker another voice, and the first that of the piece when nobody else speaks', () => {
    const all = castDraft(said(['A', 'x'], ['B', 'y'], ['A', 'z'], ['C', 'w']));
    expect(all.speakers.map((s) => s.name)).toEqual(['A', 'B', 'C']);
    expect(all.speakers[0]?.voice).toEqual(all.voice);
    const told = castDraft(said([null, 'x'], ['A', 'y']));
    expect(told.speakers[0]?.voice.name).not.toBe(told.voice.name);
    const crowd = castSpeakers(
      said(...Array.from({ length: 20 }, (_, i): [string, string] => [`P${i}`, 'x'])),
    );
    expect(new Set(crowd.map((s) => `${s.voice.name} ${s.voice.pitch}`)).size).toBe(20);
  });

  it('goes by first names where they are known', () => {
    const p = castDraft(said([null, 'x'], ['Jon', 'y'], ['Sophie', 'z'], ['Captain', 'w']));
    expect(p.speakers.map((s) => voiceNamed(s.voice.name)?.of).slice(0, 2)).toEqual(['man', 'woman']);
    const first = castDraft(said(['Jon', 'x'], ['Sophie', 'y']));
    expect(voiceNamed(first.speakers[0]?.voice.name ?? '')?.of).toBe('man');
  });

  it('has a voice that speaks the language of the words, unless one was asked for', () => {
    const german =
      'In der kleinen Gasse hinter dem Markt repariert ein alter Mann jeden Donnerstag die Uhren der ganzen Stadt.';
    const draft = said([null, german], ['A', german]);
    const cast = castDraft(draft);
    expect(voiceNamed(cast.voice.name)?.language).toBe('de');
    expect(voiceNamed(cast.speakers[0]?.voice.name ?? '')?.language).toBe('de');
    expect(castDraft(draft, true).voice.name).toBe('maud');
    expect(languageOfPiece(said([null, 'Too short.']))).toBeNull();
  });

  it('has at least twelve English voices and two in each of at least fifteen other languages', () => {
    expect(VOICES.filter((v) => v.language === 'en').length).toBeGreaterThanOrEqual(12);
    expect(SPOKEN_LANGUAGES.length).toBeGreaterThan(15);
    expect(new Set(VOICES.map((v) => v.name)).size).toBe(VOICES.length);
    for (const l of SPOKEN_LANGUAGES)
      expect(VOICES.filter((v) => v.language === l).length).toBeGreaterThanOrEqual(2);
  });
});

describe('recordings of a scene', () => {
  const first = { id: 'r1', lengthMs: 3000, startMs: 200, endMs: 2500 };

  it('are taken, trimmed, cleaned, exchanged and given up; each step can be taken back', () => {
    let p = piece();
    p = done(p, takeRecording(at(p, 0), first));
    expect(partOf(at(p, 0))).toMatchObject({ takeId: 'r1', startMs: 200, endMs: 2500, clean: false });
    p = done(p, trimRecording(at(p, 0), { startMs: 400 }));
    p = done(p, trimRecording(at(p, 0), { clean: true }));
    p = done(p, takeRecording(at(p, 0), { ...first, id: 'r2' }));
    expect(at(p, 0).recorded).toEqual(['r1', 'r2']);
    // What is clean stays clean.
    expect(partOf(at(p, 0))).toMatchObject({ takeId: 'r2', clean: true });
    p = done(p, chooseRecording(at(p, 0), { id: 'r1', startMs: 0, endMs: null }));
    p = done(p, dropRecording(at(p, 0), 'r2'));
    expect(partOf(at(p, 0))?.takeId).toBe('r1');
    p = done(p, dropRecording(at(p, 0), 'r1'));
    expect(at(p, 0)).toMatchObject({ recorded: [], narration: { kind: 'synthetic' } });
    expect(trimRecording(at(p, 0), { startMs: 1 })).toBeNull();
    expect(speakAgain(p.scenes)).toBeNull();
  });

  it('of the whole piece go to the rows that are heard in it', () => {
    let p = piece();
    p = done(p, narratePiece(p, 'long', [{ startMs: 0, endMs: 900 }, null, { startMs: 900, endMs: 2000 }]));
    expect(p.scenes.map((s) => partOf(s)?.startMs ?? null)).toEqual([0, null, 900]);
    p = done(p, speakAgain(p.scenes));
    expect(p.scenes.every((s) => s.narration.kind === 'synthetic')).toBe(true);
    expect(narratePiece(p, 'long', [null, null, null])).toBeNull();
  });
});
