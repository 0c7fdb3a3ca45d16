'use client';

import { RollbackOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { ShelfEntryView } from '../../api/shelf.ts';
import { OutlineHead } from './outline-head.tsx';
import { SceneLine } from './scene-line.tsx';
import type { Outline } from './use-outline.ts';

/** The script beside a fact sheet: every line can be rewritten, its layout and picture changed, or thrown out. */
export function SceneLines({ outline, byId }: { outline: Outline; byId: Map<string, ShelfEntryView> }) {
  const { lines, choices } = outline;
  return (
    <section className="outline__scenes" aria-label="The script">
      <OutlineHead outline={outline} />
      {lines.map((line, i) => (
        <SceneLine key={line.ref} line={line} index={i} outline={outline} byId={byId} />
      ))}
      {!lines.length && (
        <p className="outline__empty">Nothing is chosen yet. Fill in a fact, or choose another angle.</p>
      )}
      {choices.drop.some((d) => d.startsWith(`${choices.angle}:`)) && (
        <Button
          size="small"
          icon={<RollbackOutlined aria-hidden />}
          onClick={() =>
            outline.choose({ drop: choices.drop.filter((d) => !d.startsWith(`${choices.angle}:`)) })
          }
        >
          Put back what was thrown out of this script
        </Button>
      )}
    </section>
  );
}
