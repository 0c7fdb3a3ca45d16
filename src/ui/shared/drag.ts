import type { DragEndEvent, DragOverEvent, DragStartEvent } from '@dnd-kit/core';

/** What is said while something is moved by keyboard. noun: "Scene", "Photo"; place: its place, from 1. */
export function dragWords(noun: string, place: (id: string | number | undefined) => number) {
  return {
    announcements: {
      onDragStart: ({ active }: Pick<DragStartEvent, 'active'>) =>
        `${noun} ${place(active.id)} was picked up.`,
      onDragOver: ({ active, over }: Pick<DragOverEvent, 'active' | 'over'>) =>
        over ? `${noun} ${place(active.id)} is over place ${place(over.id)}.` : undefined,
      onDragEnd: ({ active, over }: Pick<DragEndEvent, 'active' | 'over'>) =>
        over
          ? `${noun} ${place(active.id)} was put at place ${place(over.id)}.`
          : `${noun} ${place(active.id)} stays.`,
      onDragCancel: ({ active }: Pick<DragStartEvent, 'active'>) =>
        `${noun} ${place(active.id)} stays where it was.`,
    },
    screenReaderInstructions: {
      draggable: `Press space to pick the ${noun.toLowerCase()} up, the arrow keys to move it, space to put it down, escape to leave it.`,
    },
  };
}
