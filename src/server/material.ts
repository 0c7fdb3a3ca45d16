import { failureOf } from '../core/failure.ts';
import { Typesetter } from '../core/look/typeset/typesetter.ts';
import type { Piece } from '../core/piece/types.ts';
import { cannotSpeak } from '../core/sound/speech.ts';
import { compile } from '../core/timeline/compile.ts';
import { wantedTakes } from '../core/timeline/keys.ts';
import type { AssetFact, Facts, TakeFact, Timeline } from '../core/timeline/types.ts';
import { pictureFact } from './assets/lookup.ts';
import { measurer } from './frames/fonts.ts';
import { tracksOf } from './music/own-tracks.ts';
import { trackOf } from './music/tracks.ts';
import { knownTake, takeOf } from './speech/takes.ts';

let setter: Typesetter | null = null;

/** The server's typesetter; one for the process, since it remembers what it has set. */
export function typesetter(): Typesetter {
  setter ??= new Typesetter(measurer());
  return setter;
}

/** What is known of a piece's material now, without making anything. */
export async function knownFacts(piece: Piece): Promise<Facts> {
  const takes: Record<string, TakeFact> = {};
  for (const { key } of wantedTakes(piece)) {
    const take = await knownTake(key);
    if (take) takes[key] = take;
  }
  const assets: Record<string, AssetFact> = {};
  for (const { assetId } of piece.scenes.flatMap((s) => s.pictures)) {
    const fact = assets[assetId] ? null : await pictureFact(assetId);
    if (fact) assets[fact.id] = fact;
  }
  const ownTracks = Object.fromEntries((await tracksOf(piece)).map((t) => [t.id, t]));
  return { takes, assets, tracks: {}, ownTracks };
}

/**
 * Everything a piece needs, made where it is missing, and the timeline of it. A scene that no voice can say (emoji
 * alone, say) stays silent; its text is reported.
 */
export async function prepare(
  piece: Piece,
  onStep: (done: number, total: number, what: string) => void = () => undefined,
): Promise<{ timeline: Timeline; facts: Facts; unspoken: string[] }> {
  const known = await knownFacts(piece);
  const takes = { ...known.takes };
  const wanted = wantedTakes(piece);
  const total = wanted.length + 1;
  const unspoken: string[] = [];
  let done = 0;
  await Promise.all(
    wanted.map(async ({ key, ...take }) => {
      try {
        takes[key] ??= await takeOf(take);
      } catch (e) {
        if (!cannotSpeak(failureOf(e))) throw e;
        unspoken.push(take.text);
      }
      onStep(++done, total, 'voice');
    }),
  );
  const facts: Facts = { ...known, takes, tracks: {} };
  const { beds } = compile(piece, facts, typesetter()).sound;
  const tracks = await Promise.all(beds.map(({ wanted }) => trackOf(wanted)));
  onStep(total, total, 'music');
  const all = { ...facts, tracks: Object.fromEntries(tracks.map((t) => [t.key, t])) };
  return { timeline: compile(piece, all, typesetter()), facts: all, unspoken };
}
