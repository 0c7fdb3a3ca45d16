'use client';

import { ArrowDownOutlined, ArrowUpOutlined } from '@ant-design/icons';
import { Button, Checkbox, Input } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { findInPiece, type Hit, replaceHits } from '../../../../core/text/find.ts';
import { usePiece, usePieceState } from '../../context.ts';

/** Find and replace in the shown and the spoken words of the whole piece. */
export function FindWords() {
  const { view, apply } = usePiece();
  const piece = usePieceState((s) => s.doc);
  const [query, setQuery] = useState('');
  const [by, setBy] = useState('');
  const [matchCase, setMatchCase] = useState(false);
  const [wholeWords, setWholeWords] = useState(false);
  const [at, setAt] = useState(0);
  const wanted = useDeferredValue(query);
  const hits = useMemo(
    () => findInPiece(piece, wanted, { matchCase, wholeWords }),
    [piece, wanted, matchCase, wholeWords],
  );
  const current = hits.length ? Math.min(at, hits.length - 1) : -1;
  const show = (hit: Hit | undefined) => {
    if (!hit) return;
    view.select([hit.sceneId]);
    requestAnimationFrame(() => {
      const row = document.querySelector(`[data-scene="${hit.sceneId}"]`);
      row?.scrollIntoView({ block: 'center' });
      const field = row?.querySelector<HTMLTextAreaElement>(
        hit.field === 'shown' ? '.words textarea' : '.spoken textarea',
      );
      const back = document.activeElement as HTMLElement | null;
      field?.focus({ preventScroll: true });
      field?.setSelectionRange(hit.start, hit.end);
      // Typing goes on in the field of the search; the row keeps its selection visible by the marked hit.
      if (back?.id === 'find-words') back.focus();
    });
  };
  const go = (by: number) => {
    if (!hits.length) return;
    const next = (current + by + hits.length) % hits.length;
    setAt(next);
    show(hits[next]);
  };
  const replaceOne = () => {
    const hit = hits[current];
    if (hit) apply(replaceHits(piece, [hit], by));
  };
  return (
    <div className="find">
      <Input
        id="find-words"
        aria-label="Find"
        placeholder="Find"
        value={query}
        onChange={(e) => {
          setQuery(e.target.value);
          setAt(0);
        }}
        onKeyDown={(e) => {
          if (e.key !== 'Enter') return;
          e.preventDefault();
          go(e.shiftKey ? -1 : query === wanted && hits.length > 1 ? 1 : 0);
        }}
      />
      <Input
        aria-label="Replace by"
        placeholder="Replace by"
        value={by}
        onChange={(e) => setBy(e.target.value)}
      />
      <div className="tools__buttons">
        <Checkbox checked={matchCase} onChange={(e) => setMatchCase(e.target.checked)}>
          Match case
        </Checkbox>
        <Checkbox checked={wholeWords} onChange={(e) => setWholeWords(e.target.checked)}>
          Whole words
        </Checkbox>
      </div>
      <div className="tools__buttons">
        <Button
          size="small"
          icon={<ArrowUpOutlined aria-hidden />}
          aria-label="Go to the one before"
          disabled={!hits.length}
          onClick={() => go(-1)}
        />
        <Button
          size="small"
          icon={<ArrowDownOutlined aria-hidden />}
          aria-label="Go to the next"
          disabled={!hits.length}
          onClick={() => go(1)}
        />
        <Button size="small" disabled={!hits.length} onClick={replaceOne}>
          Replace
        </Button>
        <Button size="small" disabled={!hits.length} onClick={() => apply(replaceHits(piece, hits, by))}>
          Replace all
        </Button>
        <output className="tools__note">
          {wanted ? (hits.length ? `${current + 1} of ${hits.length}` : 'Nothing found') : ''}
        </output>
      </div>
      {hits.length > 0 && (
        <ol className="find__hits" aria-label="Places found">
          {hits.slice(0, 60).map((h, i) => {
            const scene = piece.scenes.findIndex((s) => s.id === h.sceneId);
            const text = piece.scenes[scene]?.[h.field] ?? '';
            return (
              <li key={`${h.sceneId}${h.field}${h.start}`}>
                <button
                  type="button"
                  aria-current={i === current}
                  onClick={() => {
                    setAt(i);
                    show(h);
                  }}
                >
                  <small>
                    {scene + 1}
                    {h.field === 'spoken' ? ' spoken' : ''}
                  </small>{' '}
                  {text.slice(Math.max(0, h.start - 24), h.start)}
                  <mark>{text.slice(h.start, h.end)}</mark>
                  {text.slice(h.end, h.end + 30)}
                </button>
              </li>
            );
          })}
        </ol>
      )}
    </div>
  );
}
