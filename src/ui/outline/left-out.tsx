'use client';

import { DownOutlined, PlusOutlined, UpOutlined } from '@ant-design/icons';
import type { ReactNode } from 'react';
import type { ArticlePart, LeftPart } from '../../core/outline/in-place.ts';
import type { SourcePicture } from '../../core/source/types.ts';
import { leftWords } from '../../wording/sources.ts';
import './left-out.css';

/** A stretch of the article that is not in the piece. */
type Left = Extract<ArticlePart, { kind: 'left' }>;

/** Stands for it as a thin line that says how much it holds, and opens in place; a sentence is taken with a key or a click. */
export function LeftOut({
  part,
  isOpen,
  onToggle,
  onTake,
  picture,
}: {
  part: Left;
  isOpen: boolean;
  onToggle: () => void;
  /** id: of a sentence. */
  onTake: (id: string) => void;
  picture: (picture: SourcePicture) => ReactNode;
}) {
  return (
    <div className={`left-out${isOpen ? ' left-out--open' : ''}`}>
      <LeftLine isOpen={isOpen} onToggle={onToggle}>
        {leftWords(part)}
      </LeftLine>
      {isOpen &&
        part.parts.map((p) =>
          p.kind === 'picture' ? (
            <div key={p.picture.id}>{picture(p.picture)}</div>
          ) : (
            <Sentences key={p.sentences[0]?.id} part={p} onTake={onTake} />
          ),
        )}
    </div>
  );
}

/** The thin line of something that is folded. */
export function LeftLine({
  isOpen,
  onToggle,
  children,
}: {
  isOpen: boolean;
  onToggle: () => void;
  children: ReactNode;
}) {
  return (
    <button type="button" className="left-out__line" aria-expanded={isOpen} onClick={onToggle}>
      {isOpen ? <UpOutlined aria-hidden /> : <DownOutlined aria-hidden />}
      <span>{children}</span>
    </button>
  );
}

function Sentences({
  part,
  onTake,
}: {
  part: Extract<LeftPart, { kind: 'sentences' }>;
  onTake: (id: string) => void;
}) {
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
          onClick={() => onTake(s.id)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter' && e.key !== ' ') return;
            e.preventDefault();
            onTake(s.id);
          }}
        >
          {s.text}
          <PlusOutlined aria-hidden />
        </span>
      ))}
    </p>
  );
}
