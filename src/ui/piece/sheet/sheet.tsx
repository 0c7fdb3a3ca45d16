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
import { type MouseEvent, type SyntheticEvent, useCallback, useMemo, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { useShallow } from 'zustand/react/shallow';
import { moveScene } from '../../../core/piece/actions.ts';
import { edit } from '../../../core/piece/edit.ts';
import { emptyScene } from '../../../core/piece/types.ts';
import { seenScenes } from '../../../core/timeline/times.ts';
import { dragWords } from '../../shared/drag.ts';
import { newId, usePiece, usePieceState, useViewState } from '../context.ts';
import { SceneMenu } from '../keys/scene-menu.tsx';
import { Row } from './row.tsx';
import type { RowActions } from './row-actions.ts';
import { useNear } from './use-near.ts';
import { useRowActions } from './use-row-actions.ts';
import './sheet.css';

/** Kept outside: new options would make every row render again. */
const POINTER = { activationConstraint: { distance: 5 } };
const KEYBOARD = { coordinateGetter: sortableKeyboardCoordinates };

const sceneUnder = (e: MouseEvent): string | null =>
  (e.target as HTMLElement).closest<HTMLElement>('[data-scene]')?.dataset.scene ?? null;

/** The rows of the piece: picture on one side, words on the other. */
export function Sheet() {
  const { apply } = usePiece();
  // Rows know their own words: what is typed in one draws this one again, and not the sheet.
  const ids = usePieceState(useShallow((s) => s.doc.scenes.map((x) => x.id)));
  const from = usePieceState(useShallow((s) => seenScenes(s.doc.scenes)));
  const selected = useViewState((s) => s.selected);
  const pass = useViewState((s) => s.pass);
  const format = usePieceState((s) => s.doc.format);
  const list = useRef<HTMLDivElement>(null);
  const actions: RowActions = useRowActions(list);
  const sensors = useSensors(useSensor(PointerSensor, POINTER), useSensor(KeyboardSensor, KEYBOARD));
  const near = useNear(list, ids);
  const [dragged, setDragged] = useState<string | null>(null);
  const [sorting, setSorting] = useState(false);
  // Before the handle itself hears of it: all rows are there when the drag begins.
  const onGrip = (e: SyntheticEvent) => {
    if ((e.target as HTMLElement).closest('.row__handle')) flushSync(() => setSorting(true));
  };
  const onLetGo = useCallback(() => {
    setDragged(null);
    setSorting(false);
  }, []);
  // Pressed and not drawn; what is drawn ends as a drag.
  const onRelease = () => {
    if (dragged === null) setSorting(false);
  };
  const onDragEnd = useCallback(
    ({ active, over }: DragEndEvent) => {
      onLetGo();
      if (!over || active.id === over.id) return;
      apply(moveScene(String(active.id), ids.indexOf(String(over.id))));
    },
    [apply, ids, onLetGo],
  );
  const accessibility = useMemo(() => dragWords('Scene', (id) => ids.indexOf(String(id)) + 1), [ids]);
  const chosen = useMemo(() => new Set(selected), [selected]);
  return (
    <section
      className={`sheet sheet--${pass} sheet--${format.replace(':', 'x')}`}
      aria-label="Sheet"
      ref={list}
      onPointerDownCapture={onGrip}
      onPointerUpCapture={onRelease}
      onPointerCancelCapture={onRelease}
      onKeyDownCapture={(e) => {
        if (e.key === ' ' || e.key === 'Enter') onGrip(e);
      }}
    >
      {ids.length === 0 && (
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
        onDragStart={({ active }) => setDragged(String(active.id))}
        onDragCancel={onLetGo}
        onDragEnd={onDragEnd}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <SceneMenu sceneAt={sceneUnder}>
            <div>
              {ids.map((id, i) => (
                <Row
                  key={id}
                  id={id}
                  behind={ids[from[i] ?? i] ?? id}
                  before={from[i] === i || from[i] === undefined ? null : from[i] + 1}
                  index={i}
                  last={i === ids.length - 1}
                  selected={chosen.has(id)}
                  sorting={sorting}
                  whole={near.has(id) || selected[0] === id || dragged === id}
                  alone={selected.length === 1 && selected[0] === id}
                  pass={pass}
                  format={format}
                  actions={actions}
                />
              ))}
            </div>
          </SceneMenu>
        </SortableContext>
      </DndContext>
    </section>
  );
}
