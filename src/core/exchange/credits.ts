import type { Piece } from '../piece/types.ts';
import { seenScenes } from '../timeline/times.ts';

/** On what terms a picture is used. */
export const LICENCES = ['free', 'credit', 'bought', 'own', 'unknown'] as const;
export type Licence = (typeof LICENCES)[number];

/** What the credits need to know of a picture. */
export interface CreditFact {
  id: string;
  title: string;
  licence: Licence;
  /** Who is to be named; empty when nobody has said. */
  credit: string;
}

/** What is owed to others for the pictures of a piece. */
export interface Credits {
  /** Lines to be published with the video, in the order in which the pictures are seen. */
  lines: string[];
  /** Pictures that want a name which nobody has given yet. */
  nameless: { id: string; title: string; scene: number }[];
  /** Pictures of which nobody knows whether they may be used. */
  unknown: { id: string; title: string; scene: number }[];
}

/** Collects credits; only pictures that are really seen count, each once. scene: its place, from 1. */
export function creditsOf(piece: Piece, factOf: (assetId: string) => CreditFact | undefined): Credits {
  const out: Credits = { lines: [], nameless: [], unknown: [] };
  const seen = new Set<string>();
  const from = seenScenes(piece.scenes);
  piece.scenes.forEach((scene, i) => {
    if (from[i] !== i) return;
    for (const { assetId } of scene.pictures) {
      const fact = factOf(assetId);
      if (!fact || seen.has(assetId)) continue;
      seen.add(assetId);
      const { id, title, licence, credit } = fact;
      if (licence === 'unknown') out.unknown.push({ id, title, scene: i + 1 });
      if (licence === 'credit' && credit) out.lines.push(`“${title}”: ${credit}`);
      if (licence === 'credit' && !credit) out.nameless.push({ id, title, scene: i + 1 });
    }
  });
  return out;
}
