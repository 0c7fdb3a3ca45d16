import type { Piece } from '../core/piece/types.ts';
import { spokenOf } from '../core/piece/types.ts';
import { compile, takeKey, trackLength } from '../core/timeline/compile.ts';
import { usesOf } from '../core/timeline/shots.ts';
import type { Facts, Timeline } from '../core/timeline/types.ts';
import { Typesetter } from '../core/timeline/words.ts';
import { pictureFact } from './assets/lookup.ts';
import { trackOf } from './music/tracks.ts';
import { measurer } from './render/fonts.ts';
import { knownTake, takeOf } from './speech/takes.ts';

let setter: Typesetter | null = null;

/** The server's typesetter; one for the process, since it remembers what it has set. */
export function typesetter(): Typesetter {
  setter ??= new Typesetter(measurer());
  return setter;
}

/** The narrations a piece wants: one for each different text. */
export function wantedTakes(piece: Piece): { key: string; text: string }[] {
  const out = new Map<string, string>();
  for (const scene of piece.scenes) {
    const text = spokenOf(scene).trim();
    if (text) out.set(takeKey(text, piece.voice), text);
  }
  return [...out].map(([key, text]) => ({ key, text }));
}

/** What is known of a piece's material now, without making anything. */
export async function knownFacts(piece: Piece): Promise<Facts> {
  const takes: Facts['takes'] = {};
  for (const { key } of wantedTakes(piece)) {
    const take = await knownTake(key);
    if (take) takes[key] = take;
  }
  const assets: Facts['assets'] = {};
  for (const { assetId } of piece.scenes.flatMap(usesOf)) {
    const fact = assets[assetId] ? null : await pictureFact(assetId);
    if (fact) assets[fact.id] = fact;
  }
  return { takes, assets, track: null };
}

/**
 * Everything a piece needs, made where it is missing, and the timeline of it. A scene that no voice can say (emoji
 * alone, say) stays silent; its text is reported.
 */
export async function prepare(
  piece: Piece,
  onStep: (done: number, total: number, what: string) => void = () => undefined,
): Promise<{ timeline: Timeline; facts: Facts; unspoken: string[] }> {
  const facts = await knownFacts(piece);
  const wanted = wantedTakes(piece);
  const total = wanted.length + 1;
  const unspoken: string[] = [];
  let done = 0;
  await Promise.all(
    wanted.map(async ({ key, text }) => {
      try {
        facts.takes[key] ??= await takeOf(text, piece.voice);
      } catch (e) {
        if ((e as Error).name !== 'SpeechError') throw e;
        unspoken.push(text);
      }
      onStep(++done, total, 'voice');
    }),
  );
  const { mood, seed } = piece.music;
  if (mood !== 'none') {
    const { frames } = compile(piece, facts, typesetter());
    if (frames > 0) facts.track = await trackOf(mood, seed, trackLength(frames));
  }
  onStep(total, total, 'music');
  return { timeline: compile(piece, facts, typesetter()), facts, unspoken };
}
