'use client';

import { Select, type SelectProps } from 'antd';
import { useState } from 'react';
import { type Format, formatFrom, MOST_STRETCHED } from '../../core/look/formats.ts';
import { FORMAT_OPTIONS, formatLabel, isOwnFormat } from './formats.ts';

/** Other proportions that are met often; any others can be typed. */
const OTHERS: readonly Format[] = ['2:3', '3:4', '4:3', '3:2', '2:1', '7:3'];

type Props = Omit<
  SelectProps<string>,
  'value' | 'onChange' | 'options' | 'showSearch' | 'notFoundContent'
> & {
  value: Format | null;
  onChange: (format: Format | null) => void;
  /** What it is called when none is chosen, where that is a choice too. */
  none?: string;
  /** Which of the offered formats stand in the list. */
  offered?: readonly { value: Format; label: string }[];
};

/** Formats to choose from, and any other proportions by typing them ("3:2", "1200 x 628"). */
export function FormatSelect({ value, onChange, none, offered = FORMAT_OPTIONS, ...rest }: Props) {
  const [typed, setTyped] = useState('');
  const wanted = [value, formatFrom(typed)].filter((f) => f !== null);
  const others = [...new Set([...OTHERS, ...wanted.filter(isOwnFormat)])];
  return (
    <Select<string>
      popupMatchSelectWidth={false}
      {...rest}
      value={value ?? (none === undefined ? null : '')}
      onChange={(v) => onChange(formatFrom(v))}
      showSearch={{
        onSearch: setTyped,
        filterOption: (input, option) =>
          option?.value === formatFrom(input) ||
          String(option?.label ?? '')
            .toLowerCase()
            .includes(input.trim().toLowerCase()),
      }}
      notFoundContent={
        <span>
          Two numbers, like 3:2 or 1200 x 628.
          <br />
          Neither more than {MOST_STRETCHED} times the other.
        </span>
      }
      options={[
        ...(none === undefined ? [] : [{ value: '', label: none }]),
        ...offered,
        {
          label: 'Others, or type your own',
          options: others.map((f) => ({ value: f, label: formatLabel(f) })),
        },
      ]}
    />
  );
}
