import { readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { nanoid } from 'nanoid';
import { Failed } from '../core/failure.ts';
import { dressedDraft } from '../core/look/choose.ts';
import type { Format } from '../core/look/formats.ts';
import type { LookName } from '../core/look/looks.ts';
import { type AskedMood, scoredDraft } from '../core/music/suited.ts';
import type { Angle } from '../core/outline/angles.ts';
import { toldChapters } from '../core/outline/chapters.ts';
import { draftFromLines } from '../core/outline/draft.ts';
import { draftFromOutline } from '../core/outline/from-outline.ts';
import { firstChoices, outlineLines } from '../core/outline/outline.ts';
import { photoRemarks } from '../core/outline/photos.ts';
import type { OutlineChoices, OutlineLine } from '../core/outline/types.ts';
import { fitDraft } from '../core/piece/fit.ts';
import { LIMITS } from '../core/piece/limits.ts';
import type { Piece } from '../core/piece/types.ts';
import { castDraft } from '../core/sound/cast.ts';
import { voiceSpeed } from '../core/sound/voices.ts';
import type { SourceKind } from '../core/source/kinds.ts';
import { scriptOf, wordCount } from '../core/source/script.ts';
import { emptySource, type Source, type SourceForm } from '../core/source/types.ts';
import { blanks } from '../core/text/blanks.ts';
import { isDirected, readDirections } from '../core/text/directions/directions.ts';
import { cutScript, type Split } from '../core/text/script.ts';
import type { Milliseconds } from '../core/time.ts';
import { readPhotoFolder } from '../server/assets/photo-set.ts';
import { fetchPictures, SAVED_BASE } from '../server/assets/source-pictures.ts';
import { decodeText } from '../server/read/decode.ts';
import { parseAddress } from '../server/read/fetch.ts';
import { readAddress, readFile as readSource } from '../server/read/read.ts';
import { saidInEnglish } from '../server/shelf/in-english.ts';
import { otherVoicesFor } from '../server/speech/other-voices.ts';
import { failureWords } from '../wording/failures.ts';
import { toldWords } from '../wording/laid.ts';
import { noteWords, remarkWords } from '../wording/sources.ts';
import { UsageError } from './usage.ts';
import { voiceCalled } from './voices.ts';

/** The largest file that is read, bytes. */
const LARGEST_FILE = 60_000_000;
/** The longest script that is read, characters. */
const LONGEST_SCRIPT = 500_000;
/** A document with more words than this is condensed; a shorter one is spoken as it stands. */
const SCRIPT_WORDS = 230;

export interface InputOptions {
  /** A file, a folder of photos, or an address. */
  input: string;
  /** Words given instead of what is in the file; null for none. left: lines that were left out of them. */
  words: string | null;
  left: string[];
  as: Exclude<SourceKind, 'photos'> | null;
  targetMs: Milliseconds | null;
  angle: Angle | null;
  /** Of a book, the chapters that are told, from 1; none tells the first. */
  chapters: number[];
  split: Split;
  format: Format;
  voice: string;
  /** The voice was asked for; otherwise one that speaks the language of the words may take its place. */
  voiceAsked: boolean;
  /** null for no music. */
  mood: AskedMood;
  /** null: the one that suits it best. */
  look: LookName | null;
}

/** What make was given, as a draft without pictures from the shelf yet. say: one line for the user at a time. */
export const draftFromInput = (given: InputOptions, say: (line: string) => void): Promise<Piece> =>
  reading(given.input, async () => {
    const options = { ...given, voice: await voiceCalled(given.voice) };
    const source = await readInput(options, say);
    for (const note of source.notes) say(noteWords(note));
    const draft =
      source.kind === 'script' ? scriptDraft(source, options, say) : outlineDraft(source, options, say);
    const cast = castDraft(
      fitDraft(draft, () => nanoid(10)),
      options.voiceAsked,
      await otherVoicesFor(draft),
    );
    const said = await saidInEnglish(cast);
    const plain = scoredDraft(cast, options.mood, said);
    const fitted = options.look ? { ...plain, look: options.look } : dressedDraft(plain, said);
    checkScenes(
      fitted.scenes.length,
      source.kind === 'script' ? 'Take a part of it, or --split paragraph.' : 'Give a shorter --target.',
    );
    return fitted;
  });

/** What a piece would say, without making it. */
export interface Told {
  kind: SourceKind;
  title: string;
  lines: Pick<OutlineLine, 'ref' | 'layout' | 'shown' | 'spoken' | 'from'>[];
}

/** Reads what a piece would be made of, and what it would say. */
export const toldFromInput = (options: InputOptions, say: (line: string) => void): Promise<Told> =>
  reading(options.input, async () => {
    const source = await readInput(options, say);
    for (const note of source.notes) say(noteWords(note));
    if (source.kind !== 'script') {
      const lines = outlineOf(source, options).lines;
      return { kind: source.kind, title: source.title, lines };
    }
    const { title, scenes } = scriptDraft(source, options, say);
    return {
      ...{ kind: source.kind, title },
      lines: scenes.map(({ layout, shown, spoken, from }) => ({
        ...{ layout, shown, spoken },
        ...{ ref: from?.ref ?? '', from: from?.text ?? '' },
      })),
    };
  });

async function reading<T>(input: string, work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (e) {
    if (e instanceof Failed) throw new UsageError(`${input} cannot be read: ${failureWords(e.failure)}`);
    throw e;
  }
}

async function readInput(options: InputOptions, say: (line: string) => void): Promise<Source> {
  const { input } = options;
  if (options.words !== null) return rawScript(options.words);
  const as =
    options.as === 'article' || options.as === 'product' ? options.as : options.angle ? 'product' : 'auto';
  if (/^https?:\/\//i.test(input)) {
    const { host } = parseAddress(input);
    say(`reading from ${host}`);
    return asked(await fetchPictures(await readAddress(input, as)), options);
  }
  const info = await stat(input).catch(() => null);
  if (!info) throw new UsageError(`There is no file ${input}.`);
  if (info.isDirectory()) {
    const source = await readPhotoFolder(input, (done, total) => say(`photo ${done} of ${total}`));
    if (!source.photos.length)
      throw new UsageError(
        `${input} is a folder without photos. Give a text, a document, a page or a folder of photos.${source.notes.map((n) => ` ${noteWords(n)}`).join('')}`,
      );
    return source;
  }
  if (info.size > LARGEST_FILE)
    throw new UsageError(
      `${input} has ${(info.size / 1e6).toFixed(1)} MB; at most ${LARGEST_FILE / 1e6} MB can be read. Take a part of it.`,
    );
  const bytes = await readFile(input).catch((e: NodeJS.ErrnoException) => {
    throw new UsageError(`${input} cannot be read: ${e.code === 'EACCES' ? 'no permission' : e.message}.`);
  });
  const extension = path.extname(input).toLowerCase();
  if (!bytes.length || !bytes.toString('latin1').trim()) throw new UsageError(`${input} is empty.`);
  if (extension === '.txt' || extension === '') {
    const text = decodeText(bytes);
    if (text.length > LONGEST_SCRIPT)
      throw new UsageError(
        `${input} has ${(text.length / 1e6).toFixed(1)} million characters; a text has at most ${LONGEST_SCRIPT / 1e6} million. Take a part of it.`,
      );
    if (options.targetMs === null && (options.as === null || options.as === 'script')) return rawScript(text);
  }
  if (/^\.(?:md|markdown)$/.test(extension) && options.as !== 'article' && isDirected(decodeText(bytes)))
    return rawScript(decodeText(bytes));
  const source = await readSource(bytes, path.basename(input), as, SAVED_BASE);
  return asked(
    source.pictures.length
      ? await fetchPictures(source, { folder: path.dirname(path.resolve(input)) })
      : source,
    options,
  );
}

/** What may be spoken as it stands when it is short. */
const DOCUMENTS = new Set<SourceForm['kind']>(['word', 'open-document', 'pdf', 'markdown', 'text']);

/** A document becomes a script when that was asked for, or when it is short and no length was. */
function asked(source: Source, options: InputOptions): Source {
  if (source.kind !== 'article') return source;
  const short = DOCUMENTS.has(source.form.kind) && wordCount(source) <= SCRIPT_WORDS;
  if (options.as === 'script' || (options.as === null && options.targetMs === null && short))
    return { ...source, kind: 'script' };
  return source;
}

/** A text file as it is: its line ends and [remarks] count. */
function rawScript(text: string): Source {
  return {
    ...emptySource('script', { kind: 'script' }),
    passages: [{ id: 'p0', kind: 'text', level: 0, sentences: [{ id: 'p0.0', text }] }],
  };
}

function scriptDraft(source: Source, options: InputOptions, say: (line: string) => void): Piece {
  const text =
    source.form.kind === 'script' ? (source.passages[0]?.sentences[0]?.text ?? '') : scriptOf(source);
  const directions = readDirections(text);
  if (directions) say(toldWords(directions.told));
  const lines = cutScript(directions?.text ?? text, options.split);
  if (!lines.length) throw new UsageError(`${options.input} has no words in it that could become a scene.`);
  const draft = draftFromLines(lines, options, () => nanoid(10));
  return source.title ? { ...draft, source: { id: null, kind: 'script', title: source.title } } : draft;
}

function chaptersAsked({ chapters }: Source, { chapters: asked }: InputOptions): string[] {
  const missing = asked.find((n) => !chapters[n - 1]);
  if (missing !== undefined)
    throw new UsageError(
      chapters.length
        ? `There is no chapter ${missing}; the book has these: ${chapters.map((c, i) => `${i + 1} ${c.title}`).join('; ')}.`
        : '--chapters is for books; this has none.',
    );
  return asked.flatMap((n) => chapters[n - 1]?.id ?? []);
}

function outlineOf(source: Source, options: InputOptions): { choices: OutlineChoices; lines: OutlineLine[] } {
  const first = firstChoices(source);
  const choices: OutlineChoices = {
    ...first,
    targetMs: options.targetMs ?? first.targetMs,
    speak: (options.targetMs ?? first.targetMs ?? Number.POSITIVE_INFINITY) <= 20_000 ? 'line' : 'sentence',
    angle: options.angle ?? first.angle,
    chapters: chaptersAsked(source, options),
    photos: {
      ...first.photos,
      leave: photoRemarks(source.photos).map((r) => r.photo),
      ...(options.targetMs ? { length: 'total' as const, totalMs: options.targetMs } : {}),
    },
  };
  const lines = outlineLines(source, choices, voiceSpeed(options.voice));
  if (!lines.length) throw new UsageError(`${options.input} has no words in it that could become a scene.`);
  return { choices, lines };
}

function outlineDraft(source: Source, options: InputOptions, say: (line: string) => void): Piece {
  const { choices, lines } = outlineOf(source, options);
  if (source.chapters.length)
    say(`a book of ${source.chapters.length} chapters; told is ${chapterTitles(source, choices)}`);
  if (source.kind === 'article')
    say(
      `read as an article (${wordCount(source)} words), condensed to about ${Math.round((choices.targetMs ?? 0) / 1000)} s; --target sets another length, --as script speaks all of it`,
    );
  if (source.kind === 'product') say(`read as a product, told as “${choices.angle}”; --angle sets another`);
  for (const r of photoRemarks(source.photos))
    say(`${source.photos.find((p) => p.id === r.photo)?.name} is left out. ${remarkWords(r)}`);
  const open = lines.flatMap((l) => blanks(l.shown).map((b) => b.hint));
  if (open.length) say(`these are blanks that only you can fill: ${open.join('; ')}`);
  return draftFromOutline(source, choices, lines, { ...options, sourceId: null }, () => nanoid(10));
}

const chapterTitles = (source: Source, choices: OutlineChoices): string => {
  const told = toldChapters(source, choices);
  return source.chapters
    .filter((c) => told.includes(c.id))
    .map((c) => `“${c.title}”`)
    .join(', ');
};

function checkScenes(count: number, way: string): void {
  if (count > LIMITS.scenes)
    throw new UsageError(`This makes ${count} scenes; a piece holds at most ${LIMITS.scenes}. ${way}`);
}
