'use client';

import { DownOutlined, PlusOutlined, UpOutlined } from '@ant-design/icons';
import { Alert, Button } from 'antd';
import { useMemo, useRef, useState } from 'react';
import type { ShelfEntryView } from '../../api/shelf.ts';
import { type ArticlePart, articleInPlace, type LeftPart } from '../../core/outline/in-place.ts';
import { lineMs } from '../../core/outline/length.ts';
import { voiceSpeed } from '../../core/sound/speech.ts';
import { wordCount } from '../../core/source/script.ts';
import { formWords, LEFT_OUT_WORDS, leftWords, noteWords } from '../../wording/sources.ts';
import { ArticleRule } from './article-rule.tsx';
import { ChapterChoice } from './chapter-choice.tsx';
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
          onGo={(at) => body.current?.children[at]?.scrollIntoView({ block: 'center', behavior: 'smooth' })}
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
                  outline={outline}
                  byId={byId}
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

type Left = Extract<ArticlePart, { kind: 'left' }>;

/** A stretch of the article that is not in the piece: a thin line that says how much it holds, and opens in place. */
function LeftOut({
  part,
  isOpen,
  onToggle,
  outline,
  byId,
}: {
  part: Left;
  isOpen: boolean;
  onToggle: () => void;
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
}) {
  return (
    <div className={`left-out${isOpen ? ' left-out--open' : ''}`}>
      <button type="button" className="left-out__line" aria-expanded={isOpen} onClick={onToggle}>
        {isOpen ? <UpOutlined aria-hidden /> : <DownOutlined aria-hidden />}
        <span>{leftWords(part)}</span>
      </button>
      {isOpen &&
        part.parts.map((p) => <LeftPartView key={keyOf(p)} part={p} outline={outline} byId={byId} />)}
    </div>
  );
}

const keyOf = (p: LeftPart): string => (p.kind === 'picture' ? p.picture.id : (p.sentences[0]?.id ?? ''));
const NONE: ReadonlySet<string> = new Set();

function LeftPartView({
  part,
  outline,
  byId,
}: {
  part: LeftPart;
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
}) {
  if (part.kind === 'picture')
    return <SourcePictures list={[part.picture]} outline={outline} byId={byId} used={NONE} />;
  return (
    <p className={`left-out__${part.passage.kind}`}>
      {part.sentences.map((s) => (
        // biome-ignore lint/a11y/useSemanticElements: a button is one box and would not break over lines as running text does
        <span
          key={s.id}
          role="button"
          tabIndex={0}
          className="left-out__sentence"
          aria-label={`Take into the piece: ${s.text}`}
          onClick={() => outline.pullIn(s.id)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter' && e.key !== ' ') return;
            e.preventDefault();
            outline.pullIn(s.id);
          }}
        >
          {s.text}
          <PlusOutlined aria-hidden />
        </span>
      ))}
    </p>
  );
}

/** What stood on the page beside the article. */
function LeftOfPage({ outline }: { outline: Outline }) {
  const { left } = outline.source;
  const [open, setOpen] = useState(false);
  if (!left.length) return null;
  return (
    <div className="left-out">
      <button
        type="button"
        className="left-out__line"
        aria-expanded={open}
        onClick={() => setOpen((on) => !on)}
      >
        {open ? <UpOutlined aria-hidden /> : <DownOutlined aria-hidden />}
        <span>
          beside the article, {left.length} part{left.length === 1 ? '' : 's'} of the page
        </span>
      </button>
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
