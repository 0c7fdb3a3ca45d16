'use client';

import { DownloadOutlined, MoreOutlined } from '@ant-design/icons';
import { Button, Checkbox, Dropdown, type MenuProps } from 'antd';
import Link from 'next/link';
import type { PieceSummary, Place } from '../../api/desk.ts';
import { addressOf } from '../../api/endpoint.ts';
import { exportPiece } from '../../api/pieces.ts';
import { FORMATS } from '../../core/look/formats.ts';
import { SPOKEN_LANGUAGES } from '../../core/sound/voices.ts';
import { clock } from '../../core/time.ts';
import { languageWords } from '../../wording/voices.ts';
import { aspect, thumbFor } from '../shared/media.ts';
import { whenWords } from '../shared/when.ts';
import { usePutElsewhere } from './put-elsewhere.tsx';
import { useDeskWork } from './use-desk.ts';

/** A piece that is stored and cannot be read: nothing of it is lost, and it does not stand in the way of the others. */
export function DamagedCard({ piece }: { piece: PieceSummary }) {
  const put = usePutElsewhere();
  return (
    <li className="piece-card piece-card--damaged">
      <strong>{piece.title || 'Untitled'}</strong>
      <p>
        What is stored of this piece cannot be read here. It may come from a newer Nabbet, or it is damaged.
        Keep it as a file, then put it away.
      </p>
      <Button
        size="small"
        icon={<DownloadOutlined aria-hidden />}
        href={addressOf(exportPiece, { id: piece.id })}
        download={`${piece.id}.nabbet.json`}
        aria-label={`Keep “${piece.title}” as a file`}
      >
        Keep as a file
      </Button>{' '}
      <Button
        size="small"
        onClick={() => put([piece.id], `“${piece.title}”`, 'away', 'desk')}
        aria-label={`Put away “${piece.title}”`}
      >
        Put away
      </Button>
    </li>
  );
}

/** A piece as it lies there. onChoose: whether it is one of those that are handled together. */
export function PieceCard({
  piece,
  about,
  place,
  chosen,
  onChoose,
  onTag,
}: {
  piece: PieceSummary;
  about: NonNullable<PieceSummary['about']>;
  place: Place;
  chosen: boolean;
  onChoose: (on: boolean) => void;
  onTag: (tag: string) => void;
}) {
  const { format, scenes, cover, lengthMs } = about;
  const thumb = cover && thumbFor(cover, format);
  const title = piece.title || 'Untitled';
  return (
    <li className={chosen ? 'piece-card piece-card--chosen' : 'piece-card'}>
      <Link className="piece-card__open" href={`/piece/${piece.id}`}>
        <span className="piece-card__cover">
          {thumb ? (
            <img
              src={thumb.src}
              alt=""
              style={{ aspectRatio: aspect(format), objectPosition: thumb.position }}
            />
          ) : (
            <span className="piece-card__none" />
          )}
        </span>
        <span className="piece-card__title">{title}</span>
        <span className="piece-card__meta">
          {clock(lengthMs)} · {format} · {scenes} scene{scenes === 1 ? '' : 's'}
        </span>
        <span className="piece-card__meta">
          <span className="piece-card__state">{piece.state}</span> · {whenWords(piece.updatedAt)}
        </span>
        {piece.found && <span className="piece-card__found">{piece.found}</span>}
      </Link>
      {(piece.category || piece.tags.length > 0) && (
        <p className="piece-card__filed">
          {piece.category && <span>{piece.category}</span>}
          {piece.tags.map((tag) => (
            <button
              key={tag}
              type="button"
              onClick={() => onTag(tag)}
              aria-label={`Show what is tagged ${tag}`}
            >
              #{tag}
            </button>
          ))}
        </p>
      )}
      <Checkbox
        className="piece-card__choose"
        checked={chosen}
        onChange={(e) => onChoose(e.target.checked)}
        aria-label={`Choose ${title}`}
      />
      <CardMenu piece={piece} place={place} />
    </li>
  );
}

function CardMenu({ piece: { id, title }, place }: { piece: PieceSummary; place: Place }) {
  const { copy } = useDeskWork();
  const put = usePutElsewhere();
  const here = place === 'emptied' ? 'bin' : place;
  const moveTo = (to: 'desk' | 'away' | 'bin', label: string) =>
    here === to
      ? []
      : [
          { key: to, label, onClick: () => put([id], `“${title}”`, to, here) } satisfies NonNullable<
            MenuProps['items']
          >[number],
        ];
  const copyAs = (format: (typeof FORMATS)[number] | null, language: string | null) => () =>
    copy.mutate({ ids: [id], format, language });
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        // By a click, on a screen without a pointer that hovers as well.
        triggerSubMenuAction: 'click',
        items: [
          { key: 'copy', label: 'Copy', onClick: copyAs(null, null) },
          {
            key: 'format',
            label: 'Copy in another format',
            children: FORMATS.map((f) => ({ key: f, label: f, onClick: copyAs(f, null) })),
          },
          {
            key: 'language',
            label: 'Copy for another language',
            children: SPOKEN_LANGUAGES.map((l) => ({
              ...{ key: l, label: languageWords(l), onClick: copyAs(null, l) },
            })),
          },
          { key: 'versions', label: <Link href={`/piece/${id}/versions`}>Earlier states</Link> },
          ...moveTo('desk', 'Back on the desk'),
          ...moveTo('away', 'Put away'),
          ...moveTo('bin', 'Throw away'),
        ],
      }}
    >
      <Button
        className="piece-card__menu"
        size="small"
        icon={<MoreOutlined aria-hidden />}
        aria-label={`More for ${title}`}
      />
    </Dropdown>
  );
}
