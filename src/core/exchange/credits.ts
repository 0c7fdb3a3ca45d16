import type { Piece } from '../piece/types.ts';
import { seenScenes } from '../timeline/times.ts';

/** On what terms a picture or a track is used. */
export const LICENCES = ['free', 'credit', 'bought', 'own', 'unknown'] as const;
export type Licence = (typeof LICENCES)[number];

/** What the credits need to know of a picture or a track. */
export interface CreditFact {
  id: string;
  title: string;
  licence: Licence;
  /** Who is to be named; empty when nobody has said. */
  credit: string;
  /** What is seen, for those who do not see it. */
  description?: string;
  /** A machine made it. */
  machineMade?: boolean;
}

/** What is owed to others for the pictures and the music of a piece. */
export interface Credits {
  /** Lines to be published with the video, in the order in which the pictures are seen. */
  lines: string[];
  /** What wants a name which nobody has given yet. */
  nameless: { id: string; title: string; scene: number }[];
  /** That of which nobody knows whether it may be used. */
  unknown: { id: string; title: string; scene: number }[];
}

/**
 * Collects credits; only pictures that are really seen and music that is really heard count, each once. scene: its place,
 * from 1.
 */
export function creditsOf(piece: Piece, factOf: (id: string) => CreditFact | undefined): Credits {
  const out: Credits = { lines: [], nameless: [], unknown: [] };
  const met = new Set<string>();
  const add = (owed: string, scene: number) => {
    const fact = factOf(owed);
    if (!fact || met.has(owed)) return;
    met.add(owed);
    const { id, title, licence, credit, machineMade } = fact;
    if (licence === 'unknown') out.unknown.push({ id, title, scene });
    if (licence === 'credit' && credit) out.lines.push(`“${title}”: ${credit}`);
    if (machineMade) out.lines.push(`“${title}”: machine-made`);
    if (licence === 'credit' && !credit) out.nameless.push({ id, title, scene });
  };
  const from = seenScenes(piece.scenes);
  piece.scenes.forEach((scene, i) => {
    if (from[i] !== i) return;
    for (const { assetId } of scene.pictures) add(assetId, i + 1);
  });
  for (const { source, fromScene } of piece.beds) {
    const place = fromScene === null ? 0 : piece.scenes.findIndex((s) => s.id === fromScene);
    if (source.kind === 'brought' && place >= 0) add(source.trackId, place + 1);
  }
  return out;
}
