'use client';

import { useQuery } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import { type ReactNode, useMemo, useState } from 'react';
import { compareVersion } from '../../api/desk.ts';
import type { ShelfEntryView } from '../../api/shelf.ts';
import { type SceneChange, scenesBeside } from '../../core/piece/changes.ts';
import type { Piece } from '../../core/piece/types.ts';
import { changesWords, sceneChangeWords } from '../../wording/reviews.ts';
import { call } from '../shared/api.ts';
import { aspect, thumbFor } from '../shared/media.ts';
import { useShelf } from '../shared/use-shelf.ts';

/** Two states of a piece, scene beside scene. */
export function Beside({ id, version, fallback }: { id: string; version: string; fallback: ReactNode }) {
  const compared = useQuery({
    queryKey: ['versions', id, version],
    queryFn: () => call(compareVersion, { params: { id, version } }),
  });
  const [only, setOnly] = useState(false);
  const { byId } = useShelf();
  const pictures = useMemo(
    () => new Map([...byId, ...(compared.data?.assets ?? []).map((a) => [a.id, a] as const)]),
    [byId, compared.data],
  );
  if (compared.isPending) return fallback;
  if (compared.isError) return <p role="alert">{compared.error.message}</p>;
  const { before, now, changes } = compared.data;
  const same = changes.scenes.length === 0 && changes.piece.length === 0;
  return (
    <>
      {same ? (
        <p>Nothing that is seen or heard is other than then.</p>
      ) : (
        <p className="versions__sum">
          {changesWords(changes, 'then')}{' '}
          <Checkbox checked={only} onChange={(e) => setOnly(e.target.checked)}>
            Only what changed
          </Checkbox>
        </p>
      )}
      <table className="versions__table">
        <thead>
          <tr>
            <th scope="col">Then</th>
            <th scope="col">Now</th>
          </tr>
        </thead>
        <tbody>
          {(only && !same ? changes.scenes : scenesBeside(before, now)).map((row) => (
            <Row key={row.id} row={row} before={before} now={now} pictures={pictures} />
          ))}
        </tbody>
      </table>
    </>
  );
}

function Row({
  row,
  before,
  now,
  pictures,
}: {
  row: SceneChange;
  before: Piece;
  now: Piece;
  pictures: ReadonlyMap<string, ShelfEntryView>;
}) {
  const said = sceneChangeWords(row);
  return (
    <tr className={said ? 'versions__changed' : undefined}>
      <td>
        <Side piece={before} at={row.before} pictures={pictures} />
      </td>
      <td>
        <Side piece={now} at={row.after} pictures={pictures} />
        {said && <p className="versions__change">{said}</p>}
      </td>
    </tr>
  );
}

function Side({
  piece,
  at,
  pictures,
}: {
  piece: Piece;
  at: number | null;
  pictures: ReadonlyMap<string, ShelfEntryView>;
}) {
  const scene = at === null ? undefined : piece.scenes[at];
  if (!scene) return null;
  const [picture] = scene.pictures;
  const entry = picture && pictures.get(picture.assetId);
  const thumb = entry && thumbFor(entry, piece.format);
  return (
    <div className="versions__side">
      {thumb ? (
        <img
          src={thumb.src}
          alt={entry.title}
          style={{ aspectRatio: aspect(piece.format), objectPosition: thumb.position }}
        />
      ) : (
        <span className="versions__nothing" />
      )}
      <p>{scene.shown || scene.spoken || 'No words'}</p>
    </div>
  );
}
