import { labelled, type Part } from './labels.ts';
import {
  type Bare,
  isHashtags,
  isRule,
  isSound,
  unquoted,
  withoutMarkdown,
  withoutThread,
  withoutTime,
} from './marks.ts';

/** A piece of a script and what it is for; open: words without a label. */
export interface Item {
  part: Part | 'open';
  text: string;
  /** It begins with a label: it is no remark in a line, and does not only go on with what stood before it. */
  labelled: boolean;
  /** The label makes the whole a script for a video. */
  sure: boolean;
  /** A paragraph begins with it. */
  begins: boolean;
  /** The label stood alone: what comes under it belongs to it, whatever it is. */
  waits: boolean;
  /** It may be the name of a part: it was set apart, by bold letters, by a time, by capitals. */
  apart: boolean;
}

/** What was taken out of the words, by how often. */
export interface Removed {
  times: number;
  hashtags: number;
  /** Numbers of the posts of a thread. */
  numbers: number;
  /** Signs of Markdown, by lines. */
  marks: number;
}

export const NOTHING_REMOVED: Removed = { times: 0, hashtags: 0, numbers: 0, marks: 0 };

/** The end of a sentence. */
const ENDED = /[.!?…]["'”’)]*$/;
const HEADING = /^#{1,6}\s+/;
const LONGEST_NAME = 48;
/** A time of a video from its beginning; what stands in brackets is a remark, and a time no picture. */
const FROM_ZERO = /^[[(]?\s?0/;
const ZERO_IN_BRACKETS = /^(?:#{1,6}\s+)?[[(]\s?0/;
const REMARK = /\[[^[\]]*\]|\((?=[^()]*:)[^()]*\)/g;

/** Lines as items, and what was taken out of them; plain: the lines without that. */
export function itemsOf(text: string): { items: Item[]; removed: Removed; plain: string } {
  const removed: Removed = { ...NOTHING_REMOVED };
  const lines = text.split('\n');
  const bare = lines.map((l) => withoutMarkdown(l));
  removed.marks = bare.filter(
    (b, i) => b.text !== (lines[i] as string).trimEnd() || isRule(lines[i] as string),
  ).length;
  // Times of a video count from nothing; those of a programme ("18:00 Doors open") are said.
  const times = bare.map((b) => b.text.replace(HEADING, '')).filter((l) => withoutTime(l) !== null);
  const timed = times.length > 1 && FROM_ZERO.test(times[0] ?? '');
  const thread = withoutThread(bare.map((b) => b.text));
  removed.numbers = thread ? thread.filter((l, i) => l !== bare[i]?.text).length : 0;
  // Where nothing is labelled as said, lines without a label are.
  const lets = new Set(bare.some((b) => labelled(b.text.trim())?.part === 'said') ? SCENE : []);
  const items: Item[] = [];
  const plain: string[] = [];
  let begins = true;
  for (const [i, { text: unmarked, apart }] of bare.entries()) {
    const line = (thread?.[i] ?? unmarked).trim();
    if (!line || isRule(line)) {
      plain.push('');
      begins = true;
      continue;
    }
    if (isHashtags(line) && bare.slice(i + 1).every((b) => !b.text.trim() || isHashtags(b.text))) {
      removed.hashtags++;
      continue;
    }
    const [words, wasTimed] = timed || ZERO_IN_BRACKETS.test(line) ? untimed(line) : [line, false];
    if (wasTimed) removed.times++;
    plain.push(words);
    for (const item of ofLine(
      { text: words, apart: apart || HEADING.test(words) || wasTimed },
      begins,
      items.at(-1),
      lets,
    )) {
      items.push(item);
      begins = false;
    }
  }
  return {
    items,
    removed,
    plain: plain
      .join('\n')
      .replace(/\n{3,}/g, '\n\n')
      .trim(),
  };
}

function untimed(line: string): [text: string, wasTimed: boolean] {
  const [sign = ''] = HEADING.exec(line) ?? [];
  const bare = withoutTime(line.slice(sign.length));
  return bare === null ? [line, false] : [bare && sign + bare, true];
}

/** A line that has nothing but a remark in it, as it stands in the brackets. */
const inBrackets = (line: string): string | null =>
  /^\[([^[\]]*)\]$|^\(([^()]*)\)$/
    .exec(line)
    ?.slice(1)
    .find((t) => t !== undefined) ?? null;

/** lets: parts whose lines go on without a label. */
function ofLine(
  { text, apart }: Bare,
  begins: boolean,
  before: Item | undefined,
  lets: ReadonlySet<Item['part']>,
): Item[] {
  const line = text
    .replace(/^[-–•*+▪◦]\s+(?=\S)/, '')
    .replace(HEADING, '')
    .replace(/ ?#+$/, '')
    .trim();
  const make = (part: Item['part'], words: string, more: Partial<Item> = {}): Item => ({
    ...{
      part,
      text: unquoted(words),
      labelled: part !== 'open',
      sure: part !== 'open',
      begins,
      waits: false,
      apart: false,
      ...more,
    },
  });
  const whole = inBrackets(line);
  if (whole !== null) {
    const found = labelled(whole);
    if (found && !OWN.test(whole)) return [make(found.part, found.text, { sure: found.sure })];
    if (isSound(whole)) return [make('sound', whole)];
    return [make('open', line)];
  }
  const { rest, aside } = withoutAsides(line, make);
  const around = (items: Item[]) => [...items, ...aside];
  const found = labelled(rest);
  if (found) return around([make(found.part, found.text, { apart, sure: found.sure, waits: !found.text })]);
  if (!rest) return around([]);
  // Words under a label go on with what it is for.
  if (!begins && !apart && before && (lets.has(before.part) || (before.waits && GOES_ON.has(before.part))))
    return around([make(before.part, rest, { labelled: false, sure: false, waits: before.waits })]);
  const shouts = rest.length <= LONGEST_NAME && /\p{Lu}{2}/u.test(rest) && rest === rest.toUpperCase();
  const name = (apart || shouts) && !aside.length && !ENDED.test(rest);
  return around([make('open', aside.length ? rest : keepSign(text, rest), { apart: name })]);
}

const SCENE: readonly Item['part'][] = ['said', 'seen', 'written'];
const GOES_ON = new Set<Item['part']>([...SCENE, 'sound', 'note']);
/** Nabbet's own sign for what is said. */
const OWN = /^say:/i;

/** Takes remarks with a label out of a line ("[B-roll: a barge]"), and those that speak of sound. */
function withoutAsides(
  line: string,
  make: (part: Item['part'], text: string, more?: Partial<Item>) => Item,
): { rest: string; aside: Item[] } {
  const aside: Item[] = [];
  const rest = line.replace(REMARK, (remark) => {
    const inside = remark.slice(1, -1).trim();
    const one = labelled(inside);
    if (one && !OWN.test(inside)) aside.push(make(one.part, one.text, { labelled: false, sure: one.sure }));
    else if (remark.startsWith('[') && isSound(inside)) aside.push(make('sound', inside));
    else return remark;
    return '';
  });
  return {
    rest: aside.length
      ? rest
          .replace(/\s+/g, ' ')
          .replace(/ ([.,!?])/g, '$1')
          .trim()
      : line,
    aside,
  };
}

/** A point of a list keeps its sign, and a heading its own. */
const keepSign = (line: string, words: string): string =>
  (/^(?:[-–•*+▪◦]|#{1,6})\s+/.exec(line)?.[0] ?? '') + words;
