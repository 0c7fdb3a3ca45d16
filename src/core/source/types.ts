import type { Failure } from '../failure.ts';
import type { Milliseconds } from '../time.ts';
import type { SourceKind } from './kinds.ts';
import type { LineReason } from './reasons.ts';

/** One sentence of a source; its id is unique in the source ("p4.1") and stays the same for the same input. */
export interface Sentence {
  id: string;
  text: string;
}

export const PASSAGE_KINDS = ['heading', 'text', 'quote', 'item', 'table'] as const;
export type PassageKind = (typeof PASSAGE_KINDS)[number];

/** A block of what was read, in reading order. */
export interface Passage {
  id: string;
  kind: PassageKind;
  /** Of a heading: 1 to 6; else 0. */
  level: number;
  sentences: Sentence[];
}

/** A picture that stands in the source. */
export interface SourcePicture {
  id: string;
  /** Where it was found; null for an upload. */
  address: string | null;
  /** Our own copy; null while there is none. */
  assetId: string | null;
  alt: string;
  caption: string;
  /** The passage after which it stands; null before the first. */
  after: string | null;
  /** Why it cannot be used; null when it can. */
  problem: Failure | null;
}

/** What a source keeps of a sentence once it was read for condensing. */
export interface SentenceNote {
  /** At most LINE.longest characters, made of the sentence's own words. */
  line: string;
  /** What the voice says: the sentence without asides. */
  spoken: string;
  /** How much it carries, 0 to 1. */
  score: number;
  /** Why. */
  reasons: LineReason[];
}

/** Why a part of a page was left out. */
export const LEFT_OUT = [
  'cookies',
  'subscribe',
  'share',
  'other-articles',
  'comments',
  'navigation',
  'advertisement',
  'author',
  'frame',
  'small-print',
  'side-column',
  'hidden',
  'form',
  'aside',
  'links',
  'twice',
  'after-end',
  'head',
  'byline',
  'scrap',
  'code',
] as const;
export type LeftOut = (typeof LEFT_OUT)[number];

/** What the writer should know about a reading. */
export type SourceNote =
  | { code: 'no-price' }
  | { code: 'no-features' }
  /** Only so many pages or chapters of all were read. */
  | { code: 'pages-read' | 'chapters-read' | 'photos-read'; read: number; of: number }
  | { code: 'photo-twice'; name: string }
  | { code: 'unreadable'; name: string; failure: Failure }
  | { code: 'told'; text: string };

export const SOURCE_FORMS = [
  'page',
  'saved-page',
  'pasted-page',
  'pasted',
  'script',
  'text',
  'markdown',
  'word',
  'open-document',
  'book',
  'pdf',
  'photos',
  'told',
] as const;
/** What a source was read from; count: of its pages, chapters or photos; text: as an earlier version called it. */
export interface SourceForm {
  kind: (typeof SOURCE_FORMS)[number];
  count?: number;
  text?: string;
}

/** A part of a long source that can be told by itself: passages [start, end). */
export interface Chapter {
  id: string;
  title: string;
  start: number;
  end: number;
}

export const SOURCE_VERSION = 1;

/** Everything that was read from what the writer brought. */
export interface Source {
  version: typeof SOURCE_VERSION;
  kind: SourceKind;
  form: SourceForm;
  title: string;
  author: string;
  /** As an ISO day where it can be told, else as written; empty when there is none. */
  date: string;
  /** Name of the site or paper. */
  site: string;
  address: string | null;
  /** BCP 47; "en" when nothing says otherwise. */
  language: string;
  passages: Passage[];
  /** Empty for a source that is told as a whole. */
  chapters: Chapter[];
  pictures: SourcePicture[];
  facts: FactSheet | null;
  photos: Photo[];
  /** What stood on the page and was left out, and why. */
  left: { text: string; why: LeftOut }[];
  /** What the writer should know about the reading. */
  notes: SourceNote[];
  /** By sentence id. */
  sentences: Record<string, SentenceNote>;
}

export const FACT_ORIGINS = ['json-ld', 'microdata', 'rdfa', 'open graph', 'page', 'writer'] as const;
/** Where on the page a fact stood; writer: typed by hand. */
export type FactOrigin = (typeof FACT_ORIGINS)[number];

export interface Fact<T> {
  value: T;
  origin: FactOrigin;
}

export interface Price {
  amount: number;
  /** ISO 4217, or empty when the page does not say. */
  currency: string;
  /** As it is shown, in the page's own notation. */
  text: string;
}

export interface ReviewQuote {
  text: string;
  by: string;
  /** Out of best, or null when none is given. */
  rating: number | null;
}

/** What is known of a product. null and empty lists: the page does not say. */
export interface FactSheet {
  name: Fact<string> | null;
  maker: Fact<string> | null;
  price: Fact<Price> | null;
  /** The price before an offer. */
  was: Fact<Price> | null;
  /** The day until which the price holds, ISO. */
  until: Fact<string> | null;
  rating: Fact<{ value: number; best: number; count: number | null }> | null;
  availability: Fact<string> | null;
  description: Fact<string> | null;
  features: Fact<string>[];
  variants: Fact<string>[];
  quotes: Fact<ReviewQuote>[];
}

/** A sheet of which nothing is known yet. */
export const emptyFacts = (): FactSheet => ({
  name: null,
  maker: null,
  price: null,
  was: null,
  until: null,
  rating: null,
  availability: null,
  description: null,
  features: [],
  variants: [],
  quotes: [],
});

/** One photo of a set. */
export interface Photo {
  id: string;
  assetId: string;
  /** The file's own name. */
  name: string;
  /** File size and time of the file on the writer's disk, by which it is known again. */
  bytes: number;
  modifiedMs: Milliseconds;
  /** When it was taken, local time as the camera wrote it, "2026-11-19T18:02:11"; null when it does not say. */
  takenAt: string | null;
  width: number;
  height: number;
  /** Of 64 bits, as 16 hex digits. */
  differenceHash: string;
  /** Variance of the Laplacian on a copy of one size; small means blurred. */
  sharpness: number;
}

export const emptySource = (kind: SourceKind, form: SourceForm): Source => ({
  version: SOURCE_VERSION,
  kind,
  form,
  title: '',
  author: '',
  date: '',
  site: '',
  address: null,
  language: 'en',
  passages: [],
  chapters: [],
  pictures: [],
  facts: null,
  photos: [],
  left: [],
  notes: [],
  sentences: {},
});

/** All sentences in reading order, each with its passage. */
export function sentencesOf(source: Source): { passage: Passage; sentence: Sentence; index: number }[] {
  return source.passages.flatMap((passage) =>
    passage.sentences.map((sentence, index) => ({ passage, sentence, index })),
  );
}
