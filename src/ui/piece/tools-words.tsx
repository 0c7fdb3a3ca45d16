'use client';

import { Input, Switch } from 'antd';
import { usePiece, usePieceState } from './context.ts';
import { useSelectedScene } from './use-selected.ts';

export function WordsTools() {
  const { apply } = usePiece();
  const chosen = useSelectedScene();
  const captions = usePieceState((s) => s.piece.captions);
  return (
    <>
      <h2>Words</h2>
      <div className="tools__line">
        <span>Captions on the screen, word by word with the voice</span>
        <Switch
          size="small"
          aria-label="Captions"
          checked={captions}
          onChange={(on) =>
            apply({
              label: on ? 'Captions on' : 'Captions off',
              ops: [{ op: 'piece', patch: { captions: on } }],
            })
          }
        />
      </div>
      {chosen && (
        <>
          <h3>Scene {chosen.index + 1}</h3>
          <div className="tools__field">
            <span>What the picture should show</span>
            <Input
              aria-label={`What the picture of scene ${chosen.index + 1} should show`}
              value={chosen.scene.wish}
              maxLength={300}
              placeholder="The line itself decides"
              onChange={(e) =>
                apply({
                  label: 'Change picture wish',
                  ops: [{ op: 'scene', id: chosen.scene.id, patch: { wish: e.target.value } }],
                })
              }
            />
          </div>
        </>
      )}
      <dl className="keys">
        <dt>Enter</dt>
        <dd>split here</dd>
        <dt>Backspace</dt>
        <dd>at the start: join with the line before</dd>
        <dt>Alt ↑ ↓</dt>
        <dd>move the scene</dd>
        <dt>Ctrl D</dt>
        <dd>duplicate</dd>
        <dt>Ctrl Enter</dt>
        <dd>new scene below</dd>
        <dt>Ctrl Z, Ctrl Y</dt>
        <dd>undo, redo</dd>
      </dl>
    </>
  );
}
