'use client';

import { PlusOutlined } from '@ant-design/icons';
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  type DragOverEvent,
  type DragStartEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Button, Empty } from 'antd';
import { nanoid } from 'nanoid';
import { useCallback, useDeferredValue, useMemo, useRef } from 'react';
import { emptyScene, moveScene } from '../../core/piece/actions.ts';
import { usePiece, usePieceState, useTimelineNow } from './context.ts';
import { Row, type RowActions } from './row.tsx';
import { useRowActions } from './use-row-actions.ts';

/** Kept outside: new options would make every row render again. */
const POINTER = { activationConstraint: { distance: 5 } };
const KEYBOARD = { coordinateGetter: sortableKeyboardCoordinates };

/** The rows of the piece: picture on one side, words on the other. */
export function Sheet() {
  const { apply } = usePiece();
  const timeline = useDeferredValue(useTimelineNow());
  const scenes = usePieceState((s) => s.piece.scenes);
  const selected = usePieceState((s) => s.selected);
  const pass = usePieceState((s) => s.pass);
  const format = usePieceState((s) => s.piece.format);
  const list = useRef<HTMLDivElement>(null);
  const actions: RowActions = useRowActions(list);
  const order = scenes.map((s) => s.id).join(' ');
  const ids = useMemo(() => (order ? order.split(' ') : []), [order]);
  const sensors = useSensors(useSensor(PointerSensor, POINTER), useSensor(KeyboardSensor, KEYBOARD));
  const onDragEnd = useCallback(
    ({ active, over }: DragEndEvent) => {
      if (!over || active.id === over.id) return;
      apply(moveScene(String(active.id), ids.indexOf(String(over.id))));
    },
    [apply, ids],
  );
  const accessibility = useMemo(() => {
    const place = (id: string | number | undefined) => ids.indexOf(String(id)) + 1;
    return {
      announcements: {
        onDragStart: ({ active }: Pick<DragStartEvent, 'active'>) =>
          `Scene ${place(active.id)} was picked up.`,
        onDragOver: ({ active, over }: Pick<DragOverEvent, 'active' | 'over'>) =>
          over ? `Scene ${place(active.id)} is over place ${place(over.id)}.` : undefined,
        onDragEnd: ({ active, over }: Pick<DragEndEvent, 'active' | 'over'>) =>
          over
            ? `Scene ${place(active.id)} was put at place ${place(over.id)}.`
            : `Scene ${place(active.id)} stays.`,
        onDragCancel: ({ active }: Pick<DragStartEvent, 'active'>) =>
          `Scene ${place(active.id)} stays where it was.`,
      },
      screenReaderInstructions: {
        draggable:
          'Press space to pick the scene up, the arrow keys to move it, space to put it down, escape to leave it.',
      },
    };
  }, [ids]);
  /** The deferred timeline may be a step behind the rows. */
  const byId = useMemo(() => new Map(timeline.scenes.map((s) => [s.sceneId, s])), [timeline]);
  const chosen = useMemo(() => new Set(selected), [selected]);
  return (
    <section
      className={`sheet sheet--${pass} sheet--${format.replace(':', 'x')}`}
      aria-label="Sheet"
      ref={list}
    >
      {scenes.length === 0 && (
        <Empty description="No scenes yet">
          <Button
            icon={<PlusOutlined aria-hidden />}
            onClick={() =>
              apply({ label: 'Insert scene', ops: [{ op: 'insert', at: 0, scene: emptyScene(nanoid(10)) }] })
            }
          >
            Write the first line
          </Button>
        </Empty>
      )}
      <DndContext
        accessibility={accessibility}
        id="sheet"
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={onDragEnd}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          {scenes.map((scene, i) => {
            const t = timeline.scenes[i]?.sceneId === scene.id ? timeline.scenes[i] : byId.get(scene.id);
            return (
              <Row
                key={scene.id}
                scene={scene}
                index={i}
                last={i === scenes.length - 1}
                start={t?.start ?? 0}
                length={t ? t.end - t.start : 0}
                estimated={t?.estimated ?? true}
                stretched={t?.stretched ?? false}
                takeKey={t?.voice?.key ?? null}
                selected={chosen.has(scene.id)}
                pass={pass}
                format={format}
                actions={actions}
              />
            );
          })}
        </SortableContext>
      </DndContext>
    </section>
  );
}
