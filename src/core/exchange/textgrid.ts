import type { Milliseconds } from '../time.ts';

/** Something that lasts from one moment to another. */
export interface Interval {
  startMs: Milliseconds;
  endMs: Milliseconds;
  text: string;
}

export interface Tier {
  name: string;
  /** In order, without overlaps; what lies between is empty. */
  intervals: readonly Interval[];
}

const seconds = (ms: Milliseconds) => (ms / 1000).toFixed(3);
const quoted = (text: string) => `"${text.replace(/\s+/g, ' ').trim().replaceAll('"', '""')}"`;

/** Intervals that fill the whole time: gaps as empty ones; what reaches into the next one ends where that begins. */
function filled(intervals: readonly Interval[], lengthMs: Milliseconds): Interval[] {
  const out: Interval[] = [];
  let at = 0;
  for (const [i, { startMs, endMs, text }] of intervals.entries()) {
    const start = Math.max(at, Math.min(startMs, lengthMs));
    const next = intervals[i + 1]?.startMs ?? lengthMs;
    const end = Math.min(endMs, Math.max(start, next), lengthMs);
    if (end <= start) continue;
    if (start > at) out.push({ startMs: at, endMs: start, text: '' });
    out.push({ startMs: start, endMs: end, text });
    at = end;
  }
  if (at < lengthMs) out.push({ startMs: at, endMs: lengthMs, text: '' });
  return out;
}

/** Rows of intervals as a TextGrid, the open text form in which phonetics keeps what is said when (long form, UTF-8). */
export function textGrid(tiers: readonly Tier[], lengthMs: Milliseconds): string {
  const end = seconds(lengthMs);
  const lines = [
    ...['File type = "ooTextFile"', 'Object class = "TextGrid"', ''],
    ...['xmin = 0', `xmax = ${end}`, 'tiers? <exists>', `size = ${tiers.length}`, 'item []:'],
  ];
  tiers.forEach((tier, t) => {
    const intervals = filled(tier.intervals, lengthMs);
    lines.push(
      `    item [${t + 1}]:`,
      '        class = "IntervalTier"',
      `        name = ${quoted(tier.name)}`,
      '        xmin = 0',
      `        xmax = ${end}`,
      `        intervals: size = ${intervals.length}`,
    );
    intervals.forEach(({ startMs, endMs, text }, i) => {
      lines.push(
        `        intervals [${i + 1}]:`,
        `            xmin = ${seconds(startMs)}`,
        `            xmax = ${seconds(endMs)}`,
        `            text = ${quoted(text)}`,
      );
    });
  });
  return `${lines.join('\n')}\n`;
}
