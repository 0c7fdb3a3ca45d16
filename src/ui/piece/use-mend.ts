'use client';

import { App } from 'antd';
import { edit } from '../../core/piece/edit.ts';
import type { Mark } from '../../core/proof/proof.ts';
import { usePiece } from './context.ts';
import { useMarkStore } from './marks.ts';

/** The scenes that a mark and its repair are about. */
const scenesOf = ({ sceneId, repair }: Mark): string[] => [
  sceneId,
  ...(repair?.ops.flatMap((op) => (op.op === 'scene' ? op.id : [])) ?? []),
];

/** Does the repairs of marks in one step; those of rows that were changed since they were looked at wait for the next look. */
export function useMend() {
  const { store, apply } = usePiece();
  const found = useMarkStore();
  const { message } = App.useApp();
  return (marks: readonly Mark[]): void => {
    const byId = new Map(store.state.doc.scenes.map((s) => [s.id, s]));
    const fit = marks.filter((m) => scenesOf(m).every((id) => found.fits(byId.get(id))));
    if (fit.length < marks.length)
      message.info('A row was changed a moment ago and is being looked at again. Press once more.');
    if (fit.length === 1) apply(fit[0]?.repair);
    else if (fit.length)
      apply(
        edit(
          'mend',
          fit.flatMap((m) => m.repair?.ops ?? []),
          fit.length,
        ),
      );
  };
}
