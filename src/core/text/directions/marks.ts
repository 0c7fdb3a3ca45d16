/** A time or a span of times: "0:03", "[00:03–00:10]", "(0:03 - 0:10)", "0-3s". */
const TIME = String.raw`\d{1,2}:\d{2}(?::\d{2})?`;
const SPAN = String.raw`(?:${TIME}(?:\s*(?:[-–—]|to)\s*${TIME})?|\d{1,3}\s*[-–—]\s*\d{1,3}\s*(?:s|sec|secs|seconds)\b)`;
const TIMED = new RegExp(String.raw`^(?:[[(]\s*${SPAN}\s*[\])]|${SPAN})\s*(?:[-–—:|]\s*)?`, 'i');
const TIMED_LATER = new RegExp(String.raw`\s?[[(]\s?${SPAN}\s?[\])]\s?`, 'gi');
/** A post of a thread: "3/", "3/9". */
const OF_THREAD = /^\(?(\d{1,2})\/(?:\d{1,2}|n)?\)?(?=\s)\s*/i;
const HASHTAGS = /^(?:#[\p{L}\p{N}_]+[\s,]*){2,}$/u;

/** A line of pasted words without its marks. */
export interface Bare {
  text: string;
  /** It was set apart as a heading is: by #, in bold, or behind a time. */
  apart: boolean;
}

/** Takes Markdown's signs out of a line: emphasis, links, code, quotation, check boxes. A picture becomes a remark in [brackets]. */
export function withoutMarkdown(line: string): Bare {
  const bold = /^(?:\*\*|__)[^*_]+(?:\*\*|__):?$/.test(line.trim());
  const text = line
    .replace(/!\[([^\][]{0,300})\]\([^)\s]*(?:\s+"[^"]*")?\)/g, (_, alt: string) => (alt ? `[${alt}]` : ''))
    .replace(/\[([^\][]{1,300})\]\((?:https?:|mailto:|\/|#|www\.)[^)]{0,2000}\)/g, '$1')
    .replace(/(\*\*|__)(?=\S)(.{1,400}?)(?<=\S)\1/g, '$2')
    .replace(/(?<![\p{L}\p{N}*_])([*_])(?=[^\s*_])([^*_]*[^\s*_])\1(?![\p{L}\p{N}*_])/gu, '$2')
    .replace(/`([^`]+)`/g, '$1')
    .replace(/^\s*>\s?/, '')
    .replace(/^(\s*[-*+])\s+\[[ xX]\]\s+/, '$1 ')
    .trimEnd();
  return { text, apart: bold };
}

/** A line that only parts others: "---", "***". */
export const isRule = (line: string): boolean => /^\s*(?:[-–—*_=]\s*){3,}$/.test(line);

/** Hashtags for a post: nothing to be said. */
export const isHashtags = (line: string): boolean => HASHTAGS.test(line.trim());

/** A line without the time at its beginning or in brackets; null when it has none. */
export function withoutTime(line: string): string | null {
  const bare = line.replace(TIMED, '').replace(TIMED_LATER, ' ').trim();
  return bare === line.trim() ? null : bare;
}

/** Lines with the numbers of a thread taken off, when they count up from one. */
export function withoutThread(lines: readonly string[]): string[] | null {
  const numbers = lines.flatMap((l) => OF_THREAD.exec(l)?.[1] ?? []).map(Number);
  const counts = numbers.length >= 2 && numbers[0] === 1 && numbers.every((n, i) => n === i + 1);
  return counts ? lines.map((l) => l.replace(OF_THREAD, '')) : null;
}

/** A remark that speaks of sound alone: "[upbeat music]". */
export const isSound = (remark: string): boolean =>
  /\b(?:music|sfx|sound effects?|whoosh|beat drops?)\b/i.test(remark) && remark.length <= 60;

/** Words without the quotation marks that enclose them all. */
export const unquoted = (text: string): string =>
  text.replace(/^["“”„«](.*)["”“»]$/s, (m, inner: string) => (/["“”„«»]/.test(inner) ? m : inner));
