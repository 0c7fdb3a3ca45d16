'use client';

import { Button, Input } from 'antd';
import { useId } from 'react';
import { CopyButton } from '../../shared/copy-button.tsx';

interface OwnTextProps {
  label: string;
  rows: number;
  proposed: string;
  /** Rows of the piece from which it is. */
  from?: readonly number[];
  /** What the writer made of it; null as proposed. */
  own: string | null;
  note?: string;
  over?: boolean;
  onChange(text: string | null): void;
}

/** A proposed text that can be typed over, and brought back. */
export function OwnText({ label, rows, proposed, from, own, note, over = false, onChange }: OwnTextProps) {
  const id = useId();
  const text = own ?? proposed;
  return (
    <div className="kit__field">
      <span className="kit__label">
        <label htmlFor={id}>{label}</label>
        <CopyButton label={`Copy: ${label}`} text={text} />
      </span>
      <Input.TextArea
        id={id}
        autoSize={{ minRows: rows, maxRows: 14 }}
        value={text}
        status={over ? 'error' : ''}
        onChange={(e) => onChange(e.target.value === proposed ? null : e.target.value)}
      />
      <small className={over ? 'kit__over' : ''}>
        {[
          note,
          own === null && from?.length ? `from row ${from.join(', ')}` : '',
          own === null ? '' : 'yours',
        ]
          .filter(Boolean)
          .join(', ')}
        {own !== null && (
          <Button size="small" type="link" onClick={() => onChange(null)}>
            As proposed
          </Button>
        )}
      </small>
    </div>
  );
}
