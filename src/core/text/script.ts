import { assertNever } from '../assert-never.ts';
import { clauses, sentences } from './sentences.ts';
import { namedLine, speakersOf } from './speakers.ts';

export const SPLITS = ['sentence', 'line', 'paragraph'] as const;
/** Where a script is cut into scenes. */
export type Split = (typeof SPLITS)[number];

/** One scene to be. */
export interface ScriptLine {
  layout: 'title' | 'caption' | 'number';
  shown: string;
  /** From [brackets]: what the picture should show. */
  brief: string;
  /** From [say: ...]: what is said instead of what is shown; null where that is the same, '' for nothing. */
  spoken: string | null;
  /** Who says it, as "Name: ..." in the script; null for nobody in particular. */
  speaker: string | null;
}

/** Lengths in characters; a joined scene stays under the first. */
const SCRIPT = {
  joinUpTo: 90,
  tiny: 22,
  openingTitle: 48,
  longestLine: 240,
  longestTitle: 90,
  /** So many lines, each a sentence, stand under a title that no empty line sets apart. */
  leastUnderTitle: 2,
  nestedRemarks: 4,
  /** A line of its own that is shorter than this is joined to the one before. */
  scrap: 14,
  /** A point of a list with its number in large. */
  longestPoint: 90,
  /** Lines of verse: none longer than the first, on average not longer than the second. */
  longestVerse: 60,
  usualVerse: 45,
} as const;

/** Points of a list, by number or by a sign. */
const POINT = /^(?:\d{1,2}[.)]|[-–•*▪◦])\s+\S/;
const NUMBERED = /^\d{1,2}[.)]\s+\S/;
const ONLY_REMARK = /^\[[^[\]]*\]$/;
const SIGN = /^[-–•*▪◦]\s+/;
/** The end of a sentence, with what may stand behind it: marks of speech, emoji, hashtags, a remark. */
const ENDED = /[.!?…:]["'”’)]*(?:\s*(?:#[\p{L}\p{N}_]+|\p{Extended_Pictographic}|\ufe0f|\[[^[\]]*\]))*$/u;

/** A [remark] without another one in it. */
const REMARK_TEXT = /\[[^[\]]*\]/g;

/**
 * Cuts a script into lines for scenes. A heading (# in front, or a first short line without full stop over an empty
 * line or over lines that are sentences) becomes a title; a remark in [brackets] becomes the brief of the line in or before which it stands,
 * and [say: ...] what is said with that line instead of it; long
 * sentences are cut at clauses, tiny ones joined to their neighbour in the same line. Lines count as written where each ends a
 * sentence, in verse, and in lists, whose points have their numbers in large. Where speakers take turns
 * ("Mira: ..."), each line has its speaker and is cut by itself; an empty line ends what a speaker says.
 */
export const cutScript = (script: string, split: Split): ScriptLine[] =>
  cutWithParagraphs(script, split).map(({ paragraph: _, ...line }) => line);

/** The same, each line with the number of the paragraph in which it stands. */
export function cutWithParagraphs(script: string, split: Split): (ScriptLine & { paragraph: number })[] {
  const text = script
    .replace(/\r\n?/g, '\n')
    .replace(/\u00a0/g, ' ')
    .replace(/\u200b|\ufeff/g, '')
    .trim();
  if (!text) return [];
  const all = linesOf(text);
  const out: (ScriptLine & { paragraph: number })[] = [];
  let pendingBrief = '';
  let paragraphNow = 0;
  const speakers = new Map(speakersOf(all).map((name) => [name.toLowerCase(), name]));
  let speaker: string | null = null;
  // One line that begins with a number or a dash makes no list.
  const listed = {
    numbers: all.filter((l) => NUMBERED.test(l)).length > 1,
    signs: all.filter((l) => SIGN.test(l)).length > 1,
  };
  const put = (as: ScriptLine['layout'], words: Words) => {
    // What is only said is shown as well.
    const { shown, brief, spoken } =
      words.shown || !words.spoken ? words : { ...words, shown: words.spoken, spoken: null };
    const point =
      as === 'caption' && listed.numbers && NUMBERED.test(shown) && shown.length <= SCRIPT.longestPoint;
    const layout = point ? 'number' : as;
    const w = [pendingBrief, brief].filter(Boolean).join(', ');
    if (!shown) {
      pendingBrief = w;
      return;
    }
    pendingBrief = '';
    out.push({ layout, shown, brief: w, spoken, speaker, paragraph: paragraphNow });
  };
  const paragraphs = text.split(/\n[ \t]*\n+/);
  paragraphs.forEach((paragraph, p) => {
    paragraphNow = p;
    speaker = null;
    const lines = linesOf(paragraph);
    const first = lines[0];
    const opens =
      first !== undefined &&
      p === 0 &&
      isOpening(first) &&
      !speakers.has(namedLine(first)?.name.toLowerCase() ?? '') &&
      (lines.length === 1 ? paragraphs.length > 1 : standOver(lines.slice(1)));
    let run: string[] = [];
    const cutRun = () => {
      if (run.length) for (const part of cutParagraph(run, split)) put('caption', part);
      run = [];
    };
    // A heading needs no empty line round it.
    for (const [i, line] of lines.entries()) {
      if (!(opens && i === 0) && !HEADING.test(line)) {
        const named = namedLine(line);
        const known = named && speakers.get(named.name.toLowerCase());
        if (named && known) {
          cutRun();
          speaker = known;
        }
        const bare = named && known ? line.slice(named.length) : line;
        run.push(listed.signs ? bare.replace(SIGN, '') : bare);
        continue;
      }
      cutRun();
      speaker = null;
      put('title', extractBrief(line.replace(/^#{1,6}\s+/, '').replace(/\s*#+$/, '')));
    }
    cutRun();
  });
  const last = out[out.length - 1];
  if (pendingBrief && last) last.brief = [last.brief, pendingBrief].filter(Boolean).join(', ');
  const opening = out[0];
  if (
    opening &&
    opening.layout === 'caption' &&
    opening.speaker === null &&
    out.length > 2 &&
    opening.shown.length <= SCRIPT.openingTitle
  )
    opening.layout = 'title';
  return out;
}

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);

/** A heading as Markdown has it; a hashtag is none. */
const HEADING = /^#{1,6}\s+\S/;

/** Whether a first line can be the title of what follows. */
function isOpening(line: string): boolean {
  const bare = extractBrief(line).shown;
  return (
    bare.length > 0 &&
    bare.length <= SCRIPT.longestTitle &&
    !POINT.test(bare) &&
    !/[.!?…:;,]["'”’)]*$/.test(bare)
  );
}

/** Whether lines under a first one, with no empty line between, are sentences of their own, but perhaps for the last: it is no part of them. */
const standOver = (lines: readonly string[]): boolean => {
  const ended = lines.map((l) => ENDED.test(l) || ONLY_REMARK.test(l));
  return (
    ended.filter(Boolean).length >= SCRIPT.leastUnderTitle &&
    ended.slice(0, -1).every(Boolean) &&
    !/^\p{Ll}/u.test(lines[0] ?? '')
  );
};

/** Words of a scene, with what a remark in them says. */
type Words = Pick<ScriptLine, 'shown' | 'brief' | 'spoken'>;

/** Parts of one line: the remarks on it are the first one's. */
const parted = (parts: readonly string[], { brief, spoken }: Words): Words[] =>
  parts.map((shown, i) => (i === 0 ? { shown, brief, spoken } : { shown, brief: '', spoken: null }));

function cutParagraph(lines: string[], split: Split): Words[] {
  const whole = extractBrief(lines.join(' '));
  if (split !== 'line' && whole.spoken !== null) return [whole];
  switch (split) {
    case 'paragraph':
      return [whole];
    case 'line':
      return lines.flatMap((line) => {
        const words = extractBrief(line);
        if (words.shown.length <= SCRIPT.longestLine || words.spoken !== null) return [words];
        return parted(sentences(words.shown).flatMap(clauses), words);
      });
    case 'sentence': {
      const parts: Words[] = [];
      for (const unit of units(lines)) {
        const [first, ...rest] = unitParts(unit);
        const last = parts.at(-1);
        const both = last && first && `${last.shown} ${first.shown}`.trim();
        const scrap = first && !first.brief && !rest.length && first.shown.length < SCRIPT.scrap;
        if (last && both && scrap && !POINT.test(first.shown) && both.length <= SCRIPT.joinUpTo)
          last.shown = both;
        else parts.push(...(first ? [first, ...rest] : []));
      }
      return parts.flatMap((words) => parted(clauses(words.shown), words));
    }
    default:
      return assertNever(split);
  }
}

/** What of a paragraph is cut by itself: its lines where they were meant as such, or all of it. */
function units(lines: readonly string[]): string[] {
  if (isVerse(lines) || lines.slice(0, -1).every((l) => ENDED.test(l) || ONLY_REMARK.test(l)))
    return [...lines];
  const out: string[] = [];
  for (const line of lines) {
    if (!out.length || POINT.test(line)) out.push(line);
    else out[out.length - 1] += ` ${line}`;
  }
  return out;
}

/** Whether lines are written as verse: short, and most of them with no end of a sentence. */
function isVerse(lines: readonly string[]): boolean {
  const letters = lines.reduce((n, l) => n + l.length, 0);
  const ended = lines.filter((l) => ENDED.test(l)).length;
  return (
    lines.length > 1 &&
    ended * 2 < lines.length &&
    letters <= SCRIPT.usualVerse * lines.length &&
    lines.every((l) => l.length <= SCRIPT.longestVerse)
  );
}

/** The sentences of a unit, tiny ones joined; what a point of a list says first stays with its number, by itself. */
function unitParts(unit: string): Words[] {
  const number = NUMBERED.test(unit) ? (/^\S+\s+/.exec(unit)?.[0] ?? '') : '';
  const { text, remarks } = hideRemarks(unit.slice(number.length));
  const parts = sentences(text).map((s) => extractBrief(showRemarks(s, remarks)));
  const [first, ...rest] = parts;
  if (!number || !first) return joinTiny(parts);
  return [{ ...first, shown: `${number.trim()} ${first.shown}` }, ...joinTiny(rest)];
}

/** First of the private-use characters that stand for remarks while sentences are found. */
const REMARK = 0xe000;

/** Puts one character in place of each [remark], before the full stop of the sentence it follows. */
function hideRemarks(text: string): { text: string; remarks: string[] } {
  const remarks: string[] = [];
  const hidden = text.replace(REMARK_TEXT, (m) => {
    remarks.push(m);
    return String.fromCharCode(REMARK + remarks.length - 1);
  });
  return { text: hidden.replace(/([.!?…]+["'”’)]*)\s*([\ue000-\uf8ff])/g, ' $2$1'), remarks };
}

const showRemarks = (text: string, remarks: string[]) =>
  text.replace(/[\ue000-\uf8ff]/g, (c) => remarks[c.charCodeAt(0) - REMARK] ?? '');

/** Stands where a remark was; what stands before a stop after it goes with it, and other stops keep their space (“chaud !”). */
const TAKEN_OUT = '\ue8ff';
const AFTER_TAKEN_OUT = /[\s\ue8ff]*\ue8ff\s*(?=[.,;:!?])/g;

/** Of a remark: what is said. */
const SAY = /^say:\s*/i;

/** The remark that says what is said; '' for nothing. */
export const sayRemark = (spoken: string): string => `[${`say: ${spoken}`.trim()}]`;

/** Takes the [remarks] out of a text. An opening bracket without its end is left as it stands. */
export function extractBrief(text: string): Words {
  const briefs: string[] = [];
  let spoken: string | null = null;
  let bare = text;
  for (let depth = 0; depth < SCRIPT.nestedRemarks && bare.includes('['); depth++)
    bare = bare.replace(REMARK_TEXT, (m) => {
      const remark = m.slice(1, -1).replaceAll(TAKEN_OUT, ' ').trim();
      if (SAY.test(remark)) spoken = [spoken, remark.replace(SAY, '')].filter(Boolean).join(' ');
      else briefs.push(remark);
      return TAKEN_OUT;
    });
  const shown = bare
    .replace(AFTER_TAKEN_OUT, '')
    .replaceAll(TAKEN_OUT, ' ')
    .replace(/\s+/g, ' ')
    .replace(/ ([.,])/g, '$1')
    .trim();
  return {
    ...{ shown: /^[.,;:!?\s]*$/.test(shown) ? '' : shown, brief: briefs.filter(Boolean).join(', ') },
    spoken,
  };
}

function joinTiny(parts: readonly Words[]): Words[] {
  const out: Words[] = [];
  for (const part of parts) {
    const last = out[out.length - 1];
    const joined = last ? `${last.shown} ${part.shown}`.trim() : '';
    const tiny = part.shown.length < SCRIPT.tiny || (last !== undefined && last.shown.length < SCRIPT.tiny);
    if (last && tiny && !part.brief && joined.length <= SCRIPT.joinUpTo) last.shown = joined;
    else out.push({ ...part });
  }
  return out;
}

/** A title for the piece: its first title line, or the beginning of its first line. */
export function titleFrom(lines: readonly ScriptLine[]): string {
  const text = (lines.find((l) => l.layout === 'title') ?? lines[0])?.shown ?? '';
  if (text.length <= 70) return text.replace(/[.…]+$/, '');
  return `${text.slice(0, 70).replace(/\s+\S*$/, '')} …`;
}
