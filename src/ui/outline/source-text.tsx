'use client';

import { Alert, Collapse, Tooltip } from 'antd';
import { useEffect, useMemo, useRef } from 'react';
import type { ShelfEntryView } from '../../api/shelf.ts';
import { chosenChapters } from '../../core/outline/chapters.ts';
import { wordCount } from '../../core/source/script.ts';
import type { Passage } from '../../core/source/types.ts';
import { formWords, LEFT_OUT_WORDS, lineReasonWords, noteWords } from '../../wording/sources.ts';
import { ChapterChoice } from './chapter-choice.tsx';
import { SourcePictures } from './source-pictures.tsx';
import type { Outline } from './use-outline.ts';

/** The article as it was read. What is used is highlighted; every sentence and picture can be pulled in or thrown out. */
export function SourceText({
  outline,
  byId,
  pointed,
  fetching,
}: {
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
  /** The line that is pointed at on the other side. */
  pointed: string | null;
  fetching: boolean;
}) {
  const { source, lines, choices } = outline;
  const used = useMemo(() => new Set(lines.map((l) => l.ref)), [lines]);
  const usedPictures = useMemo(() => new Set(lines.flatMap((l) => l.picture ?? [])), [lines]);
  const root = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (pointed)
      root.current
        ?.querySelector(`[data-ref="${CSS.escape(pointed)}"]`)
        ?.scrollIntoView({ block: 'nearest', behavior: 'smooth' });
  }, [pointed]);
  const told = useMemo(() => chosenChapters(source, choices).passages, [source, choices]);
  const after = (id: string | null) => source.pictures.filter((p) => p.after === id);
  const facts = [
    source.author,
    source.date,
    source.site,
    formWords(source.form),
    `${wordCount(source)} words`,
  ].filter(Boolean);
  return (
    <div className="source" ref={root}>
      <h1>{source.title || 'Untitled'}</h1>
      <p className="source__facts">{facts.join(' · ')}</p>
      {source.notes.map((n) => (
        <Alert key={noteWords(n)} type="info" title={noteWords(n)} className="source__note" />
      ))}
      {fetching && <p className="source__facts">The pictures are being fetched …</p>}
      <SourcePictures list={after(null)} outline={outline} byId={byId} used={usedPictures} />
      <ChapterChoice outline={outline} />
      {told.map((p) => (
        <div key={p.id}>
          <PassageText passage={p} used={used} dropped={choices.drop} pointed={pointed} outline={outline} />
          <SourcePictures list={after(p.id)} outline={outline} byId={byId} used={usedPictures} />
        </div>
      ))}
      {source.left.length > 0 && (
        <Collapse
          ghost
          size="small"
          items={[
            {
              key: 'left',
              label: `Left out of the page: ${source.left.length} parts`,
              children: (
                <dl className="source__left">
                  {source.left.map((l, i) => (
                    <div key={`${i}-${l.text.slice(0, 20)}`}>
                      <dt>{LEFT_OUT_WORDS[l.why]}</dt>
                      <dd>{l.text}</dd>
                    </div>
                  ))}
                </dl>
              ),
            },
          ]}
        />
      )}
    </div>
  );
}

const TAGS = { heading: 'h3', text: 'p', quote: 'blockquote', item: 'p', table: 'p' } as const;

function PassageText({
  passage,
  used,
  dropped,
  pointed,
  outline,
}: {
  passage: Passage;
  used: Set<string>;
  dropped: string[];
  pointed: string | null;
  outline: Outline;
}) {
  const Tag = TAGS[passage.kind];
  return (
    <Tag className={`source__${passage.kind}`}>
      {passage.sentences.map((s) => {
        const on = used.has(s.id);
        const gone = dropped.includes(s.id);
        const note = outline.source.sentences[s.id];
        const toggle = () => (on ? outline.throwOut(s.id) : outline.pullIn(s.id));
        const why = note?.reasons.length ? `. Why: ${lineReasonWords(note.reasons)}` : '';
        return (
          <Tooltip
            key={s.id}
            title={
              on
                ? `In the piece; press to throw it out${why}`
                : gone
                  ? 'Thrown out; press to pull it in again'
                  : 'Not used; press to pull it in'
            }
            mouseEnterDelay={0.5}
          >
            {/* biome-ignore lint/a11y/useSemanticElements: a button is one box and would not break over lines as running text does */}
            <span
              role="button"
              tabIndex={0}
              data-ref={s.id}
              aria-pressed={on}
              className={`sentence${on ? ' sentence--used' : ''}${gone ? ' sentence--gone' : ''}${pointed === s.id ? ' sentence--pointed' : ''}`}
              onClick={toggle}
              onKeyDown={(e) => {
                if (e.key !== 'Enter' && e.key !== ' ') return;
                e.preventDefault();
                toggle();
              }}
            >
              {s.text}
            </span>
          </Tooltip>
        );
      })}
    </Tag>
  );
}
