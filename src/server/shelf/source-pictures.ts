import { eq } from 'drizzle-orm';
import type { PictureTraits } from '../../core/match/preference.ts';
import { ShelfIndex } from '../../core/match/score.ts';
import type { ShelfItem, Vector } from '../../core/match/types.ts';
import { isOpen } from '../../core/piece/placements.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Source } from '../../core/source/types.ts';
import { contentWords } from '../../core/text/tokens.ts';
import { type AssetRecord, assetRecord } from '../assets/record.ts';
import { db } from '../db/client.ts';
import { sources } from '../db/schema.ts';
import { embedder } from './embedder.ts';
import { inEnglish } from './in-english.ts';

/** What is known of a picture that was brought in, besides its meaning. */
export const ownTraits = (record: AssetRecord): PictureTraits => ({
  ratios: [record.width / record.height],
  shortSide: Math.min(record.width, record.height),
  own: true,
});

/**
 * Pictures that stand in the source of a piece, by what their captions say, for lines that have none of them yet. null
 * when there are none that say anything: those have their places by the outline alone.
 */
export async function sourcePicturesOf(
  piece: Piece,
): Promise<{ index: ShelfIndex; traits: Map<string, PictureTraits> } | null> {
  if (!piece.source?.id) return null;
  const [row] = await db().select({ doc: sources.doc }).from(sources).where(eq(sources.id, piece.source.id));
  if (!row) return null;
  const source = (typeof row.doc === 'string' ? JSON.parse(row.doc) : row.doc) as Source;
  const used = new Set(piece.scenes.filter((s) => !isOpen(s)).flatMap((s) => s.pictures[0]?.assetId ?? []));
  const said = source.pictures.flatMap(({ assetId, caption, alt, problem }) => {
    const text = [caption, alt].filter(Boolean).join('. ');
    return assetId && !problem && !used.has(assetId) && contentWords(text).length ? [{ assetId, text }] : [];
  });
  if (!said.length) return null;
  const read = await inEnglish(
    said.map((s) => s.text),
    { shows: () => true, owns: () => false },
  );
  const vectors = await embedder.embed(read.map((r, i) => r.text || (said[i]?.text ?? '')));
  const traits = new Map<string, PictureTraits>();
  const items: ShelfItem[] = [];
  for (const [i, { assetId, text }] of said.entries()) {
    const record = await assetRecord(assetId);
    if (!record) continue;
    traits.set(assetId, ownTraits(record));
    items.push({
      id: assetId,
      kind: 'still',
      title: read[i]?.gloss ? `${read[i]?.text} ${text}` : text,
      description: '',
      tags: [],
      group: assetId,
      palette: '',
      textVector: vectors[i] as Vector,
      tagsVector: vectors[i] as Vector,
      caption: text,
    });
  }
  return items.length ? { index: new ShelfIndex(items, new Map()), traits } : null;
}
