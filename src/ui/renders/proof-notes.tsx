'use client';

import { Alert, Button } from 'antd';
import type { Mark } from '../../core/proof/proof.ts';
import { marksWords, repairsWords } from '../../wording/marks.ts';
import { usePiece, usePieceState, useViewState } from '../piece/context.ts';
import { useMarks } from '../piece/marks.ts';
import { PASS_NAMES } from '../piece/passes.ts';
import { useMend } from '../piece/use-mend.ts';

/** What the proof finds: one line for each kind of finding, with the way to each and, where there is one, the repair of all. */
export function ProofNotes() {
  const marks = useMarks().filter((m) => m.waived === null);
  const groups = new Map<Mark['check'], Mark[]>();
  for (const m of marks) if (m.weight !== 'note') groups.set(m.check, [...(groups.get(m.check) ?? []), m]);
  return [...groups].map(([check, found]) => <Note key={check} found={found} />);
}

function Note({ found }: { found: Mark[] }) {
  const { view } = usePiece();
  const mend = useMend();
  const scenes = usePieceState((s) => s.doc.scenes);
  const selected = useViewState((s) => s.selected[0]);
  const place = (id: string) => scenes.findIndex((s) => s.id === id);
  // From where the writer is to the next one of them, and round again.
  const at = place(selected ?? '');
  const next = found.find((m) => place(m.sceneId) > at) ?? found[0];
  if (!next) return null;
  const repairs = found.filter((m) => m.repair);
  return (
    <Alert
      type={next.weight === 'stop' ? 'warning' : 'info'}
      showIcon
      title={marksWords(found, (id) => place(id) + 1)}
      action={
        <span className="proof-notes__actions">
          {repairs.length > 0 && (
            <Button size="small" onClick={() => mend(repairs)}>
              {repairsWords(repairs)}
            </Button>
          )}
          <Button
            size="small"
            onClick={() => {
              view.setPass(PASS_NAMES.find((name) => name === next.pass) ?? view.state.pass);
              view.select([next.sceneId]);
            }}
          >
            {found.length > 1 ? 'To the next' : 'Look at it'}
          </Button>
        </span>
      }
    />
  );
}
