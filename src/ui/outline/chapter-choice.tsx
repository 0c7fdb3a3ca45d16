'use client';

import { Select } from 'antd';
import { toldChapters } from '../../core/outline/chapters.ts';
import type { Outline } from './use-outline.ts';

/** Of a book, the chapters that are told; nothing for a source that is told as a whole. */
export function ChapterChoice({ outline }: { outline: Outline }) {
  const { source, choices } = outline;
  if (!source.chapters.length) return null;
  return (
    <div className="source__chapters">
      <span id="chapters-label">Chapters that are told</span>
      <Select
        mode="multiple"
        aria-labelledby="chapters-label"
        value={toldChapters(source, choices)}
        onChange={(chapters) => outline.choose({ chapters })}
        showSearch={{ optionFilterProp: 'label' }}
        options={source.chapters.map((c, i) => ({ value: c.id, label: `${i + 1}. ${c.title}` }))}
      />
    </div>
  );
}
