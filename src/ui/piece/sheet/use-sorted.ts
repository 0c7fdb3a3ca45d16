import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { type RefObject, useEffect, useLayoutEffect } from 'react';

/** What the handle of a row is given. */
export type Grip = Pick<ReturnType<typeof useSortable>, 'attributes' | 'listeners'>;

/**
 * Lets a row be dragged, and make room while another one is. It writes to the row itself, so that whoever calls it may come
 * and go while the row stands.
 */
export function useSorted(id: string, row: RefObject<HTMLElement | null>): Grip {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id });
  useEffect(() => {
    setNodeRef(row.current);
    return () => setNodeRef(null);
  }, [setNodeRef, row]);
  const moved = CSS.Translate.toString(transform) ?? '';
  useLayoutEffect(() => {
    const { current } = row;
    if (!current) return;
    current.style.transform = moved;
    current.style.transition = transition ?? '';
    current.toggleAttribute('data-dragged', isDragging);
    return () => {
      current.style.transform = '';
      current.style.transition = '';
      current.removeAttribute('data-dragged');
    };
  }, [row, moved, transition, isDragging]);
  return { attributes, listeners };
}
