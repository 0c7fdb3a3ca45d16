'use client';

import { Command } from 'cmdk';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useViewState } from '../context.ts';
import { ACTIONS, type Action, GROUPS, type Hands, isStroke, onMac, strokeWords } from './actions.ts';
import { useHands } from './use-hands.ts';
import './keys.css';

/** Parts of the screen that take keys for themselves. */
const OWN_KEYS =
  '[role="dialog"], [role="menu"], [role="listbox"], [role="separator"], .ant-segmented, .ant-slider';

/** Hears the keys of the whole screen, and shows all actions or all keys when they are asked for. */
export function Keys() {
  const hands = useHands();
  const { view } = hands.piece;
  const open = useViewState((s) => s.showing);
  const latest = useRef(hands);
  latest.current = hands;
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      const typing = /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.isContentEditable;
      const action = ACTIONS.find((a) => !a.byRow && a.strokes.some((s) => isStroke(e, s)));
      if (!action || (typing && !action.whileTyping)) return;
      // A field with steps of its own.
      if (typing && target.dataset.own === 'true' && /^(undo|redo)$/.test(action.id)) return;
      if (!action.whileTyping && target.closest(OWN_KEYS)) return;
      if (e.key === ' ' && target.tagName === 'BUTTON') return;
      e.preventDefault();
      action.run(latest.current);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  if (!open) return null;
  return open === 'palette' ? (
    <Palette hands={hands} onClose={() => view.show(null)} />
  ) : (
    <KeysPage onClose={() => view.show(null)} />
  );
}

/** Gives the focus back to where it was when it goes. */
function useReturnFocus(): void {
  const [before] = useState(() => document.activeElement as HTMLElement | null);
  useEffect(() => () => before?.focus(), [before]);
}

/** How well an action answers to what was typed: best when it begins so, not at all when a word of it is missing. */
const fits = (value: string, typed: string): number => {
  const [name, wanted] = [value.toLowerCase(), typed.toLowerCase().trim()];
  if (name.startsWith(wanted)) return 1;
  return wanted.split(/\s+/).every((w) => name.includes(w)) ? 0.5 : 0;
};

/** All actions with their keys: a few letters find one, Enter does it. */
function Palette({ hands, onClose }: { hands: Hands; onClose: () => void }) {
  useReturnFocus();
  const mac = useMemo(onMac, []);
  const run = (action: Action) => {
    onClose();
    // The focus goes back first: an action may set it.
    setTimeout(() => action.run(hands));
  };
  return (
    <section className="palette" aria-label="All actions">
      <Command
        label="All actions"
        filter={fits}
        onKeyDown={(e) => {
          if (e.key === 'Escape') onClose();
          e.stopPropagation();
        }}
        onBlur={(e) => {
          if (!e.currentTarget.contains(e.relatedTarget)) onClose();
        }}
      >
        <Command.Input autoFocus placeholder="What do you want to do?" />
        <Command.List label="Actions">
          <Command.Empty>Nothing is called so. Try another word.</Command.Empty>
          {GROUPS.map((group) => (
            <Command.Group key={group} heading={group}>
              {ACTIONS.filter((a) => a.group === group && a.id !== 'palette').map((a) => (
                <Command.Item key={a.id} value={`${a.label} ${a.id}`} onSelect={() => run(a)}>
                  <span>{a.label}</span>
                  {a.strokes[0] && <kbd>{strokeWords(a.strokes[0], mac)}</kbd>}
                </Command.Item>
              ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </section>
  );
}

/** All keys on one page. */
function KeysPage({ onClose }: { onClose: () => void }) {
  useReturnFocus();
  const mac = useMemo(onMac, []);
  const close = useRef<HTMLButtonElement>(null);
  useEffect(() => close.current?.focus(), []);
  return (
    <section
      className="palette palette--keys"
      aria-label="All keys"
      onKeyDown={(e) => {
        if (e.key === 'Escape') onClose();
      }}
    >
      <header>
        <h2>Keys</h2>
        <button ref={close} type="button" className="plain-button" onClick={onClose}>
          Close
        </button>
      </header>
      <div className="palette__columns">
        {GROUPS.map((group) => (
          <div key={group} className="palette__keys">
            <h3 className="palette__group">{group}</h3>
            <dl>
              {ACTIONS.filter((a) => a.group === group).map((a) => (
                <div key={a.id}>
                  <dt>
                    {a.label}
                    {a.byRow && <small> (in a row)</small>}
                  </dt>
                  <dd>
                    {a.strokes.map((s) => (
                      <kbd key={strokeWords(s, mac)}>{strokeWords(s, mac)}</kbd>
                    ))}
                  </dd>
                </div>
              ))}
            </dl>
          </div>
        ))}
      </div>
    </section>
  );
}
