import { describe, expect, it } from 'vitest';
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
import { piece } from './testing.ts';
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
