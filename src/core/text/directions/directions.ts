import { sayRemark } from '../script.ts';
import { type Item, itemsOf, type Removed } from './items.ts';
import { screenplayItems } from './screenplay.ts';
import { tableItems } from './tables.ts';

/** What was read in a script that says what is said, seen and written. */
export interface Told extends Removed {
  /** Pictures that it asks for, and words that stand on the screen while others are said. */
  pictures: number;
  written: number;
  /** Names of parts, and remarks on sound and making, that are not said. */
  names: number;
  notes: number;
}

/** A scene as the script has it. */
interface Block {
  seen: string[];
  said: string[];
  written: string[];
}

type Kind = keyof Block;
const KINDS: readonly Kind[] = ['seen', 'said', 'written'];

/** Whether words are a script for those who make a video, and not only words with signs in them. */
export const isDirected = (text: string): boolean => {
  const told = readDirections(text)?.told;
  return told !== undefined && told.pictures + told.written + told.names > 0;
};

/**
 * Reads a script as it is written for those who make a video: with labels ("Visual: ...", "VO: ...", "On-screen text: ..."), in a
 * table with such columns, or as a screenplay; with times, names of parts and Markdown. It becomes a script in Nabbet's own
 * signs: # before a title, what the picture shows in [brackets], what is said instead of what is written in [say: brackets].
 * null when there is nothing of the kind in it: then it stands as it was written.
 */
export function readDirections(text: string): { text: string; told: Told } | null {
  const tidy = text
    .replace(/\r\n?/g, '\n')
    .replace(/\u00a0/g, ' ')
    .trim()
    .replace(/[^\S\n\t]{3,}|\t{9,}/g, '  ');
  const special = tableItems(tidy) ?? screenplayItems(tidy);
  const { items, removed, plain } = special ?? itemsOf(tidy);
  const labels = items.filter((i) => i.sure && i.part !== 'title' && i.part !== 'note');
  const directed = special !== null || labels.length >= 2;
  const told: Told = { ...removed, pictures: 0, written: 0, names: 0, notes: 0 };
  const out = directed ? scenesOf(items, told) : plain;
  if (!directed && Object.values(removed).every((n) => n === 0)) return null;
  return out && out !== tidy ? { text: out, told } : null;
}

function scenesOf(items: readonly Item[], told: Told): string {
  const paragraphs: string[] = [];
  const leader = items.find((i) => i.labelled && isKind(i.part))?.part;
  let block: Block = { seen: [], said: [], written: [] };
  let last: Kind | null = null;
  const close = () => {
    const line = lineOf(block, told);
    if (line) paragraphs.push(line);
    block = { seen: [], said: [], written: [] };
    last = null;
  };
  items.forEach((item, i) => {
    const { part, text } = item;
    if (part === 'sound' || part === 'note') {
      told.notes++;
      return;
    }
    if (part === 'title') {
      close();
      if (text) paragraphs.push(`# ${titleOf(text)}`);
      return;
    }
    if (part === 'open' && item.apart && i === 0) {
      paragraphs.push(`# ${titleOf(text)}`);
      return;
    }
    if (part === 'section' || (part === 'open' && item.apart)) {
      close();
      // Words behind the name of a part are said, unless the part says itself what is said in it.
      const own = !text || partHasLabels(items, i);
      if (item.labelled || (own && part === 'open')) told.names++;
      if (!own && text.startsWith('#')) paragraphs.push(text);
      else if (!own) add('said', text, item);
      return;
    }
    add(part === 'open' ? 'said' : (part as Kind), text, item);
  });
  close();
  return paragraphs.join('\n\n');

  function add(kind: Kind, text: string, item: Item): void {
    const goesOn = !item.labelled && !item.begins && last === kind;
    const again = block[kind].length > 0 && last !== kind;
    const leads = kind === leader && item.labelled && KINDS.some((k) => block[k].length > 0) && last !== kind;
    const apart = kind === 'said' && item.begins && block.said.length > 0;
    if (!goesOn && (again || leads || apart)) close();
    if (text) block[kind].push(text);
    last = kind;
  }
}

/** A title without its sign, and without the word that says what it is a title of: "Video script: ...". */
const titleOf = (text: string): string =>
  text.replace(/^#{1,6}\s+/, '').replace(/^(?:\p{L}+\s)?script\s*[:–—-]\s*(?=\S)/iu, '');

const isKind = (part: Item['part']): part is Kind => (KINDS as readonly string[]).includes(part);

/** Whether what stands under the name of a part, up to the next one, says what is said. */
function partHasLabels(items: readonly Item[], at: number): boolean {
  for (const item of items.slice(at + 1)) {
    if (item.part === 'section' || (item.part === 'open' && item.apart)) return false;
    if (item.labelled && item.part === 'said') return true;
  }
  return false;
}

/** No bracket within a bracket. */
const inBrackets = (text: string): string => text.replaceAll('[', '(').replaceAll(']', ')');

/** A scene in Nabbet's own signs; '' for nothing. */
function lineOf({ seen, said, written }: Block, told: Told): string {
  const picture = seen.length ? `[${inBrackets(seen.join(', '))}]` : '';
  if (picture) told.pictures++;
  if (written.length) {
    told.written++;
    return [written.join(' '), picture, sayRemark(inBrackets(said.join(' ')))].filter(Boolean).join(' ');
  }
  const [first = '', ...rest] = said;
  return [[picture, first].filter(Boolean).join(' '), ...rest].join('\n').trim();
}
