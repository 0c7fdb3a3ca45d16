'use client';

import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Alert, Button, Input, InputNumber, Tag } from 'antd';
import type { ShelfEntryView } from '../../api/shelf.ts';
import type { Fact, FactOrigin, FactSheet, Price } from '../../core/source/types.ts';
import { formWords, noteWords } from '../../wording/sources.ts';
import { SourcePictures } from './source-pictures.tsx';
import type { Outline } from './use-outline.ts';

const ORIGINS: Record<FactOrigin, string> = {
  'json-ld': 'declared by the page',
  microdata: 'marked on the page',
  rdfa: 'marked on the page',
  'open graph': 'the page’s own summary',
  page: 'told from the text',
  writer: 'yours',
};

/** What is known of the product. Every fact says where it came from and can be corrected. */
export function FactSheetForm({
  outline,
  byId,
  fetching,
}: {
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
  fetching: boolean;
}) {
  const { source } = outline;
  const facts = source.facts as FactSheet;
  const used = new Set(outline.lines.flatMap((l) => l.picture ?? []));
  const set = <K extends keyof FactSheet>(key: K, value: FactSheet[K]) =>
    outline.setFacts({ [key]: value }, `fact/${key}`);
  const text = (
    key: 'name' | 'maker' | 'until' | 'availability' | 'description',
    label: string,
    hint: string,
    area = false,
  ) => {
    const Field = area ? Input.TextArea : Input;
    return (
      <Row label={label} origin={facts[key]?.origin}>
        <Field
          aria-label={label}
          value={facts[key]?.value ?? ''}
          placeholder={hint}
          {...(area ? { autoSize: { minRows: 2, maxRows: 8 } } : {})}
          onChange={(e) => set(key, e.target.value ? { value: e.target.value, origin: 'writer' } : null)}
        />
      </Row>
    );
  };
  return (
    <div className="facts">
      <h1>{source.title || 'The product'}</h1>
      <p className="source__facts">{[source.site, formWords(source.form)].filter(Boolean).join(' · ')}</p>
      {source.notes.map((n) => (
        <Alert key={noteWords(n)} type="info" title={noteWords(n)} className="source__note" />
      ))}
      {text('name', 'Name', 'What it is called')}
      {text('maker', 'Maker', 'Who makes it')}
      <PriceRow label="Price" fact={facts.price} onChange={(f) => set('price', f)} />
      <PriceRow label="Price before" fact={facts.was} onChange={(f) => set('was', f)} />
      {text('until', 'Offer until', 'Last day, as 2026-12-24')}
      <Row label="Rating" origin={facts.rating?.origin}>
        <span className="facts__figures">
          <InputNumber
            aria-label="Rating"
            min={0}
            max={100}
            step={0.1}
            value={facts.rating?.value.value ?? null}
            onChange={(v) =>
              set(
                'rating',
                v === null
                  ? null
                  : { value: { best: 5, count: null, ...facts.rating?.value, value: v }, origin: 'writer' },
              )
            }
          />
          of
          <InputNumber
            aria-label="Best rating"
            min={1}
            max={100}
            value={facts.rating?.value.best ?? 5}
            onChange={(v) =>
              facts.rating &&
              v &&
              set('rating', { value: { ...facts.rating.value, best: v }, origin: 'writer' })
            }
          />
          from
          <InputNumber
            aria-label="Number of reviews"
            min={0}
            value={facts.rating?.value.count ?? null}
            onChange={(v) =>
              facts.rating && set('rating', { value: { ...facts.rating.value, count: v }, origin: 'writer' })
            }
          />
          reviews
        </span>
      </Row>
      {text('availability', 'Availability', 'In stock, from spring …')}
      {text('description', 'Description', 'What it is, in a sentence or two', true)}
      <List
        label="Features"
        add="Add a feature"
        items={facts.features}
        onChange={(v) => set('features', v)}
      />
      <List
        label="Versions"
        add="Add a version"
        items={facts.variants}
        onChange={(v) => set('variants', v)}
      />
      <fieldset className="facts__list">
        <legend>Review quotations</legend>
        {facts.quotes.map((q, i) => {
          const change = (patch: Partial<typeof q.value>) =>
            set(
              'quotes',
              facts.quotes.map((x, k) =>
                k === i ? { value: { ...x.value, ...patch }, origin: 'writer' } : x,
              ),
            );
          return (
            <div key={i} className="facts__quote">
              <Input.TextArea
                aria-label={`Quotation ${i + 1}`}
                autoSize
                value={q.value.text}
                onChange={(e) => change({ text: e.target.value || ' ' })}
              />
              <Input
                aria-label={`Who said quotation ${i + 1}`}
                value={q.value.by}
                placeholder="who said it"
                onChange={(e) => change({ by: e.target.value })}
              />
              <Button
                type="text"
                aria-label={`Remove quotation ${i + 1}`}
                icon={<DeleteOutlined aria-hidden />}
                onClick={() => set('quotes', facts.quotes.toSpliced(i, 1))}
              />
            </div>
          );
        })}
        <Button
          size="small"
          icon={<PlusOutlined aria-hidden />}
          onClick={() =>
            set('quotes', [
              ...facts.quotes,
              { value: { text: 'What somebody wrote', by: '', rating: null }, origin: 'writer' },
            ])
          }
        >
          Add a quotation
        </Button>
      </fieldset>
      {fetching && <p className="source__facts">The pictures are being fetched …</p>}
      <SourcePictures list={source.pictures} outline={outline} byId={byId} used={used} many />
    </div>
  );
}

function Row({
  label,
  origin,
  children,
}: {
  label: string;
  origin: FactOrigin | undefined;
  children: React.ReactNode;
}) {
  return (
    <div className="facts__row">
      <span className="facts__label">{label}</span>
      {children}
      <span className="facts__origin">{origin ? ORIGINS[origin] : 'not on the page'}</span>
    </div>
  );
}

function PriceRow({
  label,
  fact,
  onChange,
}: {
  label: string;
  fact: Fact<Price> | null;
  onChange: (f: Fact<Price> | null) => void;
}) {
  const make = (patch: Partial<Price>): Fact<Price> | null => {
    const value = { amount: 0, currency: '', text: '', ...fact?.value, ...patch };
    return value.text ? { value, origin: 'writer' } : null;
  };
  return (
    <Row label={label} origin={fact?.origin}>
      <Input
        aria-label={label}
        value={fact?.value.text ?? ''}
        placeholder="as it shall be shown: €34.00"
        onChange={(e) =>
          onChange(
            make({
              text: e.target.value,
              amount: Number.parseFloat(e.target.value.replace(/[^\d.,]/g, '').replace(',', '.')) || 0,
            }),
          )
        }
      />
    </Row>
  );
}

function List({
  label,
  add,
  items,
  onChange,
}: {
  label: string;
  add: string;
  items: Fact<string>[];
  onChange: (items: Fact<string>[]) => void;
}) {
  return (
    <fieldset className="facts__list">
      <legend>
        {label} {!items.length && <Tag>none on the page</Tag>}
      </legend>
      {items.map((f, i) => (
        <div key={i} className="facts__item">
          <Input
            aria-label={`${label} ${i + 1}`}
            value={f.value.trim() ? f.value : ''}
            onChange={(e) =>
              onChange(
                items.map((x, k) => (k === i ? { value: e.target.value || ' ', origin: 'writer' } : x)),
              )
            }
          />
          <Button
            type="text"
            aria-label={`Remove ${label.toLowerCase()} ${i + 1}`}
            icon={<DeleteOutlined aria-hidden />}
            onClick={() => onChange(items.toSpliced(i, 1))}
          />
        </div>
      ))}
      <Button
        size="small"
        icon={<PlusOutlined aria-hidden />}
        onClick={() => onChange([...items, { value: ' ', origin: 'writer' }])}
      >
        {add}
      </Button>
    </fieldset>
  );
}
