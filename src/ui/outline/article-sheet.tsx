'use client';

import { Alert, Button } from 'antd';
import { useMemo, useRef, useState } from 'react';
import type { ShelfEntryView } from '../../api/shelf.ts';
import { articleInPlace } from '../../core/outline/in-place.ts';
import { lineMs } from '../../core/outline/length.ts';
import { voiceSpeed } from '../../core/sound/voices.ts';
import { wordCount } from '../../core/source/script.ts';
import { formWords, LEFT_OUT_WORDS, noteWords } from '../../wording/sources.ts';
import { usePrefersStill } from '../shared/still.ts';
import { ArticleRule } from './article-rule.tsx';
import { ChapterChoice } from './chapter-choice.tsx';
import { LeftLine, LeftOut } from './left-out.tsx';
import { OutlineHead } from './outline-head.tsx';
import { SceneLine } from './scene-line.tsx';
import { SourcePictures } from './source-pictures.tsx';
import type { Outline } from './use-outline.ts';
import './article-sheet.css';

/**
 * The article as it stands, in one column: what is in the piece stands large as its scenes, what is left out is folded
 * between them and opens in place.
 */
export function ArticleSheet({
  outline,
  byId,
  fetching,
}: {
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
  fetching: boolean;
}) {
  const { source, choices, lines } = outline;
  const parts = useMemo(() => articleInPlace(source, choices, lines), [source, choices, lines]);
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const body = useRef<HTMLDivElement>(null);
  const still = usePrefersStill();
  const toggle = (id: string) =>
    setOpen((was) => {
      const now = new Set(was);
      if (!now.delete(id)) now.add(id);
      return now;
    });
  const folds = parts.filter((p) => p.kind === 'left');
  const isWholeOpen = folds.length > 0 && folds.every((p) => open.has(p.id));
  const facts = [
    source.author,
    source.date,
    source.site,
    formWords(source.form),
    `${wordCount(source)} words`,
  ].filter(Boolean);
  const speed = voiceSpeed(outline.options.voice);
  const times = lines.map((l) => lineMs(l, speed));
  return (
    <section className="article" aria-label="The article">
      <OutlineHead outline={outline}>
        <Button
          size="small"
          aria-expanded={isWholeOpen}
          onClick={() => setOpen(isWholeOpen ? new Set() : new Set(folds.map((p) => p.id)))}
        >
          {isWholeOpen ? 'Fold what is left out' : 'Unfold the whole article'}
        </Button>
      </OutlineHead>
      <div className="article__page">
        <ArticleRule
          parts={parts}
          times={times}
          onGo={(at) =>
            body.current?.children[at]?.scrollIntoView({
              block: 'center',
              behavior: still ? 'instant' : 'smooth',
            })
          }
        />
        <div className="article__column">
          <header className="article__title">
            <h1>{source.title || 'Untitled'}</h1>
            <p>{facts.join(' · ')}</p>
            {source.notes.map((n) => (
              <Alert key={noteWords(n)} type="info" title={noteWords(n)} />
            ))}
            {fetching && <p>The pictures are being fetched …</p>}
            <ChapterChoice outline={outline} />
          </header>
          <div className="article__body" ref={body}>
            {parts.map((part) =>
              part.kind === 'scene' ? (
                <SceneLine
                  key={part.line.ref}
                  line={part.line}
                  index={part.index}
                  outline={outline}
                  byId={byId}
                />
              ) : (
                <LeftOut
                  key={part.id}
                  part={part}
                  isOpen={open.has(part.id)}
                  onToggle={() => toggle(part.id)}
                  onTake={outline.pullIn}
                  picture={(p) => <SourcePictures list={[p]} outline={outline} byId={byId} used={NONE} />}
                />
              ),
            )}
          </div>
          {!lines.length && (
            <p className="outline__empty">
              Nothing is chosen yet. Unfold the article and take a sentence, or choose a longer length.
            </p>
          )}
          <LeftOfPage outline={outline} />
        </div>
      </div>
    </section>
  );
}

const NONE: ReadonlySet<string> = new Set();

/** What stood on the page beside the article. */
function LeftOfPage({ outline }: { outline: Outline }) {
  const { left } = outline.source;
  const [open, setOpen] = useState(false);
  if (!left.length) return null;
  return (
    <div className="left-out">
      <LeftLine isOpen={open} onToggle={() => setOpen((on) => !on)}>
        beside the article, {left.length} part{left.length === 1 ? '' : 's'} of the page
      </LeftLine>
      {open && (
        <dl className="left-out__page">
          {left.map((l, i) => (
            <div key={`${i}-${l.text.slice(0, 20)}`}>
              <dt>{LEFT_OUT_WORDS[l.why]}</dt>
              <dd>{l.text}</dd>
            </div>
          ))}
        </dl>
      )}
    </div>
  );
}
