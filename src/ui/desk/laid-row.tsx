'use client';

import { FontSizeOutlined, PictureOutlined } from '@ant-design/icons';
import { type KeyboardEvent, memo, useEffect, useRef } from 'react';
import type { Format } from '../../core/look/formats.ts';
import type { LaidRow } from '../../core/text/laid.ts';
import { extractBrief } from '../../core/text/script.ts';
import { IconButton } from '../shared/icon-button.tsx';
import { aspect } from '../shared/media.ts';

export interface LaidRowActions {
  type(id: string, text: string, caret: number): void;
  endRow(id: string, caret: number): void;
  joinRow(id: string): void;
  toggleTitle(id: string): void;
  step(index: number, by: 1 | -1): void;
  caretDone(): void;
}

/** A row of the empty sheet: number, room for a picture, words, length. */
export const LaidRowView = memo(function LaidRowView({
  row,
  index,
  seconds,
  format,
  caret,
  hint,
  actions,
}: {
  row: LaidRow;
  index: number;
  seconds: number | null;
  format: Format;
  /** Where the caret is wanted; null leaves it alone. */
  caret: number | null;
  /** What an empty sheet says. */
  hint: string;
  actions: LaidRowActions;
}) {
  const field = useRef<HTMLTextAreaElement>(null);
  useEffect(() => {
    if (caret === null || !field.current) return;
    field.current.focus();
    field.current.setSelectionRange(caret, caret);
    actions.caretDone();
  }, [caret, actions]);
  const { shown, brief, spoken } = extractBrief(row.text);
  const onKeyDown = (e: KeyboardEvent<HTMLTextAreaElement>) => {
    const { selectionStart: from, selectionEnd: to, value } = e.currentTarget;
    if (e.nativeEvent.isComposing || e.ctrlKey || e.metaKey || e.altKey) return;
    const act = (run: () => void) => {
      e.preventDefault();
      run();
    };
    if (e.key === 'Enter' && !e.shiftKey) act(() => actions.endRow(row.id, from));
    else if (e.key === 'Backspace' && from === 0 && to === 0 && index > 0) act(() => actions.joinRow(row.id));
    else if (e.key === 'ArrowUp' && from === 0 && to === 0) act(() => actions.step(index, -1));
    else if (e.key === 'ArrowDown' && from === value.length && to === from) act(() => actions.step(index, 1));
  };
  return (
    <li className={`laid-row${row.title ? ' laid-row--title' : ''}`}>
      <span className="laid-row__number">{index + 1}</span>
      <span className="laid-row__picture" style={{ aspectRatio: aspect(format) }}>
        {row.text.trim() && <PictureOutlined aria-hidden />}
      </span>
      <div className="laid-row__words">
        <textarea
          ref={field}
          rows={1}
          aria-label={`Words of row ${index + 1}`}
          value={row.text}
          placeholder={hint}
          onChange={(e) => actions.type(row.id, e.target.value, e.target.selectionStart)}
          onKeyDown={onKeyDown}
        />
        {brief && <small>picture: {brief}</small>}
        {shown && spoken !== null && <small>{spoken ? `said: ${spoken}` : 'nothing is said'}</small>}
      </div>
      <span className="laid-row__time">{seconds === null ? '' : `${seconds.toFixed(1)} s`}</span>
      <span className="laid-row__tools">
        {row.text.trim() && (
          <IconButton
            label={row.title ? `Row ${index + 1} is no title` : `Make row ${index + 1} a title`}
            hint={row.title ? 'No title' : 'Title'}
            icon={<FontSizeOutlined aria-hidden />}
            onClick={() => actions.toggleTitle(row.id)}
          />
        )}
      </span>
    </li>
  );
});
