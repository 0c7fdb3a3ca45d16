'use client';

import { CloseOutlined } from '@ant-design/icons';
import { Alert, App, Button, Tag } from 'antd';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { edit } from '../../../../core/piece/edit.ts';
import { shownPatch } from '../../../../core/piece/highlights.ts';
import { type Slip, slips } from '../../../../core/proof/checks/spelling.ts';
import { useAfterPaint } from '../../../shared/use-after-paint.ts';
import { usePiece, usePieceState } from '../../context.ts';
import { useSpeller } from './speller.ts';

interface Wrong extends Slip {
  index: number;
}

/** What the proof takes for slips, wherever they stand. */
function useWrong(): Wrong[] {
  const speller = useSpeller();
  const piece = useAfterPaint(usePieceState((s) => s.doc));
  const version = useSyncExternalStore(speller.subscribe, speller.snapshot, () => 0);
  return useMemo(() => {
    const index = new Map(piece.scenes.map((s, i) => [s.id, i]));
    return slips(piece.scenes, (text) => speller.wrong(text)).map((w) => ({
      ...w,
      index: index.get(w.sceneId) ?? 0,
    }));
  }, [piece, speller, version]);
}

/** How many different words look misspelled. */
export function useSpellingCount(): number {
  return new Set(useWrong().map((w) => w.word.toLowerCase())).size;
}

/** Words that no dictionary has, each with proposals, and the own word list. */
export function Spelling() {
  const speller = useSpeller();
  const wrong = useWrong();
  const { message } = App.useApp();
  const words = [...new Set(wrong.map((w) => w.word))];
  const fail = (e: unknown) => message.error((e as Error).message);
  return (
    <>
      {speller.failure && (
        <Alert
          type="warning"
          showIcon
          title={speller.failure}
          action={
            <Button size="small" onClick={() => speller.again()}>
              Try again
            </Button>
          }
        />
      )}
      {words.length === 0 && !speller.failure && (
        <p className="tools__note">
          No misspelled words. American and British spellings are both right; names are left alone.
        </p>
      )}
      <ul className="spelling">
        {words.slice(0, 40).map((w) => (
          <Word key={w} word={w} places={wrong.filter((x) => x.word === w)} />
        ))}
      </ul>
      {speller.ownWords.length > 0 && (
        <div className="spelling__own">
          <h3>Your own words</h3>
          {speller.ownWords.map((w) => (
            <Tag
              key={w}
              closable
              closeIcon={<CloseOutlined aria-label={`Forget ${w}`} />}
              onClose={(e) => {
                e.preventDefault();
                speller.forget(w).catch(fail);
              }}
            >
              {w}
            </Tag>
          ))}
        </div>
      )}
    </>
  );
}

function Word({ word, places }: { word: string; places: Wrong[] }) {
  const speller = useSpeller();
  const { store, view, apply } = usePiece();
  const { message } = App.useApp();
  const [proposals, setProposals] = useState<string[] | null>(null);
  useEffect(() => {
    let alive = true;
    void speller.suggest(word).then((s) => alive && setProposals(s));
    return () => {
      alive = false;
    };
  }, [speller, word]);
  /** Where the word still stands: what was found is a moment behind what is typed. */
  const replace = (by: string) => {
    const { doc: piece } = store.state;
    const ops = piece.scenes.flatMap((s) => {
      const here = places.filter((p) => p.sceneId === s.id).sort((a, b) => b.start - a.start);
      if (!here.length) return [];
      const change = (field: 'shown' | 'spoken', text: string) =>
        here
          .filter((p) => p.in === field && text.slice(p.start, p.end) === word)
          .reduce((t, p) => t.slice(0, p.start) + by + t.slice(p.end), text);
      const patch = {
        ...shownPatch(s, change('shown', s.shown)),
        ...(s.spoken === null ? {} : { spoken: change('spoken', s.spoken) }),
      };
      return [{ op: 'scene' as const, id: s.id, patch }];
    });
    apply(edit('correct', ops));
  };
  const first = places[0];
  return (
    <li>
      <div>
        <button
          type="button"
          className="spelling__word"
          onClick={() => first && view.select([first.sceneId])}
        >
          {word}
        </button>
        <small>scene {[...new Set(places.map((p) => p.index + 1))].join(', ')}</small>
        <Button
          size="small"
          type="link"
          aria-label={`Add ${word} to your own words`}
          onClick={() => speller.learn(word).catch((e: Error) => message.error(e.message))}
        >
          It is right
        </Button>
      </div>
      <div className="tools__buttons">
        {proposals === null ? (
          <small>…</small>
        ) : proposals.length ? (
          proposals.map((p) => (
            <Button key={p} size="small" aria-label={`Replace ${word} by ${p}`} onClick={() => replace(p)}>
              {p}
            </Button>
          ))
        ) : (
          <small>no proposal</small>
        )}
      </div>
    </li>
  );
}
