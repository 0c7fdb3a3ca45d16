'use client';

import { Dropdown } from 'antd';
import { type MouseEvent, type ReactElement, useMemo } from 'react';
import { ACTIONS, onMac, strokeWords } from './actions.ts';
import { useHands } from './use-hands.ts';

/** What can be done to a scene by the second button of the mouse. */
const OFFERED = ['play-here', 'pass-pictures', 'insert', 'duplicate', 'up', 'down', 'remove'];

/**
 * Opens a menu for the scene under the pointer. Where words are written the menu is the browser's own.
 * sceneAt: the scene that was meant.
 */
export function SceneMenu({
  sceneAt,
  children,
}: {
  sceneAt: (e: MouseEvent) => string | null;
  children: ReactElement;
}) {
  const hands = useHands();
  const mac = useMemo(onMac, []);
  const { view } = hands.piece;
  const items = OFFERED.flatMap((id) => ACTIONS.find((a) => a.id === id) ?? []).map((action) => ({
    key: action.id,
    label: (
      <span className="scene-menu__item">
        {action.id === 'pass-pictures' ? 'Choose another picture' : action.label}
        {action.strokes[0] && <kbd>{strokeWords(action.strokes[0], mac)}</kbd>}
      </span>
    ),
    onClick: () => action.run(hands),
  }));
  return (
    <div
      className="scene-menu"
      onContextMenuCapture={(e) => {
        if ((e.target as HTMLElement).closest('textarea, input')) {
          e.stopPropagation();
          return;
        }
        const id = sceneAt(e);
        if (id && !view.state.selected.includes(id)) view.select([id]);
      }}
    >
      <Dropdown trigger={['contextMenu']} menu={{ items }}>
        {children}
      </Dropdown>
    </div>
  );
}
