'use client';

import { PlusOutlined } from '@ant-design/icons';
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Button, Empty } from 'antd';
import { useCallback, useMemo, useRef } from 'react';
import { moveScene } from '../../../core/piece/actions.ts';
import { edit } from '../../../core/piece/edit.ts';
import { emptyScene } from '../../../core/piece/types.ts';
import { seenScenes } from '../../../core/timeline/times.ts';
import { dragWords } from '../../shared/drag.ts';
import { newId, usePiece, usePieceState, useViewState } from '../context.ts';
import { Row } from './row.tsx';
import type { RowActions } from './row-actions.ts';
import { useRowActions } from './use-row-actions.ts';
import './sheet.css';

/** Kept outside: new options would make every row render again. */
const POINTER = { activationConstraint: { distance: 5 } };
const KEYBOARD = { coordinateGetter: sortableKeyboardCoordinates };

/** The rows of the piece: picture on one side, words on the other. */
export function Sheet() {
  const { apply } = usePiece();
  const scenes = usePieceState((s) => s.doc.scenes);
  const selected = useViewState((s) => s.selected);
  const pass = useViewState((s) => s.pass);
  const format = usePieceState((s) => s.doc.format);
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
  const accessibility = useMemo(() => dragWords('Scene', (id) => ids.indexOf(String(id)) + 1), [ids]);
  const from = useMemo(() => seenScenes(scenes), [scenes]);
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
            onClick={() => apply(edit('insert', [{ op: 'insert', at: 0, scene: emptyScene(newId()) }]))}
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
          {scenes.map((scene, i) => (
            <Row
              key={scene.id}
              scene={scene}
              behind={scenes[from[i] ?? i] ?? scene}
              before={from[i] === i || from[i] === undefined ? null : from[i] + 1}
              index={i}
              last={i === scenes.length - 1}
              selected={chosen.has(scene.id)}
              alone={selected.length === 1 && selected[0] === scene.id}
              pass={pass}
              format={format}
              actions={actions}
            />
          ))}
        </SortableContext>
      </DndContext>
    </section>
  );
}
