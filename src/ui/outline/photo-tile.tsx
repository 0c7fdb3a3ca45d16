'use client';

import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Tooltip } from 'antd';
import type { ShelfEntryView } from '../../api/shelf.ts';
import type { PhotoRemark } from '../../core/outline/photos.ts';
import type { Photo } from '../../core/source/types.ts';
import { remarkWords } from '../../wording/sources.ts';
import { thumbFor } from '../shared/media.ts';

/** A photo of the set: dragged to its place, taken in or left out, with what is doubtful about it. */
export function PhotoTile({
  photo,
  index,
  entry,
  left,
  remark,
  onToggle,
}: {
  photo: Photo;
  index: number;
  entry: ShelfEntryView | undefined;
  left: boolean;
  remark: PhotoRemark | undefined;
  onToggle: () => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: photo.id,
  });
  const thumb = entry && thumbFor(entry, '1:1');
  return (
    <li
      ref={setNodeRef}
      className={`photo-tile${left ? ' photo-tile--left' : ''}${isDragging ? ' photo-tile--dragged' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <button
        type="button"
        className="photo-tile__face"
        {...attributes}
        {...listeners}
        aria-label={`Photo ${index + 1}, ${photo.name}${left ? ', left out' : ''}: move`}
      >
        {thumb ? (
          <img
            src={thumb.src}
            alt=""
            style={{ objectPosition: thumb.position }}
            loading="lazy"
            draggable={false}
          />
        ) : (
          <span className="source__none" />
        )}
      </button>
      <span className="photo-tile__number">{index + 1}</span>
      <Tooltip title={left ? 'Take it in again' : 'Leave it out'}>
        <button
          type="button"
          className="photo-tile__toggle"
          aria-pressed={!left}
          aria-label={`${left ? 'Take in' : 'Leave out'} photo ${index + 1}`}
          onClick={onToggle}
        >
          {left ? '+' : '×'}
        </button>
      </Tooltip>
      {remark && (
        <Tooltip title={remarkWords(remark)}>
          <span className="photo-tile__remark">{remark.kind === 'blurred' ? 'blurred' : 'double'}</span>
        </Tooltip>
      )}
    </li>
  );
}
