import { depths, type Mask, stepsAround } from './mask.ts';
import { thinned } from './thin.ts';

/** Of a letter that stands alone the pen begins rather at the top, of joined ones rather where the word begins. */
const DOWN = { alone: 0.7, joined: 0.25 } as const;
/** Wider than so many times its height, letters are joined. */
const JOINED = 1.3;
/** A pen rather begins at an end or where something branches off, even if that lies so far behind, in heights of the part. */
const BEGINS = { end: 0.5, branch: 0.3 } as const;
/** Pixels of a line that is none. */
const SPECK = 2;
/** What is smaller than this share of a part over or under which it stands is written after it: dots, accents. */
const SMALL = 0.5;
const OVERLAP = 0.6;
/** Pixels of a line by which its direction is known. */
const LOOK_BACK = 6;
/** A crossing is gone straight through: so far over what is drawn already, and turning at most by this cosine. */
const CROSSING = { steps: 7, straight: 0.8 } as const;

/** A part of a word that hangs together. */
interface Part {
  pixels: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
  /** Middle lines. */
  lines: number[];
}

/**
 * The lines along which a pen writes a word, in their order, as places in the mask: letter by letter in reading direction, each from
 * its beginning, straight on at crossings, dots and accents after what they belong to. It is not how somebody learned it at school,
 * which the form of a letter does not tell, but no place is reached otherwise than along its stroke. The outermost pixels must be off.
 */
export function strokesOf(mask: Mask, rightToLeft: boolean): number[][] {
  const skeleton = withoutSpurs(mask, thinned(mask));
  return inOrder(partsOf(mask, skeleton), rightToLeft).flatMap((part) =>
    walked(part, skeleton, mask.width, rightToLeft),
  );
}

function partsOf({ on, width, height }: Mask, skeleton: Uint8Array): Part[] {
  const seen = new Uint8Array(width * height);
  const around = stepsAround(width);
  const parts: Part[] = [];
  for (let from = 0; from < on.length; from++) {
    if (!on[from] || seen[from]) continue;
    const part: Part = { pixels: 0, left: width, right: 0, top: height, bottom: 0, lines: [] };
    const open = [from];
    seen[from] = 1;
    for (let at = open.pop(); at !== undefined; at = open.pop()) {
      const [x, y] = [at % width, Math.floor(at / width)];
      part.pixels++;
      part.left = Math.min(part.left, x);
      part.right = Math.max(part.right, x);
      part.top = Math.min(part.top, y);
      part.bottom = Math.max(part.bottom, y);
      if (skeleton[at]) part.lines.push(at);
      for (const step of around) {
        const next = at + step;
        if (!on[next] || seen[next]) continue;
        seen[next] = 1;
        open.push(next);
      }
    }
    part.lines.sort((a, b) => a - b);
    parts.push(part);
  }
  return parts;
}

function inOrder(parts: readonly Part[], rightToLeft: boolean): Part[] {
  const place = (p: Part) => (rightToLeft ? -p.right : p.left);
  const hosts = new Map<Part, Part>();
  for (const p of parts) {
    const over = parts.filter(
      (q) => q.pixels * SMALL > p.pixels && shared(p, q) >= OVERLAP * (p.right - p.left + 1),
    );
    const host = over.sort((a, b) => b.pixels - a.pixels)[0];
    if (host) hosts.set(p, host);
  }
  const marks = (of: Part): Part[] =>
    sorted(parts.filter((p) => hosts.get(p) === of)).flatMap((p) => [p, ...marks(p)]);
  const sorted = (some: Part[]) => some.sort((a, b) => place(a) - place(b));
  return sorted(parts.filter((p) => !hosts.has(p))).flatMap((p) => [p, ...marks(p)]);
}

const shared = (a: Part, b: Part): number => Math.min(a.right, b.right) - Math.max(a.left, b.left) + 1;

/** Neighbours along the lines: a diagonal one only where no way leads round the corner. */
function neighbours(lines: Uint8Array, at: number, around: readonly number[]): number[] {
  const is = (i: number) => lines[at + (around[i % 8] as number)] === 1;
  const found: number[] = [];
  for (let i = 0; i < 8; i++)
    if (is(i) && (i % 2 === 0 || !(is(i + 7) || is(i + 1)))) found.push(at + (around[i] as number));
  return found;
}

/** Thinning leaves short lines that lead into corners: those no longer than the stroke is thick there go. */
function withoutSpurs(mask: Mask, lines: Uint8Array): Uint8Array {
  const around = stepsAround(mask.width);
  const inside = depths(mask);
  const left = lines.slice();
  for (let at = 0; at < left.length; at++) {
    if (!left[at] || neighbours(left, at, around).length !== 1) continue;
    const way = [at];
    for (let end = at; ; ) {
      const next = neighbours(left, end, around).filter((n) => !way.includes(n));
      if (next.length !== 1) {
        if (next.length > 1 && way.length - 1 <= (inside[end] as number))
          for (const p of way.slice(0, -1)) left[p] = 0;
        break;
      }
      end = next[0] as number;
      way.push(end);
      if (way.length > (inside[end] as number) + 3) break;
    }
  }
  return left;
}

function walked(part: Part, lines: Uint8Array, width: number, rightToLeft: boolean): number[][] {
  const around = stepsAround(width);
  const [wide, high] = [part.right - part.left + 1, part.bottom - part.top + 1];
  const down = wide > high * JOINED ? DOWN.joined : DOWN.alone;
  const places = part.lines.map((at) => {
    const beside = neighbours(lines, at, around);
    const cost = (rightToLeft ? -1 : 1) * (at % width) + down * Math.floor(at / width);
    return { at, beside, cost: beside.length <= 1 ? cost - BEGINS.end * high : cost };
  });
  const drawn = new Set<number>();
  const strokes: number[][] = [];
  for (let left = places; left.length; left = left.filter((p) => !drawn.has(p.at))) {
    let [from, least] = [-1, Number.POSITIVE_INFINITY];
    for (const { at, beside, cost } of left) {
      const here = beside.some((n) => drawn.has(n)) ? cost - BEGINS.branch * high : cost;
      if (here < least) [from, least] = [at, here];
    }
    const way = walk(from, lines, width, drawn);
    // A speck of a crossing is drawn with what crosses there.
    if (way.length > SPECK || !strokes.length) strokes.push(way);
  }
  return strokes;
}

/** Goes on from a place, turning as little as may be, until nothing is left to draw. */
function walk(from: number, lines: Uint8Array, width: number, drawn: Set<number>): number[] {
  const around = stepsAround(width);
  const way = [from];
  drawn.add(from);
  for (let at = from; ; ) {
    const back = way[Math.max(0, way.length - 1 - LOOK_BACK)] as number;
    const turn = (to: number) => cosine(at, back, to, width);
    const open = neighbours(lines, at, around).filter((n) => !drawn.has(n));
    const through = open.length ? [best(open, turn)] : across(at, lines, around, drawn, turn);
    if (!through.length) return way;
    for (const p of through) {
      way.push(p);
      drawn.add(p);
    }
    at = through.at(-1) as number;
  }
}

const best = (some: readonly number[], turn: (to: number) => number): number =>
  some.reduce((a, b) => (turn(b) > turn(a) ? b : a));

/** The way over a crossing to what is straight ahead and not drawn yet; empty where nothing is. */
function across(
  at: number,
  lines: Uint8Array,
  around: readonly number[],
  drawn: ReadonlySet<number>,
  turn: (to: number) => number,
): number[] {
  let ways = [[at]];
  const seen = new Set([at]);
  for (let step = 0; step < CROSSING.steps; step++) {
    ways = ways.flatMap((way) =>
      neighbours(lines, way.at(-1) as number, around)
        .filter((n) => !seen.has(n))
        .map((n) => {
          seen.add(n);
          return [...way, n];
        }),
    );
    const found = ways
      .filter((w) => !drawn.has(w.at(-1) as number) && turn(w.at(-1) as number) >= CROSSING.straight)
      .sort((a, b) => turn(b.at(-1) as number) - turn(a.at(-1) as number))[0];
    if (found) return found.slice(1);
  }
  return [];
}

/** Of the angle by which a way turns that came to a place from another and goes on to a third; 1: straight on. */
function cosine(at: number, from: number, to: number, width: number): number {
  const [ax, ay] = between(from, at, width);
  const [bx, by] = between(at, to, width);
  const length = Math.hypot(ax, ay) * Math.hypot(bx, by);
  return length > 0 ? (ax * bx + ay * by) / length : 0;
}

const between = (from: number, to: number, width: number): [number, number] => [
  (to % width) - (from % width),
  Math.floor(to / width) - Math.floor(from / width),
];
