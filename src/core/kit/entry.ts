import { type Edit, pieceEdit } from '../piece/edit.ts';
import { type KitEntry, newKitEntry } from '../piece/outputs.ts';
import type { Piece } from '../piece/types.ts';
import type { Destination } from './destinations.ts';
import type { PostKit } from './kit.ts';

/** Letters as people count them: an emoji is one. */
export const letters = (text: string): number => [...new Intl.Segmenter('en').segment(text)].length;

/** Changes what the writer made of the texts for a destination. merge: what flows, such as typing. */
export function sayKit({ kit }: Piece, destination: string, change: Partial<KitEntry>, merge?: string): Edit {
  const have = kit.find((k) => k.destination === destination);
  const now = { ...(have ?? newKitEntry(destination)), ...change };
  const list = have ? kit.map((k) => (k === have ? now : k)) : [...kit, now];
  return pieceEdit('kit', { kit: list }, merge === undefined ? null : `kit/${destination}/${merge}`);
}

/** All texts for a destination by what they are: the writer's own where there are any. */
export const kitRow = (kit: PostKit, entry: KitEntry, to: Destination) => ({
  Destination: to.name,
  Headline: entry.headline ?? kit.headlines[0]?.text ?? '',
  Post: entry.post ?? kit.post.text,
  Summary: entry.summary ?? kit.summary.text,
  'Key points': kit.points.map((p) => `• ${p.text}`).join('\n'),
  Quotes: kit.quotes.map((q) => q.text).join('\n'),
  Tags: kit.tags.map((t) => `#${t}`).join(' '),
  'What is seen on the cover': entry.alternative ?? kit.alternative,
});

/** All texts for a destination as one file. */
export function kitFileText(kit: PostKit, entry: KitEntry, to: Destination): string {
  const { Destination: name, ...parts } = kitRow(kit, entry, to);
  const filled = Object.entries(parts).flatMap(([title, text]) => (text ? [`${title}\n\n${text}`] : []));
  return `${[name, ...filled].join('\n\n\n')}\n`;
}
