import { seeded } from '../../core/hash.ts';
import { FORMATS } from '../../core/look/formats.ts';
import { GRADE_NAMES } from '../../core/look/grades.ts';
import { LAYOUTS, type Layout } from '../../core/look/layouts.ts';
import { frameAt } from '../../core/paint/frame.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { AUTO_FRAMING, type Piece, PLAIN_GRADING, placed } from '../../core/piece/types.ts';
import { compile, locate } from '../../core/timeline/compile.ts';
import { knownFacts, typesetter } from '../material.ts';
import { shelf } from '../shelf/shelf.ts';
import { readyFonts } from './fonts.ts';
import { paintedTwice, ssim } from './testing.ts';

const pick = <T>(list: readonly T[], random: () => number): T =>
  list[Math.floor(random() * list.length)] as T;

const LAYOUT_NAMES = Object.keys(LAYOUTS) as Layout[];

const LINES = [
  'Lanterns hang over the quay.',
  'It costs €34.00\ninstead of €42.00',
  '“It held all winter.”\nJorun T.',
  'Nobody knew who had left the old radio on the bench by the door.',
  'Three reasons',
];

/** Anything that a writer might have made: every layout, grade, framing and transition may come. */
function randomPiece(seed: string, ids: readonly string[]): Piece {
  const random = seeded(seed);
  const maybe = (share: number) => random() < share;
  const scenes = Array.from({ length: 5 }, (_, i) => {
    const framing = maybe(0.5)
      ? {
          ...AUTO_FRAMING,
          fit: maybe(0.4) ? ('whole' as const) : ('fill' as const),
          surround: maybe(0.5) ? 'blur' : '#445a66',
          move: pick(['auto', 'still', 'away'] as const, random),
        }
      : null;
    const grading = maybe(0.6)
      ? {
          ...PLAIN_GRADING,
          ...{ grade: pick(GRADE_NAMES, random), strength: random() },
          ...{
            grain: maybe(0.4) ? random() : 0,
            dust: maybe(0.4) ? random() : 0,
            leak: maybe(0.4) ? random() : 0,
          },
          ...{ opacity: maybe(0.2) ? 0.5 + random() / 2 : 1, backdrop: '#203040' },
        }
      : null;
    return scene(`s${i}`, pick(LINES, random), {
      ...{ spoken: '', durationMs: 1500 + Math.floor(random() * 3000), grading },
      layout: pick(LAYOUT_NAMES, random),
      pictures: Array.from({ length: maybe(0.3) ? 2 : 1 }, () => ({ ...placed(pick(ids, random)), framing })),
      transition: maybe(0.5) ? { kind: 'dissolve', lengthMs: 200 + Math.floor(random() * 800) } : null,
    });
  });
  return piece(scenes, { format: pick(FORMATS, random) });
}

/**
 * Frames of pieces made by chance, by both back ends: how like they are in luma (SSIM, before encoding), the least like
 * first. Every fourth piece at its full size, the others at a third of it.
 */
export async function compareByChance(
  pieces: number,
  moments: number,
): Promise<{ of: string; ssim: number }[]> {
  readyFonts();
  const ids = [...(await shelf()).entries.keys()];
  const found: { of: string; ssim: number }[] = [];
  for (let p = 0; p < pieces; p++) {
    const random = seeded(`parity ${p}`);
    const document = randomPiece(`piece ${p}`, ids);
    const timeline = compile(document, await knownFacts(document), typesetter());
    const k = p % 4 === 0 ? 1 : 1 / 3;
    const even = (n: number) => Math.round((n * k) / 2) * 2;
    const size = { width: even(timeline.width), height: even(timeline.height) };
    // In order, as a render asks for them.
    const frames = Array.from({ length: moments }, () => Math.floor(random() * timeline.frames)).sort(
      (a, b) => a - b,
    );
    const lists = frames
      .map((f) => locate(timeline, f))
      .map(({ index, local }) => frameAt(timeline, { index, frame: local }, size));
    const { canvas, compositor } = await paintedTwice(size, lists);
    frames.forEach((frame, i) => {
      const like = ssim(canvas[i] as Buffer, compositor[i] as Buffer, size);
      found.push({ of: `piece ${p}, frame ${frame}`, ssim: like });
    });
  }
  return found.sort((a, b) => a.ssim - b.ssim);
}
