'use client';

import type { ShelfEntryView } from '../../api/shelf.ts';
import type { SourcePicture } from '../../core/source/types.ts';
import { failureWords } from '../../wording/failures.ts';
import { thumbFor } from '../shared/media.ts';
import type { Outline } from './use-outline.ts';

/** The pictures of a source, or of a place in it, in their order. */
export function SourcePictures({
  list,
  outline,
  byId,
  used,
  many = false,
}: {
  list: SourcePicture[];
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
  used: ReadonlySet<string>;
  /** Small, side by side: where they do not stand in the text. */
  many?: boolean;
}) {
  if (!list.length) return null;
  return (
    <div className={`source__pictures${many ? ' source__pictures--many' : ''}`}>
      {list.map((p) => (
        <SourcePictureCard
          key={p.id}
          picture={p}
          outline={outline}
          entry={p.assetId ? byId.get(p.assetId) : undefined}
          used={used.has(p.id)}
        />
      ))}
    </div>
  );
}

/** A picture of the source; press to use it or to leave it out. */
function SourcePictureCard({
  picture: p,
  outline,
  entry,
  used,
}: {
  picture: SourcePicture;
  outline: Outline;
  entry: ShelfEntryView | undefined;
  used: boolean;
}) {
  const { leavePictures, pictures } = outline.choices;
  const left = leavePictures.includes(p.id);
  const name = p.caption || p.alt || 'Picture';
  const toggle = () => {
    if (left) outline.choose({ leavePictures: leavePictures.filter((x) => x !== p.id) });
    else if (used)
      outline.choose({
        leavePictures: [...leavePictures, p.id],
        pictures: Object.fromEntries(Object.entries(pictures).filter(([, v]) => v !== p.id)),
      });
    else pullInPicture(outline, p.id);
  };
  if (p.problem)
    return (
      <p className="source__facts">
        Picture “{name}” could not be fetched: {failureWords(p.problem)}
      </p>
    );
  return (
    <button
      type="button"
      className={`source__picture${used ? ' source__picture--used' : ''}${left ? ' source__picture--gone' : ''}`}
      aria-pressed={used}
      disabled={!entry}
      onClick={toggle}
      aria-label={`${name}: ${used ? 'in the piece, press to leave it out' : 'not used, press to use it'}`}
    >
      {entry ? <img src={thumbFor(entry, '16:9').src} alt="" /> : <span className="source__none" />}
      <span>
        {used ? 'Used' : left ? 'Left out' : 'Not used'} · {name}
      </span>
    </button>
  );
}

/** Gives a picture to the line that stands nearest to it and has none of the source yet. */
function pullInPicture(outline: Outline, id: string): void {
  const { source, lines, choices } = outline;
  const place = new Map(source.passages.map((p, i) => [p.id, i]));
  const picture = source.pictures.find((p) => p.id === id);
  const where = picture?.after ? (place.get(picture.after) ?? 0) : 0;
  const free = lines.filter((l) => l.picture === null && l.layout !== 'end');
  const distance = (ref: string) => Math.abs((place.get(ref.split('.')[0] ?? '') ?? 0) - where);
  const line = (free.length ? free : lines).reduce<(typeof lines)[number] | null>(
    (best, l) => (best === null || distance(l.ref) < distance(best.ref) ? l : best),
    null,
  );
  if (line)
    outline.choose({
      pictures: { ...choices.pictures, [line.ref]: id },
      leavePictures: choices.leavePictures.filter((x) => x !== id),
    });
}
