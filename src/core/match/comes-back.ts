import { PRICE_CARD } from '../outline/product-parts.ts';
import { isOpen } from '../piece/placements.ts';
import type { Placement, Scene } from '../piece/types.ts';
import { contentWords } from '../text/tokens.ts';

/** What tells whether a card is about the same thing as the title. */
type Card = Pick<Scene, 'id' | 'layout' | 'shown' | 'brief' | 'from'>;

/**
 * Scenes that show the picture of the title once more, as a frame round the piece: a closing card that says nothing else than
 * the title does, and the price card of a product. Without a title there are none; a brief asks for something of its own.
 */
export function comesBack(scenes: readonly Card[]): Set<string> {
  const [title, ...rest] = scenes;
  if (title?.layout !== 'title') return new Set();
  const named = new Set(contentWords(title.shown).map((w) => w.stem));
  const namesTheSame = ({ shown }: Card) => {
    const [first = ''] = shown.split('\n');
    const words = contentWords(first);
    return words.length > 0 && words.every((w) => named.has(w.stem));
  };
  const back = rest.filter(
    (s) =>
      !s.brief &&
      ((s.layout === 'end' && namesTheSame(s)) ||
        (s.layout === 'figure' && s.from?.ref.endsWith(`:${PRICE_CARD}`))),
  );
  return new Set(back.map((s) => s.id));
}

/** Confidence from which a picture may frame the piece. */
const SURE = 0.5;

/**
 * What was nabbed, with the picture of the title where it comes back; what was found for such a scene itself stays at hand.
 * A picture that is a guess is not shown again.
 */
export function withTitlePicture(
  scenes: readonly Scene[],
  nabbed: Record<string, Placement>,
): Record<string, Placement> {
  const [title] = scenes;
  const picture = title && (isOpen(title) ? nabbed[title.id] : title.pictures[0]);
  if (!picture || (picture.by === 'nab' && picture.confidence < SURE)) return nabbed;
  const out = { ...nabbed };
  for (const id of comesBack(scenes)) {
    const own = nabbed[id];
    const next = nabbed[scenes[scenes.findIndex((s) => s.id === id) + 1]?.id ?? ''];
    // What goes on through the scene after it stays.
    if (next?.reasons.some((r) => r.code === 'goes-on')) continue;
    if (!own || own.assetId === picture.assetId) continue;
    const { assetId, reasons } = own;
    out[id] = {
      ...{ ...picture, by: 'nab', found: [], reasons: [{ code: 'comes-back' }] },
      alternatives: [{ assetId, reasons }, ...own.alternatives],
    };
  }
  return out;
}
