'use client';

import { DeleteOutlined } from '@ant-design/icons';
import { Button, Checkbox, Input, Segmented, Select } from 'antd';
import { useState } from 'react';
import { addDelivery, changeDelivery, coverMoment, removeDelivery } from '../../core/deliver/delivery.ts';
import { DELIVERY_KIND_NAMES, DELIVERY_KINDS, deliveryKind } from '../../core/deliver/kinds.ts';
import { LOUDNESS_VALUES, LOUDNESSES } from '../../core/deliver/loudness.ts';
import { deliveryName, NAME_PARTS } from '../../core/deliver/name.ts';
import { FORMATS } from '../../core/look/formats.ts';
import { pieceEdit } from '../../core/piece/edit.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import type { Delivery } from '../../core/piece/outputs.ts';
import { languagesOf } from '../../core/piece/translate.ts';
import { clock, framesToMs } from '../../core/time.ts';
import { HEIGHTS } from '../../core/timeline/heights.ts';
import { languageWords } from '../../wording/voices.ts';
import { newId, usePiece, usePieceState, useTimelineNow } from '../piece/context.ts';
import { FormatSelect } from '../shared/format-select.tsx';
import { SHORT_FORMATS } from '../shared/formats.ts';
import { IconButton } from '../shared/icon-button.tsx';

/** What the piece is delivered as: each is a line that can be changed; they are made one after the other. */
export function Deliveries() {
  const { store, player, apply } = usePiece();
  const piece = usePieceState((s) => s.doc);
  const timeline = useTimelineNow();
  const { deliveries, coverMs } = piece;
  const missing = FORMATS.filter(
    (f) => !deliveries.some((d) => d.kind === 'mp4' && (d.format ?? piece.format) === f),
  );
  const more = (like: Partial<Delivery>) => apply(addDelivery(store.state.doc, newId(), like));
  const full = deliveries.length >= LIMITS.deliveries;
  return (
    <section aria-label="Deliveries">
      <ul className="deliveries">
        {deliveries.map((d, i) => (
          <DeliveryLine key={d.id} delivery={d} name={`Delivery ${i + 1}`} only={deliveries.length === 1} />
        ))}
      </ul>
      <div className="deliveries__more">
        <Select
          size="small"
          aria-label="One more delivery"
          placeholder="One more"
          value={null}
          disabled={full}
          popupMatchSelectWidth={false}
          onChange={(v: string | null) => {
            const format = FORMATS.find((f) => f === v);
            const kind = DELIVERY_KIND_NAMES.find((k) => k === v);
            if (format) more({ format, height: deliveries[0]?.height ?? 1080 });
            else if (kind) more({ kind });
          }}
          options={[
            ...(missing.length
              ? [{ label: 'The video in', options: missing.map((f) => ({ value: f, label: f })) }]
              : []),
            {
              label: 'Another kind',
              options: DELIVERY_KIND_NAMES.map((k) => ({
                value: k,
                label: `${DELIVERY_KINDS[k].label} (${DELIVERY_KINDS[k].describe})`,
              })),
            },
          ]}
        />
        {missing.length > 1 && (
          <Button
            size="small"
            disabled={full}
            onClick={() => {
              for (const format of missing) more({ format, height: deliveries[0]?.height ?? 1080 });
            }}
          >
            In all formats
          </Button>
        )}
      </div>
      {deliveries.some((d) => d.kind === 'cover') && (
        <p className="deliveries__cover">
          The cover is{' '}
          {coverMs === null ? 'the opening' : `the frame at ${clock(coverMoment(piece, timeline))}`}.{' '}
          <Button
            size="small"
            onClick={() => apply(pieceEdit('cover', { coverMs: framesToMs(player.view.frame) }))}
          >
            Take the frame on the monitor
          </Button>
          {coverMs !== null && (
            <Button size="small" type="text" onClick={() => apply(pieceEdit('cover', { coverMs: null }))}>
              The opening
            </Button>
          )}
        </p>
      )}
    </section>
  );
}

function DeliveryLine({ delivery: d, name, only }: { delivery: Delivery; name: string; only: boolean }) {
  const { store, apply } = usePiece();
  const own = usePieceState((s) => s.doc.format);
  const { seen, sized } = deliveryKind(d.kind);
  const scenes = usePieceState((s) => s.doc.scenes);
  const languages = languagesOf({ scenes });
  const [more, setMore] = useState(false);
  const change = (now: Partial<Delivery>) => apply(changeDelivery(store.state.doc, d.id, now));
  return (
    <li className="delivery">
      <Select
        size="small"
        className="delivery__kind"
        aria-label={`${name}: kind`}
        value={d.kind}
        onChange={(kind) => change({ kind })}
        popupMatchSelectWidth={false}
        options={DELIVERY_KIND_NAMES.map((value) => ({ value, label: DELIVERY_KINDS[value].label }))}
      />
      {seen && (
        <FormatSelect
          size="small"
          aria-label={`${name}: format`}
          none={`${own}, as the piece`}
          offered={SHORT_FORMATS}
          value={d.format}
          onChange={(format) => change({ format })}
        />
      )}
      <IconButton
        label={`${name} is not wanted`}
        icon={<DeleteOutlined aria-hidden />}
        disabled={only}
        onClick={() => apply(removeDelivery(store.state.doc, d.id))}
      />
      <span className="delivery__more">
        {sized && (
          <Segmented
            size="small"
            aria-label={`${name}: lines of the short side`}
            value={d.height}
            onChange={(height) => change({ height })}
            options={HEIGHTS.map((value) => ({
              value,
              label: value === 480 ? '480 draft' : String(value),
            }))}
          />
        )}
        {seen && (languages.length > 0 || d.language !== null) && (
          <Select
            size="small"
            aria-label={`${name}: language of its words`}
            value={d.language ?? ''}
            onChange={(v) => change({ language: v || null })}
            popupMatchSelectWidth={false}
            options={[
              { value: '', label: 'As written' },
              ...[...new Set([...languages, d.language ?? []].flat())].map((value) => ({
                value,
                label: languageWords(value),
              })),
            ]}
          />
        )}
        {seen && (
          <Checkbox checked={d.captions} onChange={(e) => change({ captions: e.target.checked })}>
            Captions
          </Checkbox>
        )}
        <Button size="small" type="text" aria-expanded={more} onClick={() => setMore((on) => !on)}>
          {more ? 'Less' : 'More'}
        </Button>
      </span>
      {more && <MoreOfDelivery delivery={d} name={name} />}
    </li>
  );
}

/** How loud it is, and what its file is called. */
function MoreOfDelivery({ delivery: d, name }: { delivery: Delivery; name: string }) {
  const { store, apply } = usePiece();
  const { title, format } = usePieceState((s) => s.doc);
  const change = (now: Partial<Delivery>, merge?: string) =>
    apply(changeDelivery(store.state.doc, d.id, now, merge));
  const called = deliveryName(d.name, {
    ...{ title, format: d.format ?? format, height: d.height, kind: d.kind, language: d.language },
    date: new Date().toISOString().slice(0, 10),
  });
  return (
    <div className="delivery__rest">
      {deliveryKind(d.kind).plays && (
        <Select
          size="small"
          aria-label={`${name}: loudness`}
          value={d.loudness}
          onChange={(loudness) => change({ loudness })}
          popupMatchSelectWidth={false}
          options={LOUDNESS_VALUES.map((value) => ({
            value,
            label: `${LOUDNESSES[value].label}, ${LOUDNESSES[value].describe}`,
          }))}
        />
      )}
      <Input
        size="small"
        aria-label={`${name}: name of its file, with ${NAME_PARTS.map((p) => `{${p}}`).join(', ')}`}
        placeholder="{title} {format} {lines}"
        maxLength={LIMITS.nameLength}
        value={d.name}
        onChange={(e) => change({ name: e.target.value }, 'delivery-name')}
      />
      <small>
        Its file: {called}. In its name can stand {NAME_PARTS.map((p) => `{${p}}`).join(', ')}.
      </small>
    </div>
  );
}
