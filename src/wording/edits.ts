import type { EditFailure, EditHead } from '../core/editing.ts';

const scenes = (count: number | undefined, one: string): string =>
  count && count > 1 ? `${one} ${count} scenes` : `${one} scene`;

/** What edits are called in the history, by their codes. */
const NAMES: Record<string, (count?: number) => string> = {
  split: () => 'Split scene',
  join: (n) => (n && n > 1 ? `Join ${n} scenes` : 'Join scenes'),
  move: (n) => scenes(n, 'Move'),
  delete: (n) => scenes(n, 'Delete'),
  duplicate: (n) => scenes(n, 'Duplicate'),
  paste: (n) => (n ? `Paste ${n} lines` : 'Paste lines'),
  insert: () => 'Insert scene',
  'insert-from-source': () => 'Insert from the source',
  type: () => 'Type',
  translate: (n) => (n && n > 1 ? `Translate ${n} lines` : 'Translate'),
  'type-spoken': () => 'Type spoken words',
  replace: (n) => (n && n > 1 ? `Replace ${n} times` : 'Replace'),
  correct: () => 'Correct the spelling',
  case: () => 'Change case',
  highlight: () => 'Highlight',
  brief: () => 'Change what the picture should show',
  layout: () => 'Change layout',
  length: () => 'Change length',
  silence: () => 'Make silent',
  speak: () => 'Speak again',
  nab: () => 'Nab pictures',
  'change-picture': () => 'Change picture',
  'add-picture': () => 'Add picture',
  'remove-picture': () => 'Remove picture',
  frame: () => 'Move the frame',
  clip: () => 'Cut the clip',
  grade: () => 'Change the grading',
  mend: (n) => (n && n > 1 ? `Mend ${n} findings` : 'Mend'),
  waive: () => 'Leave a finding',
  return: () => 'Return to an earlier state',
  look: () => 'Change look',
  style: (n) => (n ? scenes(n, 'Change the words of') : 'Change the words'),
  place: () => 'Move words',
  transition: () => 'Change transition',
  'run-on': () => 'Go on with the picture before',
  'own-picture': () => 'Show the own picture',
  title: () => 'Change title',
  format: () => 'Change format',
  voice: (n) => (n ? scenes(n, 'Change the voice of') : 'Change voice'),
  speaker: (n) => (n ? scenes(n, 'Say who speaks in') : 'Change speakers'),
  says: () => 'Change how a word is read',
  record: (n) => (n && n > 1 ? `Use a recording in ${n} scenes` : 'Use a recording'),
  trim: () => 'Trim the recording',
  pace: () => 'Change pace',
  music: () => 'Change music',
  'another-tune': () => 'Another tune',
  'music-level': () => 'Change music level',
  'music-from-here': () => 'Other music from here',
  'music-goes-on': () => 'Let the music go on',
  'music-start': () => 'Begin the track elsewhere',
  kit: () => 'Texts for a post',
  delivery: () => 'Change what is delivered',
  cover: () => 'Change the cover',
  'fit-length': () => 'Bring to a length',
  target: () => 'Length that it shall have',
  'on-beat': () => 'Change pictures with the music',
  'border-sound': () => 'Sound on borders',
  effect: () => 'Sound of a row',
  captions: () => 'Captions on or off',
  choose: () => 'Change the outline',
  options: () => 'Change format, voice or music',
  facts: () => 'Correct the facts',
};

export const editWords = ({ name, count }: Pick<EditHead, 'name' | 'count'>): string =>
  NAMES[name]?.(count) ?? 'Change';

/** Why an edit cannot be applied. */
export function editFailureWords(f: EditFailure): string {
  switch (f.reason) {
    case 'gone':
      return 'The scene was deleted in the meantime.';
    case 'twice':
      return 'The scene is in the piece already.';
    case 'full':
      return `A piece holds at most ${f.most} scenes.`;
    case 'invalid':
      return f.message;
    default:
      return f satisfies never;
  }
}

/** Why an edit could not be stored. refusal: what the server said, or null. */
export const asideWhy = (refusal: string | null): string =>
  refusal ?? 'What it stood on is not there any more.';
