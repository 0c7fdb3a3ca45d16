'use client';

import { Alert, Button } from 'antd';
import type { Mark } from '../../core/proof/proof.ts';
import { markWords, repairWords } from '../../wording/marks.ts';
import { usePiece, usePieceState } from '../piece/context.ts';
import { useMarks } from '../piece/marks.ts';
import { PASS_NAMES } from '../piece/passes.ts';

/** Notes that are shown before the rest is only counted. */
const SHOWN = 6;

/** What the proof finds, with the way there and its repair: blanks in one line, the rest one by one. */
export function ProofNotes() {
  const { apply, view } = usePiece();
  const scenes = usePieceState((s) => s.piece.scenes);
  const marks = useMarks();
  const blanks = marks.filter((m) => m.check === 'blank');
  const rest = marks.filter((m) => m.check !== 'blank' && m.weight !== 'note');
  const go = ({ pass, sceneId }: Mark) => {
    view.setPass(PASS_NAMES.find((name) => name === pass) ?? view.state.pass);
    view.select([sceneId]);
  };
  const place = ({ sceneId }: Mark) => scenes.findIndex((s) => s.id === sceneId) + 1;
  const [first] = blanks;
  return (
    <>
      {first && (
        <Alert
          type="warning"
          showIcon
          title={`${blanks.length} blank${blanks.length === 1 ? ' is' : 's are'} still open and would be seen in the video.`}
          action={
            <Button size="small" onClick={() => go(first)}>
              Fill it in
            </Button>
          }
        />
      )}
      {rest.slice(0, SHOWN).map((m) => (
        <Alert
          key={`${m.check}-${m.sceneId}-${'assetId' in m ? m.assetId : ''}`}
          type={m.weight === 'stop' ? 'warning' : 'info'}
          showIcon
          title={`Scene ${place(m)}. ${markWords(m)}`}
          action={
            <span className="proof-notes__actions">
              {m.repair && (
                <Button size="small" onClick={() => apply(m.repair)}>
                  {repairWords(m)}
                </Button>
              )}
              <Button size="small" onClick={() => go(m)}>
                Look at it
              </Button>
            </span>
          }
        />
      ))}
      {rest.length > SHOWN && <p className="tools__note">And {rest.length - SHOWN} more like these.</p>}
    </>
  );
}
