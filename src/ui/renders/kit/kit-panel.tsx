'use client';

import { Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { addressOf } from '../../../api/endpoint.ts';
import { pieceFile } from '../../../api/pieces.ts';
import { kitFileText, letters, sayKit } from '../../../core/kit/entry.ts';
import { type KitText, postKit } from '../../../core/kit/kit.ts';
import { newKitEntry } from '../../../core/piece/outputs.ts';
import { clock, framesToMs } from '../../../core/time.ts';
import { usePiece, usePieceState, useTimelineNow, useViewState } from '../../piece/context.ts';
import { CopyButton } from '../../shared/copy-button.tsx';
import { useDestinations } from '../../shared/use-destinations.ts';
import { useShelf } from '../../shared/use-shelf.ts';
import { DestinationForm } from './destination-form.tsx';
import './kit.css';
import { OwnText } from './own-text.tsx';

/** The texts that go with the video, for one destination at a time: proposed from its own words, and the writer's to change. */
export function KitPanel() {
  const { store, apply, view } = usePiece();
  const piece = usePieceState((s) => s.doc);
  const { title, scenes } = piece;
  const timeline = useTimelineNow();
  const { byId } = useShelf();
  const destinations = useDestinations();
  const open = useViewState((s) => s.open.destination);
  const [setting, setSetting] = useState(false);
  const to = destinations.find((d) => d.id === open) ?? destinations[0];
  const entry = (to && piece.kit.find((k) => k.destination === to.id)) ?? newKitEntry(to?.id ?? '');
  const kit = useMemo(
    () =>
      to &&
      postKit(
        { title, scenes },
        to,
        entry.variant,
        (id) => byId.get(id)?.description || byId.get(id)?.title || '',
      ),
    [title, scenes, to, entry.variant, byId],
  );
  if (!to || !kit) return null;
  const say = (change: Partial<typeof entry>, merge?: string) =>
    apply(sayKit(store.state.doc, to.id, change, merge));
  const ms = framesToMs(timeline.frames);
  const post = entry.post ?? kit.post.text;
  const own =
    entry.headline !== null || entry.post !== null || entry.summary !== null || entry.alternative !== null;
  return (
    <section className="kit" aria-label="Post kit">
      <div className="kit__head">
        <Select
          size="small"
          aria-label="Destination"
          value={to.id}
          onChange={(id) => view.openPart('destination', id)}
          popupMatchSelectWidth={false}
          options={destinations.map((d) => ({ value: d.id, label: d.name }))}
        />
        <Button size="small" aria-expanded={setting} onClick={() => setSetting((on) => !on)}>
          {setting ? 'Close' : 'What is wanted there'}
        </Button>
        <Button size="small" onClick={() => say({ variant: entry.variant + 1 })}>
          Other words
        </Button>
      </div>
      {setting && <DestinationForm destinations={destinations} of={to} />}
      {to.longestMs !== null && ms > to.longestMs && (
        <p className="tools__note kit__over">
          {to.name} takes {clock(to.longestMs)}; the piece has {clock(ms)}.
        </p>
      )}
      {to.format !== null && !piece.deliveries.some((d) => (d.format ?? piece.format) === to.format) && (
        <p className="tools__note kit__over">
          {to.name} wants {to.format}; no delivery has that format.
        </p>
      )}
      <OwnText
        label="Headline"
        rows={1}
        proposed={kit.headlines[0]?.text ?? ''}
        own={entry.headline}
        onChange={(headline) => say({ headline }, 'headline')}
      />
      <Choices
        label="Other headlines"
        texts={kit.headlines.slice(1)}
        onTake={(headline) => say({ headline })}
      />
      <OwnText
        label="Post"
        rows={7}
        proposed={kit.post.text}
        from={kit.post.rows}
        own={entry.post}
        note={`${letters(post)} of ${to.letters} letters`}
        over={letters(post) > to.letters}
        onChange={(text) => say({ post: text }, 'post')}
      />
      <OwnText
        label="Summary"
        rows={3}
        proposed={kit.summary.text}
        from={kit.summary.rows}
        own={entry.summary}
        onChange={(summary) => say({ summary }, 'summary')}
      />
      <Texts label="Key points" texts={kit.points} all={kit.points.map((p) => `• ${p.text}`).join('\n')} />
      <Texts label="Quotes" texts={kit.quotes} />
      <div className="kit__field">
        <span className="kit__label">
          Tags
          <CopyButton label="Copy the tags" text={kit.tags.map((t) => `#${t}`).join(' ')} />
        </span>
        <p>{kit.tags.map((t) => `#${t}`).join(' ') || 'None were found.'}</p>
      </div>
      <OwnText
        label="What is seen on the cover"
        rows={2}
        proposed={kit.alternative}
        own={entry.alternative}
        note="for those who do not see it"
        onChange={(alternative) => say({ alternative }, 'alternative')}
      />
      <div className="kit__head">
        <CopyAll text={kitFileText(kit, entry, to)} />
        <Button size="small" href={addressOf(pieceFile, { id: store.state.id, name: 'posts' })}>
          All, as text
        </Button>
        <Button size="small" href={addressOf(pieceFile, { id: store.state.id, name: 'posts-table' })}>
          All, as CSV
        </Button>
        {own && (
          <Button
            size="small"
            type="text"
            onClick={() => say({ headline: null, post: null, summary: null, alternative: null })}
          >
            All as proposed
          </Button>
        )}
      </div>
    </section>
  );
}

const CopyAll = ({ text }: { text: string }) => (
  <span className="kit__all">
    <CopyButton label="Copy everything" text={text} /> Everything
  </span>
);

/** Texts that take the place of one with a press. */
function Choices({
  label,
  texts,
  onTake,
}: {
  label: string;
  texts: readonly KitText[];
  onTake(text: string): void;
}) {
  if (!texts.length) return null;
  return (
    <ul className="kit__choices" aria-label={label}>
      {texts.map((t) => (
        <li key={t.text}>
          <button type="button" onClick={() => onTake(t.text)}>
            {t.text}
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Texts that are copied one by one, or all at once. */
function Texts({ label, texts, all }: { label: string; texts: readonly KitText[]; all?: string }) {
  if (!texts.length) return null;
  return (
    <div className="kit__field">
      <span className="kit__label">
        {label}
        {all && <CopyButton label={`Copy all: ${label}`} text={all} />}
      </span>
      <ul className="kit__texts" aria-label={label}>
        {texts.map((t) => (
          <li key={t.text}>
            <span>
              {t.text} <small>row {t.rows.join(', ')}</small>
            </span>
            <CopyButton label={`Copy: ${t.text}`} text={t.text} />
          </li>
        ))}
      </ul>
    </div>
  );
}
