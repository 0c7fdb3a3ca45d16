'use client';

import { type KeyboardEvent, memo, useRef } from 'react';
import type { Scene } from '../../../core/piece/types.ts';
import { isSourced } from '../../../core/proof/checks/spelling.ts';
import { blanks } from '../../../core/text/blanks.ts';
import { tokens } from '../../../core/text/tokens.ts';
import { useMisspelled } from '../passes/words/speller.ts';
import { lineOf, xOf } from './caret.ts';
import type { RowActions } from './row-actions.ts';

interface RowWordsProps {
  scene: Scene;
  index: number;
  last: boolean;
  actions: RowActions;
}

/** The line as it will be shown, in an editor whose caret goes from row to row. */
export function RowWords({ scene, index, last, actions }: RowWordsProps) {
  const mirror = useRef<HTMLDivElement>(null);
  const onKeyDown = (e: KeyboardEvent<HTMLTextAreaElement>) => {
    const field = e.currentTarget;
    const { selectionStart: from, selectionEnd: to } = field;
    if (e.nativeEvent.isComposing) return;
    const mod = e.ctrlKey || e.metaKey;
    const end = field.value.length;
    const act = (run: () => void) => {
      e.preventDefault();
      run();
    };
    const alone = from === to && !e.shiftKey && !mod && !e.altKey;
    switch (e.key) {
      case 'Enter':
        if (mod) act(() => actions.insertAfter(scene.id));
        else if (!e.shiftKey) act(() => actions.split(scene.id, from));
        return;
      case 'Backspace':
        if (mod && e.shiftKey) act(() => actions.remove(scene.id));
        else if (from === 0 && to === 0 && index > 0 && !mod) act(() => actions.join(scene.id));
        return;
      case 'Delete':
        if (from === end && to === end && !last && !mod) act(() => actions.joinNext(scene.id));
        return;
      case 'ArrowUp':
      case 'ArrowDown': {
        const by = e.key === 'ArrowUp' ? -1 : 1;
        if (e.altKey) {
          act(() => actions.move(scene.id, by));
          return;
        }
        if (!alone || (by < 0 ? index === 0 : last) || !mirror.current) return;
        const { line, lines } = lineOf(mirror.current, from);
        const atEdge = by < 0 ? line === 0 : line === lines - 1;
        if (atEdge) act(() => actions.step(scene.id, by, xOf(mirror.current as HTMLElement, from)));
        return;
      }
      case 'ArrowLeft':
        if (alone && from === 0 && index > 0) act(() => actions.step(scene.id, -1, null));
        return;
      case 'ArrowRight':
        if (alone && from === end && !last) act(() => actions.step(scene.id, 1, null));
        return;
    }
    if (!mod) return;
    const key = e.key.toLowerCase();
    if (key === 'd') act(() => actions.duplicate(scene.id));
    else if (key === 'm') act(() => actions.highlight(scene.id, from, to));
    else if (key === 'f') act(() => actions.find());
    else if (key === 'a' && from === 0 && to === end) act(() => actions.selectAll());
  };
  return (
    <div className={`words words--${scene.layout}`}>
      <div className="words__mirror" aria-hidden ref={mirror}>
        <Mirror scene={scene} />
        {'\u200b'}
      </div>
      <textarea
        aria-label={`Words of scene ${index + 1}`}
        rows={1}
        value={scene.shown}
        spellCheck={false}
        placeholder="Write what is said and shown here"
        onChange={(e) => actions.type(scene.id, e.target.value)}
        onFocus={() => actions.select(scene.id, 'only')}
        onSelect={(e) =>
          actions.caret(scene.id, e.currentTarget.selectionStart, e.currentTarget.selectionEnd)
        }
        onKeyDown={onKeyDown}
        onPaste={(e) => {
          const text = e.clipboardData.getData('text/plain');
          if (
            text.trim().includes('\n') &&
            actions.paste(scene.id, e.currentTarget.selectionStart, e.currentTarget.selectionEnd, text)
          )
            e.preventDefault();
        }}
      />
    </div>
  );
}

type Kind = 'found' | 'highlighted' | 'wrong' | 'blank';

/** The text under the field's own: found words, highlighted parts, misspelled words and blanks are drawn on it. */
const Mirror = memo(function Mirror({ scene }: { scene: Scene }) {
  const { shown, highlights } = scene;
  const [first] = scene.pictures;
  const wrong = useMisspelled(shown);
  const found = first?.by === 'nab' && !scene.brief ? first.found : [];
  const spans: [number, number, Kind][] = [
    ...highlights.map(([s, e]): [number, number, Kind] => [s, e, 'highlighted']),
    ...wrong
      .filter((w) => !isSourced(scene, w.word))
      .map((w): [number, number, Kind] => [w.start, w.end, 'wrong']),
    ...blanks(shown).map((b): [number, number, Kind] => [b.start, b.end, 'blank']),
  ];
  if (found.length) {
    const wanted = new Set(found);
    for (const t of tokens(shown)) if (wanted.has(t.text)) spans.push([t.start, t.end, 'found']);
  }
  if (!spans.length) return <>{shown}</>;
  const cuts = [...new Set([0, shown.length, ...spans.flatMap(([s, e]) => [e, s])])].sort((a, b) => a - b);
  return (
    <>
      {cuts.slice(0, -1).map((from, i) => {
        const to = cuts[i + 1] ?? shown.length;
        const kinds = [...new Set(spans.filter(([s, e]) => s < to && e > from).map(([, , k]) => k))];
        const text = shown.slice(from, to);
        return kinds.length ? (
          <span key={from} className={kinds.map((k) => `w-${k}`).join(' ')}>
            {text}
          </span>
        ) : (
          text
        );
      })}
    </>
  );
});
