import { assertNever } from '../core/assert-never.ts';
import type { PhotoRemark } from '../core/outline/photos.ts';
import type { LINE_REASONS, LineReason } from '../core/source/reasons.ts';
import type { LeftOut, SourceForm, SourceNote } from '../core/source/types.ts';
import { failureWords } from './failures.ts';

const REASONS: Record<(typeof LINE_REASONS)[number], string> = {
  early: 'stands early',
  central: 'many other sentences are about the same',
  'title-words': 'shares words with the title',
  figure: 'has a figure',
  said: 'is said by somebody',
  leans: 'leans on the sentence before it',
  'cannot-stand': 'is no sentence by itself, or points to what is not told',
  'too-long': 'too long for one line',
  'yours-to-name': 'a page praises; the problem is yours to name',
  name: 'its name',
  'names-trouble': 'names the trouble that it ends',
  'review-question': 'the question of a review',
  'no-critical-word': 'no critical word on the page; an honest review needs one',
  angle: 'the angle',
  maker: 'its maker',
  'no-maker': 'the page names no maker',
  'no-description': 'the page has no description',
  'both-prices': 'both prices on the page',
  'no-lower-price': 'the page has no lower price',
  'name-and-maker': 'its name and maker',
  'not-said': 'the page does not say',
  feature: 'a feature on the page',
  'review-of-trouble': 'a review that names the trouble',
  'good-review': 'a good review',
  'best-review': 'the best review',
  'critical-review': 'the most critical review',
  'another-good-review': 'another good review',
  rating: 'the rating on the page',
  description: 'how the page describes it',
  'no-price': 'the page gives no price',
  price: 'the price on the page',
  'closing-card': 'closing card',
  variants: 'versions on the page',
  availability: 'the page says so',
  'no-last-day': 'the page gives no last day',
  'last-day': 'last day of the price',
  'names-source': 'names the source',
  'no-capture-time': 'no capture time',
};

/** Why a line was chosen, in words. */
export const lineReasonWords = (reasons: readonly LineReason[]): string => reasons.map(oneReason).join(', ');

function oneReason(r: LineReason): string {
  switch (r.code) {
    case 'taken':
      return `taken ${r.at.replace('T', ' ').slice(0, 16)}`;
    case 'told':
      return r.text;
    default:
      return REASONS[r.code];
  }
}

/** Why a part of a page was left out. */
export const LEFT_OUT_WORDS: Record<LeftOut, string> = {
  cookies: 'cookie notice',
  subscribe: 'invitation to subscribe',
  share: 'share buttons',
  'other-articles': 'other articles',
  comments: 'comments',
  navigation: 'navigation',
  advertisement: 'advertisement',
  author: 'about the author',
  frame: 'frame of the page',
  'small-print': 'small print',
  'side-column': 'side column',
  hidden: 'hidden on the page',
  form: 'form',
  aside: 'aside of the page',
  links: 'links to other pages',
  twice: 'said twice on the page',
  'after-end': 'after the end of the text',
  head: 'head of the page',
  byline: 'name and date',
  scrap: 'scrap of the page',
  code: 'code or commands',
};

/** What the writer should know about a reading. */
export function noteWords(n: SourceNote): string {
  switch (n.code) {
    case 'no-price':
      return 'The page gives no price: it is a blank until you fill it in.';
    case 'no-features':
      return 'No features could be found; add some on the fact sheet.';
    case 'pages-read':
      return `Only the first ${n.read} of ${n.of} pages were read.`;
    case 'chapters-read':
      return `Only the first ${n.read} chapters were read: the book is longer than that.`;
    case 'photos-read':
      return `Only the first ${n.read} of ${n.of} photos were imported.`;
    case 'photo-twice':
      return `${n.name} is in the folder twice.`;
    case 'unreadable':
      return `${n.name}: ${failureWords(n.failure)}`;
    case 'told':
      return n.text;
    default:
      return assertNever(n);
  }
}

const counted = (n: number | undefined, one: string, many: string): string =>
  n === undefined ? many : `${n} ${n === 1 ? one : many}`;

/** What a source was read from. */
export function formWords({ kind, count, text }: SourceForm): string {
  switch (kind) {
    case 'page':
      return 'Web page';
    case 'saved-page':
      return 'Saved page';
    case 'pasted-page':
      return 'Pasted page';
    case 'pasted':
      return 'Pasted text';
    case 'script':
      return 'Script';
    case 'text':
      return 'Text';
    case 'markdown':
      return 'Markdown text';
    case 'word':
      return 'Word document';
    case 'open-document':
      return 'OpenDocument text';
    case 'book':
      return `Book, ${counted(count, 'chapter', 'chapters')}`;
    case 'pdf':
      return `PDF, ${counted(count, 'page', 'pages')}`;
    case 'photos':
      return count === undefined ? 'Photos' : counted(count, 'photo', 'photos');
    case 'told':
      return text ?? '';
    default:
      return assertNever(kind);
  }
}

/** What is worth saying of a photo before it goes into the piece. */
export const remarkWords = (r: PhotoRemark): string =>
  r.kind === 'near-duplicate'
    ? `Nearly the same as ${r.better?.name ?? 'another one'}, which is sharper`
    : 'Blurred: far less sharp than the others';

/** How much a stretch that is left out holds. */
export function leftWords({
  sentences,
  words,
  pictures,
}: {
  sentences: number;
  words: number;
  pictures: number;
}): string {
  return [
    sentences && counted(sentences, 'sentence', 'sentences'),
    words && counted(words, 'word', 'words'),
    pictures && counted(pictures, 'picture', 'pictures'),
  ]
    .filter(Boolean)
    .join(', ');
}
