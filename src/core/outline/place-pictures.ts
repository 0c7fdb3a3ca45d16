import type { Source } from '../source/types.ts';
import type { OutlineChoices, OutlineLine } from './types.ts';

/** Pictures of the source go to the lines that stand nearest to them, each once; the writer's own placing goes first. */
export function placePictures(lines: OutlineLine[], source: Source, choices: OutlineChoices): OutlineLine[] {
  const usable = source.pictures.filter((p) => !p.problem && !choices.leavePictures.includes(p.id));
  const out = lines.map((l) =>
    l.ref in choices.pictures ? { ...l, picture: choices.pictures[l.ref] ?? null } : l,
  );
  const open = (l: OutlineLine) =>
    l.picture === null && !(l.ref in choices.pictures) && l.assetId === null && l.layout !== 'end';
  const free = usable.filter((p) => !out.some((l) => l.picture === p.id));
  if (source.kind === 'product') {
    const wanting = out.filter((l) => open(l) && !/:hook$/.test(l.ref));
    const order = [
      ...wanting.filter((l) => l.layout === 'title' || l.layout === 'figure'),
      ...wanting.filter((l) => l.layout === 'caption' || l.layout === 'number'),
    ];
    const given = new Map(order.map((l, i) => [l.ref, free[i]?.id ?? null]));
    return out.map((l) => ({ ...l, picture: l.picture ?? given.get(l.ref) ?? null }));
  }
  const place = new Map(source.passages.map((p, i) => [p.id, i]));
  const at = (ref: string) => place.get(ref.split('.')[0] ?? '') ?? Number.NaN;
  const pairs = free
    .flatMap((p) =>
      out.filter(open).map((l) => {
        const where = p.after === null ? 0 : (place.get(p.after) ?? 0) + 0.5;
        return { p, l, distance: Math.abs(at(l.ref) - where) };
      }),
    )
    .filter((x) => x.distance <= PICTURE_REACH)
    .sort((a, b) => a.distance - b.distance || at(a.l.ref) - at(b.l.ref));
  const given = new Map<string, string>();
  for (const { p, l } of pairs)
    if (!given.has(l.ref) && ![...given.values()].includes(p.id)) given.set(l.ref, p.id);
  return out.map((l) => ({ ...l, picture: l.picture ?? given.get(l.ref) ?? null }));
}

/** A picture of the source serves a line at most so many passages away. */
const PICTURE_REACH = 2.5;
