import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import { type DeliveryKindName, deliveryKind } from '../core/deliver/kinds.ts';
import type { Format } from '../core/look/formats.ts';
import { type Piece, spokenOf } from '../core/piece/types.ts';
import { framesToMs, type Milliseconds, samplesToMs } from '../core/time.ts';
import { compile } from '../core/timeline/compile.ts';
import type { Height } from '../core/timeline/heights.ts';
import { renderSize } from '../core/timeline/segments.ts';
import type { Facts, Timeline } from '../core/timeline/types.ts';
import { pictureViews } from '../server/assets/lookup.ts';
import { MAKERS } from '../server/deliver/makers.ts';
import { PIECE_FILES } from '../server/exchange/files.ts';
import { type RenderProgress, render } from '../server/frames/render.ts';
import { prepare, typesetter } from '../server/material.ts';
import { proofOf } from '../server/pieces/proof.ts';
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

/** What was made of one input. */
export interface Made {
  outputs: string[];
  durationMs: Milliseconds;
  /** Findings of the proof that should keep it back, and those that want a look. */
  stops: number;
  looks: number;
  /** The piece as it was made. */
  described: Awaited<ReturnType<typeof describePlan>>;
}

/** Plans a video and makes all that is wanted of it. say: one line for the user at a time. */
export async function makeVideo(options: MakeOptions, say: (line: string) => void): Promise<Made> {
  const planned = await planVideo(options, say);
  const { piece, facts, timeline } = planned;
  const outputs: string[] = [];
  for (const format of options.formats)
    for (const kind of options.kinds) {
      const { ending, seen } = deliveryKind(kind);
      // Sound alone is the same in every format.
      if (!seen && format !== options.formats[0]) continue;
      const named = seen && options.formats.length > 1 ? outOf(options.out, format) : options.out;
      const out = kind === 'mp4' ? named : endingIn(named, ending);
      await deliver(
        kind,
        { piece: { ...piece, format }, timeline: compiled(planned, format), out },
        options,
        say,
      );
      outputs.push(out);
      say(`${out} is ready`);
    }
  const { dir, name } = path.parse(options.out);
  for (const file of options.files) {
    const { ending, make } = PIECE_FILES[file];
    const out = path.join(dir, `${name}.${ending}`);
    await writeFile(out, await make({ ...planned, words: null }));
    outputs.push(out);
    say(`${out} is ready`);
  }
  const marks = await proofOf({ piece, timeline, facts });
  const count = (weight: string) => marks.filter((m) => m.weight === weight).length;
  return {
    ...{ outputs, durationMs: framesToMs(timeline.frames), stops: count('stop'), looks: count('look') },
    described: await describePlan(planned, options.height),
  };
}

const compiled = ({ piece, timeline, facts }: Planned, format: Format): Timeline =>
  format === piece.format ? timeline : compile(piece, facts, typesetter(), format);

/** Makes one delivery, and says how far it is. */
async function deliver(
  kind: DeliveryKindName,
  { piece, timeline, out }: { piece: Piece; timeline: Timeline; out: string },
  { height, painter }: MakeOptions,
  say: (line: string) => void,
): Promise<void> {
  const began = Date.now();
  const onProgress = ({ done, total }: RenderProgress) => {
    const left = done ? ((Date.now() - began) / done) * (total - done) : 0;
    say(`picture ${done} of ${total} frames, about ${Math.ceil(left / 1000)} s left`);
  };
  if (kind === 'mp4') return render(timeline, { height, painter, out, onProgress });
  const { signal } = new AbortController();
  await MAKERS[kind]({ piece, timeline, height, loudness: -14, out: path.resolve(out), signal, onProgress });
}

const endingIn = (out: string, ending: string): string => {
  const { dir, name } = path.parse(out);
  return path.join(dir, `${name}.${ending}`);
};

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
