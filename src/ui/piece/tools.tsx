'use client';

import { RendersPanel } from '../renders/renders-panel.tsx';
import { useViewState } from './context.ts';
import { passOf } from './passes.ts';
import './tools.css';

/** The tools of the pass, for the selected rows. */
export function Tools() {
  const { label, Tools: Own } = passOf(useViewState((s) => s.pass));
  const delivering = useViewState((s) => s.delivering);
  return (
    <section className="tools" aria-label={delivering ? 'Render' : `Tools: ${label.toLowerCase()}`}>
      {delivering ? <RendersPanel /> : <Own />}
    </section>
  );
}
