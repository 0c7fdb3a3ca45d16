'use client';

import { Button, Segmented } from 'antd';
import { changesOf, clearLook, clearStyle } from '../../../../core/piece/style.ts';
import { usePiece, useViewState } from '../../context.ts';
import { FormatsTool } from './formats-tool.tsx';
import { LooksTool } from './looks-tool.tsx';
import { RevealTool } from './reveal-tool.tsx';
import { rowsOf, type Scope, useScoped } from './scope.ts';
import { TransitionTool } from './transition-tool.tsx';
import { TypeTool } from './type-tool.tsx';

const PARTS = [
  { value: 'looks', label: 'Looks' },
  { value: 'type', label: 'Words' },
  { value: 'reveal', label: 'Reveal' },
  { value: 'transition', label: 'Borders' },
  { value: 'formats', label: 'Formats' },
];

/** Looks, and what the piece or single rows change of them. */
export function LookTools() {
  const { store, view, apply } = usePiece();
  const part = useViewState((s) => s.open.look ?? 'looks');
  const count = useViewState((s) => s.selected.length);
  const { scope, setScope, scene, style } = useScoped();
  const changes = changesOf(style);
  const rows = count === 1 ? 'This row' : `These ${count} rows`;
  return (
    <div className="look">
      <div className="tools__head">
        <h2>Look</h2>
        <Segmented
          size="small"
          aria-label="What is changed"
          value={scope}
          onChange={(v: Scope) => setScope(v)}
          options={[
            { value: 'piece', label: 'Whole piece' },
            { value: 'rows', label: rows, disabled: !scene },
          ]}
        />
      </div>
      <Segmented
        aria-label="Tools for the look"
        size="small"
        block
        value={part}
        onChange={(v) => view.open('look', v)}
        options={PARTS}
      />
      {part === 'looks' && <LooksTool />}
      {part === 'type' && <TypeTool />}
      {part === 'reveal' && <RevealTool />}
      {part === 'transition' && <TransitionTool />}
      {part === 'formats' && <FormatsTool />}
      {changes.length > 0 && part !== 'transition' && part !== 'formats' && (
        <div className="look__back">
          <Button
            size="small"
            onClick={() =>
              apply(
                scope === 'piece' ? clearStyle() : clearLook(rowsOf(store.state.doc, view.state.selected)),
              )
            }
          >
            {scope === 'piece' ? 'All as the look has it' : 'All as the piece has it'}
          </Button>
        </div>
      )}
    </div>
  );
}
