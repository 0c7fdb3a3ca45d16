import { mkdtempSync, readdirSync, readFileSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { piece, scene } from '../../core/piece/testing.ts';
import { CONFIG } from '../config.ts';
import { inEnglish, saidInEnglish, understood } from '../shelf/in-english.ts';
import { matchLines } from '../shelf/shelf.ts';
import { lexiconOf, READ_LANGUAGES } from './lexicons.ts';

const DIGITS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/';
const digits = (n: number): string => (n < 64 ? '' : digits(Math.floor(n / 64))) + DIGITS[n % 64];

/** Writes a dictionary as Debian's packages have it. */
function writeDictionary(name: string, entries: Record<string, string>): string {
  let text = '';
  const index = Object.entries(entries).map(([headword, meant]) => {
    const entry = `${headword} /x/ <n>\n${meant}\n\n`;
    const start = Buffer.byteLength(text);
    text += entry;
    return `${headword}\t${digits(start)}\t${digits(Buffer.byteLength(entry))}`;
  });
  writeFileSync(path.join(CONFIG.dictionaries, `freedict-${name}.index`), index.join('\n'));
  const file = path.join(CONFIG.dictionaries, `freedict-${name}.dict.dz`);
  writeFileSync(file, gzipSync(text));
  return file;
}

const config = CONFIG as { -readonly [K in keyof typeof CONFIG]: (typeof CONFIG)[K] };
const before = { ...CONFIG };
const known = { shows: () => true, owns: () => false };

beforeAll(() => {
  config.dictionaries = mkdtempSync(path.join(tmpdir(), 'nabbet-dict-'));
  config.data = mkdtempSync(path.join(tmpdir(), 'nabbet-words-'));
});
afterAll(() => Object.assign(config, before));

describe('words of other languages', () => {
  it('are known from the keywords of signs, without any dictionary', async () => {
    const ukrainian = await lexiconOf('uk');
    expect(ukrainian?.look('хліб')[0]?.[0]).toBe('bread');
    expect(ukrainian?.look('потяги').length).toBeGreaterThan(0);
    expect((await lexiconOf('ko'))?.look('고양이')[0]?.[0]).toContain('cat');
    expect(await lexiconOf('en')).toBeNull();
    expect(await lexiconOf('xx')).toBeNull();
  });

  it('every language has some', async () => {
    for (const language of READ_LANGUAGES) {
      const lexicon = await lexiconOf(language);
      const file = readFileSync(path.join(CONFIG.data, 'lexicons', `${language}.txt`), 'utf8');
      expect(file.split('\n').length).toBeGreaterThan(400);
      expect(lexicon).not.toBeNull();
    }
  });

  it('are known from dictionaries where they are installed, and anew when those change', async () => {
    writeDictionary('deu-eng', { Ofen: '[ugs.] oven <n>, stove <n>', Schürze: 'apron <n>' });
    const file = writeDictionary('eng-deu', { dough: 'Teig, Kuchenteig' });
    // Other languages push it out of what is remembered; that of before was made without a dictionary.
    for (const other of ['uk', 'ko', 'vi']) await lexiconOf(other);
    const german = await lexiconOf('de');
    expect(german?.look('Öfen').map(([w]) => w)).toContain('oven');
    expect(german?.look('Schürzen')[0]?.[0]).toBe('apron');
    expect(german?.look('Teig')[0]?.[0]).toBe('dough');
    writeDictionary('eng-deu', { bread: 'Teig' });
    utimesSync(file, new Date(), new Date(Date.now() + 60_000));
    for (const other of ['uk', 'ko', 'vi']) await lexiconOf(other);
    expect((await lexiconOf('de'))?.look('Teig')[0]?.[0]).toBe('bread');
    expect(readdirSync(path.join(CONFIG.data, 'lexicons')).filter((f) => !f.endsWith('.txt'))).toEqual([]);
  });

  it('a dictionary that is broken is none', async () => {
    const file = path.join(CONFIG.dictionaries, 'freedict-spa-eng');
    writeFileSync(`${file}.index`, 'horno\tA\tB');
    writeFileSync(`${file}.dict.dz`, 'this is not packed');
    for (const other of ['uk', 'ko', 'vi']) await lexiconOf(other);
    expect(await lexiconOf('es')).toBeNull();
  });
});

describe('lines of a piece', () => {
  const WHOLE =
    'Кіт спить на дивані, а собака гавкає під столом. Хліб ще теплий, і кава вже готова на кухні.';

  it('are read in their language, also those that are too short to tell', async () => {
    const [whole, short] = await inEnglish([WHOLE, 'Хліб'], known);
    expect(whole?.text.split(' ')).toEqual(expect.arrayContaining(['cat', 'dog', 'bread']));
    expect(short?.text).toBe('bread');
    expect(short?.gloss?.said.get('bread')).toBe('Хліб');
    expect(await inEnglish(['Хліб'], known, 'uk')).toMatchObject([{ text: 'bread' }]);
    expect(await inEnglish(['bread', ''], known)).toMatchObject([{ gloss: null }, { gloss: null }]);
  });

  it('are left as they are in English, also among names and words that could be of another language', async () => {
    const lines = [
      'Hedda Moll and Onno Feldt run the ferry from Moorhagen to Ellerau.',
      'Die Hard, Der Spiegel, Das Boot: they watched all of them at the Gasthaus.',
      'A la carte or not, the café at the corner is open.',
      'Yes.',
    ];
    const read = await inEnglish(lines, known);
    expect(read).toEqual(lines.map((text) => ({ text, gloss: null })));
    for (const text of lines) expect(await inEnglish([text], known)).toEqual([{ text, gloss: null }]);
  });

  it('of a whole piece are one text in English, and none where they are in English', async () => {
    const said = await saidInEnglish(piece([scene('a', WHOLE)], { title: 'Хліб' }));
    expect(said?.split(/\s/)).toEqual(expect.arrayContaining(['bread', 'cat', 'dog']));
    expect(
      await saidInEnglish(piece([scene('a', 'The ferry is back.')], { title: 'A ferry' })),
    ).toBeUndefined();
  });

  it('have no topic where hardly anything is known of them', async () => {
    const read = async (text: string) =>
      understood(await inEnglish([text], { ...known, shows: () => false }, 'uk'));
    expect(await read('Хліб і собака')).toBe(true);
    expect(await read('Хліб абвгде жзийкл')).toBe(false);
    expect(await read('')).toBe(true);
  });

  it('are matched by what they mean, and say so', async () => {
    const line = (id: string, shown: string, brief = '') => ({ id, layout: 'caption', shown, brief });
    const lines = await matchLines([line('a', WHOLE), line('b', 'Щоранку'), line('c', 'Так', 'собака')]);
    expect(lines[0]?.said?.get('dog')).toBe('собака');
    expect(lines[0]?.text).toContain('cat');
    expect(lines[2]?.brief).toBe('dog');
    // Nothing is known of it: it is like no picture, and has the vector of none.
    expect(lines[1]?.text).toBe('');
    expect(Math.max(...(lines[1]?.vector ?? [1]).map(Math.abs))).toBe(0);
    expect(lines[1]?.vector.length).toBe(lines[0]?.vector.length);
  });
});
