import { existsSync } from 'node:fs';
import { mkdir, readFile, rename, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { promisify } from 'node:util';
import { gunzip } from 'node:zlib';
import { stemmer as arabic } from '@orama/stemmers/arabic';
import { stemmer as danish } from '@orama/stemmers/danish';
import { stemmer as dutch } from '@orama/stemmers/dutch';
import { stemmer as finnish } from '@orama/stemmers/finnish';
import { stemmer as french } from '@orama/stemmers/french';
import { stemmer as german } from '@orama/stemmers/german';
import { stemmer as greek } from '@orama/stemmers/greek';
import { stemmer as hungarian } from '@orama/stemmers/hungarian';
import { stemmer as indonesian } from '@orama/stemmers/indonesian';
import { stemmer as italian } from '@orama/stemmers/italian';
import { stemmer as norwegian } from '@orama/stemmers/norwegian';
import { stemmer as portuguese } from '@orama/stemmers/portuguese';
import { stemmer as romanian } from '@orama/stemmers/romanian';
import { stemmer as russian } from '@orama/stemmers/russian';
import { stemmer as spanish } from '@orama/stemmers/spanish';
import { stemmer as swedish } from '@orama/stemmers/swedish';
import { stemmer as turkish } from '@orama/stemmers/turkish';
import { stemmer as ukrainian } from '@orama/stemmers/ukrainian';
import { LRUCache } from 'lru-cache';
import { nanoid } from 'nanoid';
import stopwords from 'stopwords-iso';
import { type Annotations, addAnnotations } from '../../core/match/annotations.ts';
import { addEntries, type Bilingual, entriesOf } from '../../core/match/freedict.ts';
import { Lexicon, lexiconText } from '../../core/match/lexicon.ts';
import { CONFIG } from '../config.ts';
import { log } from '../log.ts';

interface Source {
  /** Name in Unicode's CLDR. */
  cldr: string;
  /** Name of its FreeDict dictionaries (ISO 639-3), which are Debian packages; null where there is none. */
  freedict: string | null;
  stem?: (word: string) => string;
  compounds?: boolean;
  capitalNouns?: boolean;
}

/** By language, two letters. */
const SOURCES: Record<string, Source> = {
  ar: { cldr: 'ar', freedict: 'ara', stem: arabic },
  cs: { cldr: 'cs', freedict: 'ces' },
  da: { cldr: 'da', freedict: 'dan', stem: danish, compounds: true },
  de: { cldr: 'de', freedict: 'deu', stem: german, compounds: true, capitalNouns: true },
  el: { cldr: 'el', freedict: 'ell', stem: greek },
  es: { cldr: 'es', freedict: 'spa', stem: spanish },
  fi: { cldr: 'fi', freedict: 'fin', stem: finnish, compounds: true },
  fr: { cldr: 'fr', freedict: 'fra', stem: french },
  hi: { cldr: 'hi', freedict: 'hin' },
  hu: { cldr: 'hu', freedict: 'hun', stem: hungarian, compounds: true },
  id: { cldr: 'id', freedict: 'ind', stem: indonesian },
  it: { cldr: 'it', freedict: 'ita', stem: italian },
  ja: { cldr: 'ja', freedict: 'jpn' },
  ko: { cldr: 'ko', freedict: null },
  nb: { cldr: 'no', freedict: 'nor', stem: norwegian, compounds: true },
  nl: { cldr: 'nl', freedict: 'nld', stem: dutch, compounds: true },
  pl: { cldr: 'pl', freedict: 'pol' },
  pt: { cldr: 'pt', freedict: 'por', stem: portuguese },
  ro: { cldr: 'ro', freedict: null, stem: romanian },
  ru: { cldr: 'ru', freedict: 'rus', stem: russian },
  sv: { cldr: 'sv', freedict: 'swe', stem: swedish, compounds: true },
  tr: { cldr: 'tr', freedict: 'tur', stem: turkish },
  uk: { cldr: 'uk', freedict: null, stem: ukrainian },
  vi: { cldr: 'vi', freedict: null },
  zh: { cldr: 'zh', freedict: null },
};

/** Languages of which words can be read in English. */
export const READ_LANGUAGES = Object.keys(SOURCES);

/** Changes with the form of what is compiled. */
const FORM = 1;
const lexicons = new LRUCache<string, Promise<Lexicon | null>>({ max: 3 });

/** What words of a language mean in English; null for a language of which nothing is known, and for English. */
export function lexiconOf(language: string): Promise<Lexicon | null> {
  const known = lexicons.get(language);
  if (known) return known;
  const loading = load(language).catch((e: unknown) => {
    lexicons.delete(language);
    log.error({ err: e, language }, 'a dictionary cannot be read');
    return null;
  });
  lexicons.set(language, loading);
  return loading;
}

async function load(language: string): Promise<Lexicon | null> {
  const source = SOURCES[language];
  if (!source) return null;
  const { stem = (w: string) => w, compounds = false, capitalNouns } = source;
  const listed: Record<string, string[]> = stopwords;
  const small = new Set(listed[language === 'nb' ? 'no' : language]);
  return new Lexicon(await textFor(language, source), { stem, small, compounds, capitalNouns });
}

const filesOf = (name: string) =>
  ['index', 'dict.dz'].map((ending) => path.join(CONFIG.dictionaries, `freedict-${name}.${ending}`)) as [
    string,
    string,
  ];

/** Compiled once, and again when a dictionary has come or changed: the largest has a hundred megabytes of text. */
async function textFor(language: string, source: Source): Promise<string> {
  const pairs = [`${source.freedict}-eng`, `eng-${source.freedict}`].filter((name) =>
    filesOf(name).every((f) => existsSync(f)),
  );
  const times = await Promise.all(pairs.map(async (name) => (await stat(filesOf(name)[1])).mtimeMs));
  const made = JSON.stringify([FORM, pairs, times]);
  const file = path.join(CONFIG.data, 'lexicons', `${language}.txt`);
  const kept = existsSync(file) ? await readFile(file, 'utf8') : '';
  if (kept.startsWith(`${made}\n`)) return kept.slice(made.length + 1);
  const text = lexiconText(await compile(source, pairs));
  await mkdir(path.dirname(file), { recursive: true });
  const part = `${file}.${nanoid(8)}`;
  await writeFile(part, `${made}\n${text}`);
  await rename(part, file);
  return text;
}

/** Compiles what is not compiled yet, so that nobody waits for it who brings words in another language. */
export async function compileLexicons(say: (line: string) => void): Promise<void> {
  const folder = path.join(CONFIG.data, 'lexicons');
  if (!existsSync(folder)) say('Reading the dictionaries of other languages, once');
  for (const [language, source] of Object.entries(SOURCES)) await textFor(language, source);
}

async function compile({ cldr }: Source, pairs: readonly string[]): Promise<Bilingual> {
  const words: Bilingual = new Map();
  for (const name of pairs) {
    const [index, dict] = filesOf(name);
    const text = await promisify(gunzip)(await readFile(dict));
    const read = (start: number, length: number) => text.subarray(start, start + length).toString('utf8');
    addEntries(words, entriesOf(await readFile(index, 'utf8')), read, name.startsWith('eng-'));
  }
  const [foreign, english] = await Promise.all([cldr, 'en'].map(annotations));
  addAnnotations(words, foreign as Annotations, english as Annotations);
  return words;
}

async function annotations(locale: string): Promise<Annotations> {
  const file = path.join(
    CONFIG.root,
    'node_modules/cldr-annotations-full/annotations',
    locale,
    'annotations.json',
  );
  return JSON.parse(await readFile(file, 'utf8')).annotations.annotations;
}
