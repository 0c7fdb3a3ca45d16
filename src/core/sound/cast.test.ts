import { describe, expect, it } from 'vitest';
import { piece, scene } from '../piece/testing.ts';
import { type Piece, plainVoice } from '../piece/types.ts';
import { castDraft, castSpeakers, languageOfPiece, voiceFor } from './cast.ts';
import { TONES } from './tones.ts';
import {
  firstVoiceOf,
  isVoiceName,
  languageOfVoice,
  otherVoice,
  otherVoiceName,
  SPOKEN_LANGUAGES,
  VOICES,
  voiceNamed,
  voiceSpeed,
} from './voices.ts';

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

  it('is of the voice’s way: its pace and tone go with every speaker, pitches only where voices run out', () => {
    const voice = { ...plainVoice('maud'), pace: 1.3, tone: 'calm' as const };
    const many = castSpeakers({
      ...said([null, 'x'], ...Array.from({ length: 12 }, (_, i): [string, string] => [`P${i}`, 'x'])),
      voice,
    });
    expect(many.every((s) => s.voice.pace === 1.3 && s.voice.tone === 'calm')).toBe(true);
    // Eleven other English voices, and then the first of them lower.
    expect(many.slice(0, 11).map((s) => s.voice.pitch)).toEqual(Array(11).fill(0));
    expect(many[11]?.voice).toMatchObject({ name: 'maud', pitch: -2 });
    const known = { name: 'P1', voice: plainVoice('tam') };
    const again = castSpeakers({ ...said(['P1', 'x'], ['P2', 'y']), speakers: [known] });
    expect(again[0]).toBe(known);
    expect(again.map((s) => s.name)).toEqual(['P1', 'P2']);
    expect(again[1]?.voice.name).not.toBe('tam');
    // The first speaker of all has the voice of the piece only where it goes with the name.
    expect(castSpeakers(said(['Sophie', 'x']))[0]?.voice.name).toBe('maud');
    expect(castSpeakers(said(['Jon', 'x']))[0]?.voice.name).not.toBe('maud');
    expect(castSpeakers(said(['Quillon', 'x']))[0]?.voice.name).toBe('maud');
  });

  it('is of those that were brought where no voice that ships speaks a language', () => {
    const brought = { name: 'own:eo:abc', label: 'Zam', describe: 'brought', language: 'eo' };
    const way = { ...plainVoice('maud'), pace: 0.8 };
    expect(voiceFor('eo', way)).toBeNull();
    expect(voiceFor('eo', way, [brought])).toEqual({ ...way, name: 'own:eo:abc' });
    expect(voiceFor('de', way, [{ ...brought, language: 'de' }])?.name).toBe('frieda');
    expect(firstVoiceOf('eo')).toBeNull();
    expect(firstVoiceOf('en')?.name).toBe('maud');
  });
});

describe('a voice', () => {
  it('that did not ship is known by its name alone', () => {
    expect(otherVoice(otherVoiceName('own', 'cs', 'a1.2-b_c'))).toEqual({
      kind: 'own',
      language: 'cs',
      id: 'a1.2-b_c',
    });
    for (const name of [
      '',
      'maud',
      'own:',
      'own:cs',
      'own:cs:',
      'own::x',
      'mine:cs:x',
      'own:c:x',
      'own:cs:a b',
    ])
      expect(otherVoice(name), name).toBeNull();
    expect(languageOfVoice('served:fr:q.one')).toBe('fr');
    expect(languageOfVoice('lucien')).toBe('fr');
    expect(languageOfVoice('nobody')).toBe('en');
    expect(isVoiceName('served:fr:q.one') && isVoiceName('bram')).toBe(true);
    expect(isVoiceName('nobody')).toBe(false);
  });

  it('speaks as quickly as was measured; one that is not known here as an average one', () => {
    expect(voiceSpeed('bram')).toBe(0.86);
    expect(voiceSpeed('own:cs:x')).toBe(1);
  });

  it('has tones that are told from each other by pace, pauses and colour, and a plain one that changes nothing', () => {
    const { label: _, describe: __, ...plain } = TONES.plain;
    expect(plain).toEqual({ pace: 1, pitch: 0, pauses: 1, lowDb: 0, presenceDb: 0, airDb: 0 });
    expect(TONES.calm.pace).toBeLessThan(1);
    expect(TONES.calm.pauses).toBeGreaterThan(TONES.warm.pauses);
    expect(TONES.urgent.pace).toBeGreaterThan(TONES.matter.pace);
    expect(TONES.urgent.pauses).toBeLessThan(TONES.matter.pauses);
    expect(TONES.warm.lowDb).toBeGreaterThan(TONES.bright.lowDb);
    expect(TONES.bright.airDb).toBeGreaterThan(TONES.warm.airDb);
  });
});
