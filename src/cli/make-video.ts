import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Format } from '../core/look/formats.ts';
import { type Piece, spokenOf } from '../core/piece/types.ts';
import { framesToMs, samplesToMs } from '../core/time.ts';
import { compile } from '../core/timeline/compile.ts';
import type { Height } from '../core/timeline/heights.ts';
import { renderSize } from '../core/timeline/segments.ts';
import type { Facts, Timeline } from '../core/timeline/types.ts';
import { pictureViews } from '../server/assets/lookup.ts';
import { PIECE_FILES } from '../server/exchange/files.ts';
import { render } from '../server/frames/render.ts';
import { prepare, typesetter } from '../server/material.ts';
import { shelf, withPictures } from '../server/shelf/shelf.ts';
import { reasonWords } from '../wording/pictures.ts';
import { draftFromInput, type InputOptions } from './input.ts';
import type { MakeOptions } from './make.ts';

/** A piece with all that its video needs, before the first frame is drawn. */
export interface Planned {
  piece: Piece;
  timeline: Timeline;
  facts: Facts;
}

/** Reads what was given, finds pictures and has it spoken. say: one line for the user at a time. */
export async function planVideo(options: InputOptions, say: (line: string) => void): Promise<Planned> {
  const draft = await draftFromInput(options, say);
  say(`${draft.scenes.length} scenes; looking for pictures`);
  const piece = await withPictures(draft);
  const { timeline, facts, unspoken } = await prepare(piece, (done, total, what) =>
    say(`${what} ${done} of ${total}`),
  );
  for (const text of unspoken) say(`no voice can say “${text.slice(0, 60)}”; the scene stays silent`);
  return { piece, timeline, facts };
}

/** Plans a video, renders it and, when asked to, prints what it is made of. */
export async function makeVideo(options: MakeOptions): Promise<void> {
  const planned = await planVideo(options, say);
  const { piece, facts } = planned;
  for (const format of options.formats) {
    const began = Date.now();
    const out = options.formats.length > 1 ? outOf(options.out, format) : options.out;
    const timeline = format === piece.format ? planned.timeline : compile(piece, facts, typesetter(), format);
    await render(timeline, {
      ...{ height: options.height, painter: options.painter, out },
      onProgress: ({ done, total }) => {
        const left = done ? ((Date.now() - began) / done) * (total - done) : 0;
        say(`picture ${done} of ${total} frames, about ${Math.ceil(left / 1000)} s left`);
      },
    });
    say(`${out} is ready`);
  }
  const { dir, name } = path.parse(options.out);
  for (const file of options.files) {
    const { ending, make } = PIECE_FILES[file];
    const out = path.join(dir, `${name}.${ending}`);
    await writeFile(out, await make({ ...planned, words: null }));
    say(`${out} is ready`);
  }
  if (options.json)
    process.stdout.write(`${JSON.stringify(await describePlan(planned, options.height))}
`);
}

/** Of several formats each is named: tea.mp4 becomes tea-9x16.mp4. */
function outOf(out: string, format: Format): string {
  const { dir, name, ext } = path.parse(out);
  return path.join(dir, `${name}-${format.replace(':', 'x')}${ext}`);
}

/** What --json prints: the piece as it was made. */
export async function describePlan({ piece, timeline, facts }: Planned, height: Height) {
  const { entries } = await shelf();
  const views = new Map(
    (await pictureViews(piece.scenes.flatMap((s) => s.pictures.map((p) => p.assetId)))).map((v) => [v.id, v]),
  );
  return {
    title: piece.title,
    source: piece.source && { kind: piece.source.kind, title: piece.source.title },
    durationMs: framesToMs(timeline.frames),
    ...renderSize(timeline, height),
    scenes: piece.scenes.map((scene, i) => {
      const at = timeline.scenes[i];
      const spoken = spokenOf(scene).replace(/\s+/g, ' ').trim();
      const [picture] = scene.pictures;
      const entry = picture && (entries.get(picture.assetId) ?? views.get(picture.assetId));
      const voiceMs = at?.voice ? samplesToMs(at.voice.start) : 0;
      const take = at?.voice ? facts.takes[at.voice.key] : undefined;
      return {
        layout: scene.layout,
        shown: scene.shown,
        spoken,
        from: scene.from?.text ?? null,
        startMs: framesToMs(at?.start ?? 0),
        endMs: framesToMs(at?.end ?? 0),
        picture:
          entry && picture
            ? { id: entry.id, title: entry.title, tags: entry.tags, reason: reasonWords(picture.reasons) }
            : null,
        words: (take?.words ?? []).map((w) => ({
          text: spoken.slice(w.start, w.end),
          startMs: voiceMs + w.startMs,
          endMs: voiceMs + w.endMs,
        })),
      };
    }),
  };
}

function say(text: string): void {
  process.stderr.write(`${text}\n`);
}
