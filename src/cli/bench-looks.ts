import { createWriteStream } from 'node:fs';
import { FORMATS, type Format, stageOf } from '../core/look/formats.ts';
import type { Layout } from '../core/look/layouts.ts';
import { luminanceOf, ratioOf } from '../core/look/legible.ts';
import { LOOK_NAMES, type LookName } from '../core/look/looks.ts';
import { frameAt } from '../core/paint/frame.ts';
import type { DisplayList, TextureDraw } from '../core/paint/list.ts';
import type { TextTexture } from '../core/paint/textures.ts';
import { luminance } from '../core/picture/relief.ts';
import { emptyPiece, emptyScene, type Piece, placed } from '../core/piece/types.ts';
import { compile } from '../core/timeline/compile.ts';
import type { Timeline } from '../core/timeline/types.ts';
import { ServerCanvas } from '../server/frames/canvas-frames.ts';
import { Compositor } from '../server/frames/compositor.ts';
import { knownFacts, typesetter } from '../server/material.ts';
import { shelf } from '../server/shelf/shelf.ts';
import { round } from './bench-measure.ts';

const SCENES: readonly { layout: Layout; shown: string }[] = [
  { layout: 'title', shown: 'What the mender will not throw away' },
  { layout: 'caption', shown: 'Every Thursday she opens at six, and by seven the bench is full.' },
  { layout: 'quote', shown: 'A thing that can be opened can be mended.\nPia Lindqvist, mender' },
];
/** Every so many pictures of the shelf are taken. */
const EVERY = 24;
/** Lines of the short side on which legibility is looked at. */
const SMALL = 300;
/** Shares of the pixels behind a word that may be darker or lighter than what counts as its worst. */
const TAIL = 0.04;

/** How well words can be read over pictures, looked for in the pixels; and what composing a frame costs, by look. */
export async function benchLooks(say: (line: string) => void) {
  const ids = [...(await shelf()).entries.keys()].filter((_, i) => i % EVERY === 0);
  const legible = await legibleOver(ids, say);
  say('What a frame costs to compose, by look');
  const cost: Record<string, number> = {};
  for (const look of LOOK_NAMES) cost[look] = await composingMs(look, ids.slice(0, 6));
  const base = cost['paper-tape'] ?? 1;
  const most = Math.max(...Object.values(cost));
  return { ...legible, composedMsAFrame: cost, dearestToPaperTape: round(most / base) };
}

/** How well the words of every look can be read over some pictures, in all formats. */
export async function legibleOver(ids: readonly string[], say: (line: string) => void) {
  say(`Words of ${LOOK_NAMES.length} looks over ${ids.length} pictures in ${FORMATS.length} formats`);
  const legible: Record<string, number> = {};
  let [all, good, heads] = [0, 0, 0];
  for (const look of LOOK_NAMES) {
    let [mine, enough] = [0, 0];
    for (const format of FORMATS)
      for (const timeline of await timelinesOf(look, format, ids)) {
        const found = await legibleWords(timeline, format);
        mine += found.words;
        enough += found.enough;
        heads += timeline.scenes.filter((s) => s.words?.onHead).length;
      }
    legible[look] = round(enough / mine);
    all += mine;
    good += enough;
  }
  const out = { words: all, legible: round(good / all), onHeads: heads, byLook: legible };
  say(`Words that stand out enough: ${out.legible} of ${all} (aim 0.99); blocks on a head: ${heads}`);
  return out;
}

async function timelinesOf(look: LookName, format: Format, ids: readonly string[]): Promise<Timeline[]> {
  const out: Timeline[] = [];
  for (const id of ids) {
    const piece: Piece = {
      ...emptyPiece(),
      ...{ look, format },
      scenes: SCENES.map((s, i) => ({ ...emptyScene(`s${i}`), ...s, pictures: [placed(id)] })),
    };
    out.push(compile(piece, await knownFacts(piece), typesetter(), format));
  }
  return out;
}

const isText = (d: DisplayList['draws'][number]): d is TextureDraw & { texture: TextTexture } =>
  d.kind === 'texture' && d.texture.kind === 'text';

/** Each word against the pixels that are behind it when it stands. */
async function legibleWords(timeline: Timeline, format: Format): Promise<{ words: number; enough: number }> {
  const stage = stageOf(format);
  const k = SMALL / Math.min(stage.width, stage.height);
  const size = {
    width: 2 * Math.round((stage.width * k) / 2),
    height: 2 * Math.round((stage.height * k) / 2),
  };
  const painter = new ServerCanvas(size);
  let [words, enough] = [0, 0];
  for (const [index, scene] of timeline.scenes.entries()) {
    const page = scene.words?.pages[0];
    if (!scene.words || !page) continue;
    const frame = Math.max(0, Math.min(page.end, scene.end - scene.start) - 8);
    const list = frameAt(timeline, { index, frame }, size);
    await painter.draw({ ...list, draws: list.draws.filter((d) => !isText(d)) });
    const pixels = painter.canvas.data();
    const { needed } = scene.words.legibility;
    for (const line of page.lines)
      for (const word of line.words) {
        const [x0, x1] = [word.x * k, (word.x + word.width) * k].map(Math.round) as [number, number];
        const [y0, y1] = [(line.y - line.size * 0.72) * k, line.y * k].map(Math.round) as [number, number];
        const light: number[] = [];
        for (let y = Math.max(0, y0); y < Math.min(size.height, y1); y++)
          for (let x = Math.max(0, x0); x < Math.min(size.width, x1); x++) {
            const at = (y * size.width + x) * 4;
            light.push(luminance(pixels[at] ?? 0, pixels[at + 1] ?? 0, pixels[at + 2] ?? 0));
          }
        if (!light.length) continue;
        light.sort((a, b) => a - b);
        const tail = Math.floor(light.length * TAIL);
        const ends = [light[tail] ?? 0, light[light.length - 1 - tail] ?? 0];
        const behind = line.outline ? [luminanceOf(line.outline.colour)] : ends;
        const own = luminanceOf(word.colour);
        const between = !line.outline && own > (ends[0] ?? 0) && own < (ends[1] ?? 0);
        words++;
        if (!between && Math.min(...behind.map((b) => ratioOf(own, b))) >= needed * 0.98) enough++;
      }
  }
  painter.close();
  return { words, enough };
}

/** Milliseconds of the clock for a frame at 1080 lines, without an encoder. */
async function composingMs(look: LookName, ids: readonly string[]): Promise<number> {
  const piece: Piece = {
    ...emptyPiece(),
    look,
    scenes: ids.map((id, i) => ({
      ...emptyScene(`s${i}`),
      ...SCENES[i % SCENES.length],
      pictures: [placed(id)],
    })),
  };
  const timeline = compile(piece, await knownFacts(piece), typesetter());
  const size = { width: timeline.width, height: timeline.height };
  const sink = createWriteStream('/dev/null');
  await new Promise((r) => sink.once('open', r));
  const compositor = new Compositor(size, sink);
  const began = performance.now();
  let count = 0;
  for (const [index, scene] of timeline.scenes.entries())
    for (let frame = 0; frame < scene.end - scene.start; frame++, count++)
      await compositor.frame(frameAt(timeline, { index, frame }, size));
  await compositor.end();
  return round((performance.now() - began) / count);
}
