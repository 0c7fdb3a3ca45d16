import type { CheckName, Mark } from '../core/proof/proof.ts';
import { clock } from '../core/time.ts';
import type { Legibility, RemedyKind } from '../core/timeline/types.ts';
import { failureWords } from './failures.ts';
import { languageWords } from './voices.ts';

type Of<N extends CheckName> = Extract<Mark, { check: N }>;

/** What words stand on, in a sentence. */
export const STANDS_ON: Record<Legibility['on'], string> = {
  strip: 'strip',
  panel: 'panel',
  ground: 'ground',
  picture: 'picture',
  outline: 'outline',
};

const seconds = (ms: number): string => `${(ms / 1000).toFixed(1)} s`;

/** What each mark says. */
const WORDS: { [N in CheckName]: (m: Of<N>) => string } = {
  comment: ({ author, text }) => `${author}: ${text}`,
  blank: ({ hint }) => `A blank is left: ${hint}.`,
  'empty-scene': () => 'Nothing is seen or heard here: the video stands still.',
  'no-picture': () => 'No picture yet.',
  'weak-picture': ({ confidence }) => `The picture is a weak match (${Math.round(confidence * 100)} of 100).`,
  'reading-speed': ({ speed, most }) =>
    `Too fast to read: ${speed.toFixed(0)} characters a second; above ${most} most viewers do not finish.`,
  legible: ({ ratio, needed, on }) =>
    `Hard to read: the words stand out from the ${STANDS_ON[on]} by ${ratio.toFixed(1)} to 1, and need ${needed} to 1.`,
  'on-head': () => 'The words stand on somebody’s head.',
  'outside-safe': () =>
    'The words reach into the part of the frame where players put their buttons, or beyond its edge.',
  'repeated-picture': () => 'This picture has been seen before in the piece.',
  'small-picture': ({ enlarged }) =>
    `The picture is small: at 1080 lines it is shown ${enlarged.toFixed(1)} times as large as it is, and looks soft.`,
  'subject-cut': ({ seen }) => `The frame shows only ${Math.round(seen * 100)} of 100 parts of the subject.`,
  'slow-opening': ({ isMs, mostMs }) =>
    `The opening stands for ${seconds(isMs)}; viewers decide within the first ${seconds(mostMs)}.`,
  'over-destination': ({ name, what, is, most }) =>
    what === 'length'
      ? `${name} takes ${clock(most)}; the piece has ${clock(is)}.`
      : `${name} takes posts of ${most} letters; yours has ${is}.`,
  leftover: ({ text }) => `“${text}” was meant to be replaced.`,
  spelling: ({ word, in: where }) =>
    `“${word}” is in no dictionary${where === 'spoken' ? ' (in the spoken words)' : ''}.`,
  'double-word': ({ word }) => `“${word}” stands twice in a row.`,
  'repeated-line': ({ before }) => `Scene ${before + 1} has said this, word for word.`,
  flashing: ({ changes }) =>
    `Pictures change ${changes} times within a second: that flashes, and can do harm.`,
  'voice-differs': ({ words }) =>
    `${words.map((w) => `“${w}”`).join(', ')} ${words.length > 1 ? 'stand' : 'stands'} on the screen, and the voice says something else.`,
  silence: ({ lengthMs, atMs }) => `Nothing is heard for ${seconds(lengthMs)}, from ${clock(atMs)} on.`,
  'music-loud': ({ underLu }) =>
    `The music lies only ${underLu.toFixed(0)} LU under the voice; words get lost from 10 on.`,
  clipped: ({ peaks }) =>
    `The recording was too loud for its microphone ${peaks} times: it crackles. Say it again with less level.`,
  'no-alternative': () =>
    'Nothing says what is seen on the cover, for those who do not see it. Describe the picture, or write it in the post kit.',
  'machine-made': ({ title }) =>
    `“${title}” was made by a machine. The credits say so; say it where you post the video, too.`,
  'off-target': ({ isMs, wantedMs }) =>
    `The piece is ${seconds(isMs)} long and shall be ${seconds(wantedMs)}.`,
  'short-for-voice': ({ wantedMs, isMs }) =>
    `You wanted ${seconds(wantedMs)}, but the voice needs longer, so it takes ${seconds(isMs)}.`,
  credit: ({ title, wants }) =>
    wants === 'unknown'
      ? `“${title}”: nobody knows yet whether it may be used.`
      : `“${title}”: wants a name that is not given yet.`,
  untranslated: ({ language, older }) =>
    older
      ? `The words have changed since they were put into ${languageWords(language)}.`
      : `A delivery is in ${languageWords(language)}, and these words are not.`,
  'other-language': ({ written, spoken }) =>
    `The words are in ${languageWords(written)}, and a voice for ${languageWords(spoken)} reads them.`,
  'no-voice': ({ why }) => `It stays silent. ${failureWords(why)}`,
};

/** What several marks of one check say together. */
const MANY: Record<CheckName, (n: number) => string> = {
  comment: (n) => `${n} comments of reviewers are open`,
  clipped: (n) => `${n} recordings crackle`,
  'no-alternative': (n) => `${n} covers have no words for those who do not see them`,
  'machine-made': (n) => `${n} pictures were made by a machine`,
  blank: (n) => `${n} blanks are still open and would be seen in the video`,
  'empty-scene': (n) => `${n} scenes are empty`,
  'no-picture': (n) => `${n} scenes have no picture yet`,
  'weak-picture': (n) => `${n} pictures are weak matches`,
  'reading-speed': (n) => `${n} scenes are too fast to read`,
  legible: (n) => `${n} scenes have words that are hard to read`,
  'on-head': (n) => `${n} scenes have words on a head`,
  'outside-safe': (n) => `${n} scenes have words outside the safe area`,
  'repeated-picture': (n) => `${n} pictures come again`,
  'small-picture': (n) => `${n} pictures are too small for the frame`,
  'subject-cut': (n) => `${n} frames cut the subject off`,
  'slow-opening': (n) => `${n} openings are slow`,
  'over-destination': (n) => `${n} destinations take less`,
  leftover: (n) => `${n} texts were meant to be replaced`,
  spelling: (n) => `${n} words are in no dictionary`,
  'double-word': (n) => `${n} words stand twice in a row`,
  'repeated-line': (n) => `${n} lines say what another one has said`,
  flashing: (n) => `pictures flash in ${n} scenes`,
  'voice-differs': (n) => `the voice of ${n} scenes says something else than the screen`,
  silence: (n) => `${n} times nothing is heard for long`,
  'music-loud': (n) => `music covers the voice in ${n} stretches`,
  'off-target': (n) => `${n} lengths are off the target`,
  'short-for-voice': (n) => `${n} lengths are too short for the voice`,
  credit: (n) => `${n} pictures are used on terms that are not met or not known`,
  untranslated: (n) => `${n} lines are not in the language of a delivery, or have changed since`,
  'other-language': (n) => `${n} scenes are read by a voice for another language`,
  'no-voice': (n) => `${n} scenes stay silent: no voice can say their words`,
};

/** Places that are named before the rest is left out. */
const PLACES_SAID = 6;

/** What the marks of one check say. placeOf: of a scene, from 1. */
export function marksWords(marks: readonly Mark[], placeOf: (sceneId: string) => number): string {
  const [first] = marks;
  if (!first) return '';
  const places = [...new Set(marks.map((m) => placeOf(m.sceneId)))];
  if (marks.length === 1) return `Scene ${places[0]}. ${markWords(first)}`;
  const more = places.length > PLACES_SAID ? ' …' : '';
  const where = `${places.length > 1 ? 'scenes' : 'scene'} ${places.slice(0, PLACES_SAID).join(', ')}${more}`;
  return `${MANY[first.check](marks.length)}: ${where}${more ? '' : '.'}`;
}

export const markWords = (m: Mark): string => (WORDS[m.check] as (m: Mark) => string)(m);

/** What the repair of a mark does; null where there is none. */
export function repairWords(m: Mark): string | null {
  if (!m.repair) return null;
  const particular = m.check === 'legible' && m.remedy ? REMEDIES[m.remedy] : REPAIRS[m.check];
  return particular ?? 'Mend it';
}

/** What the repairs of marks of a kind do: what each does, where they do the same. */
export function repairsWords(marks: readonly Mark[]): string {
  const [first, ...others] = new Set(marks.flatMap((m) => repairWords(m) ?? []));
  const check = marks[0]?.check;
  return (others.length ? check && REPAIRS[check] : first) ?? 'Mend them';
}

const REMEDIES: Record<RemedyKind, string> = {
  lighter: 'Make the words lighter',
  darker: 'Make the words darker',
  behind: 'Change the colour behind them',
  outline: 'Draw an outline round the letters',
  shade: 'Shade the picture behind them',
  strip: 'Put a strip under them',
  place: 'Move them to a calmer place',
};

const REPAIRS: Partial<Record<CheckName, string>> = {
  'reading-speed': 'Let it stand longer',
  'outside-safe': 'Put them back',
  'subject-cut': 'Frame it anew',
  'slow-opening': 'Give it a second picture',
  'off-target': 'Bring it to the length',
  legible: 'Make it stand out',
  'short-for-voice': 'Follow the voice',
  'double-word': 'Say it once',
  'over-destination': 'Bring it to the length',
  'repeated-line': 'Take the line out',
  'empty-scene': 'Take it out',
  'voice-differs': 'Say what is shown',
  silence: 'Follow the voice',
  'music-loud': 'Bring it to its level',
  'other-language': 'Let a voice read it that speaks it',
  'no-voice': 'Make it silent',
};

/** What each kind of finding is called. */
export const markKindWords: Record<CheckName, string> = {
  comment: 'Reviewers said',
  clipped: 'Recordings that crackle',
  'no-alternative': 'Cover without words for it',
  'machine-made': 'Made by a machine',
  blank: 'Blanks',
  'empty-scene': 'Empty',
  'no-picture': 'Without a picture',
  'weak-picture': 'Weak matches',
  'reading-speed': 'Too fast to read',
  legible: 'Hard to read',
  'on-head': 'Words on a head',
  'outside-safe': 'Outside the safe area',
  'repeated-picture': 'Seen before',
  'small-picture': 'Small pictures',
  'subject-cut': 'Subject cut off',
  'slow-opening': 'Slow opening',
  'over-destination': 'Too long for a destination',
  leftover: 'Not replaced yet',
  spelling: 'Spelling',
  'double-word': 'Twice in a row',
  'repeated-line': 'Said before',
  flashing: 'Flashing',
  'voice-differs': 'Voice and words differ',
  silence: 'Silence',
  'music-loud': 'Loud music',
  'off-target': 'Length',
  'short-for-voice': 'Too short for the voice',
  credit: 'Licences',
  untranslated: 'Not translated',
  'other-language': 'In another language',
  'no-voice': 'Silent',
};
