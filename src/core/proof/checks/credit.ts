import { creditsOf } from '../../exchange/credits.ts';
import type { Check, Finding } from '../types.ts';

export interface CreditFinding extends Finding {
  assetId: string;
  title: string;
  /** unknown: nobody knows whether it may be used. nameless: it wants a name that nobody has given yet. */
  wants: 'unknown' | 'nameless';
}

/** A picture is seen on terms that are not met, or not known. */
export const credit: Check<CreditFinding> = {
  weight: 'stop',
  pass: 'pictures',
  find({ piece, facts }) {
    const { unknown, nameless } = creditsOf(piece, (id) => facts.credits[id]);
    const of = (wants: CreditFinding['wants']) => (u: (typeof unknown)[number]) => ({
      sceneId: piece.scenes[u.scene - 1]?.id ?? '',
      assetId: u.id,
      title: u.title,
      wants,
      repair: null,
    });
    return [...unknown.map(of('unknown')), ...nameless.map(of('nameless'))];
  },
};
