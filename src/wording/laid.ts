import type { PhotoSpan } from '../core/outline/photo-span.ts';
import type { Told } from '../core/text/directions/directions.ts';
import { clock, type Milliseconds } from '../core/time.ts';

/** What lies on the sheet of the desk. */
export type LaidAs =
  | { kind: 'nothing' }
  | { kind: 'address'; targetMs: Milliseconds | null }
  | { kind: 'script'; words: number; scenes: number; ms: Milliseconds; photos: number; clips: number }
  | { kind: 'article'; words: number; ms: Milliseconds; scenes: number; targetMs: Milliseconds }
  | { kind: 'photos'; photos: number; clips: number; ms: Milliseconds; span: PhotoSpan | null };

const SPANS: Record<PhotoSpan, string> = {
  morning: ' of one morning',
  afternoon: ' of one afternoon',
  evening: ' of one evening',
  day: ' of one day',
  'few-days': ' of a few days',
  longer: '',
};

const counted = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;
const material = (photos: number, clips: number): string =>
  [photos && counted(photos, 'photo'), clips && counted(clips, 'clip')].filter(Boolean).join(' and ');

/** What the sheet takes a thing for, and what will come of it, in one sentence. */
export function laidWords(laid: LaidAs): string {
  switch (laid.kind) {
    case 'nothing':
      return '';
    case 'address':
      return laid.targetMs
        ? `An address: the page is read and told in ${clock(laid.targetMs)}.`
        : 'An address: the page is read, and you see what is taken from it.';
    case 'script': {
      const beside = material(laid.photos, laid.clips);
      return `A script of ${counted(laid.words, 'word')}: ${counted(laid.scenes, 'scene')}, about ${clock(laid.ms)}${beside ? `; ${beside} laid beside it` : ''}.`;
    }
    case 'article':
      return `An article of ${laid.words} words: about ${laid.scenes} scenes, ${clock(laid.targetMs)}. Said whole it would be ${clock(laid.ms)}.`;
    case 'photos':
      return `${material(laid.photos, laid.clips)}${SPANS[laid.span ?? 'longer']}: ${clock(laid.ms)}.`;
    default:
      return laid satisfies never;
  }
}

/** What was read in words that are a script for a video, or have signs in them, and what of it is not said. */
export function toldWords({
  pictures,
  written,
  times,
  names,
  notes,
  hashtags,
  numbers,
  marks,
}: Told): string {
  const list = (all: readonly (string | false)[]) => {
    const some = all.filter((x) => x !== false);
    return some.length > 1 ? `${some.slice(0, -1).join(', ')} and ${some.at(-1)}` : (some[0] ?? '');
  };
  const some = (n: number, one: string, many = `${one}s`) => n > 0 && `${n} ${n === 1 ? one : many}`;
  const read = list([
    some(pictures, 'picture asked for', 'pictures asked for'),
    some(written, 'text on the screen', 'texts on the screen'),
  ]);
  const out = list([
    some(names, 'name of a part', 'names of parts'),
    some(notes, 'note on sound or making', 'notes on sound or making'),
    some(times, 'time'),
    some(numbers, 'number of a thread', 'numbers of a thread'),
    some(hashtags, 'line of hashtags', 'lines of hashtags'),
    some(marks, 'sign of Markdown', 'signs of Markdown'),
  ]);
  return [
    pictures + written + names > 0 && `Read as a script with directions${read ? `: ${read}` : ''}.`,
    out && `Not said: ${out}.`,
  ]
    .filter(Boolean)
    .join(' ');
}
