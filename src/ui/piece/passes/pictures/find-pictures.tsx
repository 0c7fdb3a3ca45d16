'use client';

import {
  BgColorsOutlined,
  FilterOutlined,
  SearchOutlined,
  ShopOutlined,
  StarFilled,
  StarOutlined,
} from '@ant-design/icons';
import { useInfiniteQuery, useQueryClient } from '@tanstack/react-query';
import { App, Badge, Button, Checkbox, Input, Select, Tooltip } from 'antd';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { type Found, favourPicture, type Search, searchShelf } from '../../../../api/shelf.ts';
import type { Format } from '../../../../core/look/formats.ts';
import { HUES } from '../../../../core/picture/hues.ts';
import type { Scene } from '../../../../core/piece/types.ts';
import { languageOf } from '../../../../core/text/language.ts';
import { LICENCE_LABELS, reasonWords } from '../../../../wording/pictures.ts';
import { call } from '../../../shared/api.ts';
import { aspect } from '../../../shared/media.ts';
import { addAssets } from '../../../shared/use-shelf.ts';
import { usePieceState, useViewState } from '../../context.ts';
import { KindBadge, Thumb } from '../../sheet/row-picture.tsx';
import { useRowActions } from '../../sheet/use-row-actions.ts';
import { Offers } from './offers.tsx';
import { OwnWordsForm } from './own-words.tsx';
import { PaintOrder } from './paint-order.tsx';

const NOWHERE = { current: null };
const PAGE = 36;

type Filters = Pick<Search, 'kind' | 'people' | 'colour' | 'licence' | 'own' | 'favourite'> & {
  fits: boolean;
  fresh: boolean;
};

const NO_FILTERS: Filters = {
  kind: null,
  people: null,
  colour: null,
  licence: null,
  own: false,
  favourite: false,
  fits: false,
  fresh: false,
};

/** The shelf for a scene: what its line finds, or own words; filtered, looked through, and more like one of them. */
export function FindPictures({ scene, index }: { scene: Scene; index: number }) {
  const [query, setQuery] = useState('');
  const [like, setLike] = useState<{ id: string; title: string } | null>(null);
  const [filters, setFilters] = useState(NO_FILTERS);
  const [open, setOpen] = useState(false);
  const [painting, setPainting] = useState(false);
  const [outside, setOutside] = useState(false);
  useEffect(() => {
    setQuery('');
    setLike(null);
    setPainting(false);
  }, [scene.id]);
  if (painting) return <PaintOrder key={scene.id} scene={scene} onDone={() => setPainting(false)} />;
  const active = Object.values(filters).filter((v) => v !== null && v !== false).length;
  return (
    <>
      <div className="find-pictures__ask">
        <Input
          aria-label={`Search a picture for scene ${index + 1}`}
          placeholder={`Own words for scene ${index + 1}`}
          prefix={<SearchOutlined aria-hidden />}
          allowClear
          value={query}
          onChange={(e) => {
            setQuery(e.target.value);
            setLike(null);
          }}
        />
        <Tooltip title="Nothing fits? Have one painted">
          <Button
            icon={<BgColorsOutlined aria-hidden />}
            aria-label="Have a picture painted to order"
            onClick={() => setPainting(true)}
          />
        </Tooltip>
        <Tooltip title="Look in the libraries too">
          <Button
            icon={<ShopOutlined aria-hidden />}
            aria-label="Look in the libraries from outside"
            aria-pressed={outside}
            type={outside ? 'primary' : 'default'}
            onClick={() => setOutside(!outside)}
          />
        </Tooltip>
        <Tooltip title="What may be shown">
          <Badge count={active} size="small" color="#1d1b22">
            <Button
              icon={<FilterOutlined aria-hidden />}
              aria-label={`Filters${active ? `, ${active} set` : ''}`}
              aria-expanded={open}
              onClick={() => setOpen(!open)}
            />
          </Badge>
        </Tooltip>
      </div>
      {open && <FilterForm filters={filters} onChange={setFilters} />}
      {like && (
        <p className="tools__note">
          Like “{like.title}”{' '}
          <Button size="small" onClick={() => setLike(null)}>
            Back to the search
          </Button>
        </p>
      )}
      {outside && <Offers words={query.trim() || scene.brief || scene.shown} scene={scene} />}
      <Results
        words={query.trim() || scene.brief || scene.shown}
        like={like?.id ?? null}
        filters={filters}
        scene={scene}
        onLike={(id, title) => setLike({ id, title })}
        onNoFilters={active ? () => setFilters(NO_FILTERS) : null}
      />
    </>
  );
}

/** Filters of which one value can be chosen, and those that are on or off. */
const CHOICES = [
  [
    'kind',
    'Still or moving',
    [
      { value: 'still', label: 'Stills' },
      { value: 'moving', label: 'Loops and clips' },
    ],
  ],
  [
    'people',
    'People',
    [
      { value: 'none', label: 'Nobody' },
      { value: 'one', label: 'One person' },
      { value: 'several', label: 'Several people' },
    ],
  ],
  ['colour', 'Colour', HUES.map((h) => ({ value: h, label: h }))],
  ['licence', 'Licence', Object.entries(LICENCE_LABELS).map(([value, label]) => ({ value, label }))],
] as const;
const TICKS = [
  ['own', 'My own'],
  ['favourite', 'Kept at hand'],
  ['fits', 'Fits the format'],
  ['fresh', 'Not in this piece'],
] as const;

function FilterForm({ filters, onChange }: { filters: Filters; onChange: (f: Filters) => void }) {
  return (
    <fieldset className="find-pictures__filters" aria-label="Filters">
      {CHOICES.map(([key, label, options]) => (
        <Select<string>
          key={key}
          aria-label={label}
          size="small"
          allowClear
          placeholder={label}
          value={filters[key]}
          onChange={(v) => onChange({ ...filters, [key]: v ?? null })}
          options={[...options]}
        />
      ))}
      {TICKS.map(([key, label]) => (
        <Checkbox
          key={key}
          checked={filters[key]}
          onChange={(e) => onChange({ ...filters, [key]: e.target.checked })}
        >
          {label}
        </Checkbox>
      ))}
    </fieldset>
  );
}

function Results({
  words,
  like,
  filters,
  scene,
  onLike,
  onNoFilters,
}: {
  words: string;
  like: string | null;
  filters: Filters;
  scene: Scene;
  onLike: (id: string, title: string) => void;
  onNoFilters: (() => void) | null;
}) {
  const format = usePieceState((s) => s.doc.format);
  const slot = useViewState((s) => s.slot);
  const scenes = usePieceState((s) => s.doc.scenes);
  const used = useMemo(() => scenes.flatMap((s) => s.pictures.map((p) => p.assetId)), [scenes]);
  const language = useMemo(() => languageOf(scenes.map((s) => s.shown).join('\n')), [scenes]);
  const client = useQueryClient();
  const ask = useDeferredValue(
    useMemo<Omit<Search, 'offset' | 'limit'>>(() => {
      const { fits, fresh, ...rest } = filters;
      return {
        ...rest,
        q: like ? '' : words.slice(0, 500),
        language,
        like,
        format: fits ? format : null,
        without: fresh ? [...new Set(used)] : [],
      };
    }, [filters, words, like, language, format, used]),
  );
  const found = useInfiniteQuery({
    queryKey: ['search', ask],
    queryFn: async ({ pageParam, signal }) => {
      const answer = await call(
        searchShelf,
        { body: { ...ask, offset: pageParam, limit: PAGE } },
        { signal },
      );
      addAssets(
        client,
        answer.found.map((f) => f.entry).filter((e) => e.own),
      );
      return answer;
    },
    initialPageParam: 0,
    getNextPageParam: (last, pages) => {
      const have = pages.reduce((n, p) => n + p.found.length, 0);
      return last.found.length === PAGE && have < last.total ? have : undefined;
    },
    placeholderData: (old) => old,
  });
  const end = useRef<HTMLDivElement>(null);
  const { hasNextPage, fetchNextPage, isFetchingNextPage } = found;
  useEffect(() => {
    const at = end.current;
    if (!at || !hasNextPage) return;
    const seen = new IntersectionObserver(
      ([e]) => {
        if (e?.isIntersecting && !isFetchingNextPage) void fetchNextPage();
      },
      { rootMargin: '400px' },
    );
    seen.observe(at);
    return () => seen.disconnect();
  }, [hasNextPage, fetchNextPage, isFetchingNextPage]);
  const current = scene.pictures[slot]?.assetId ?? null;
  if (found.isError)
    return (
      <p className="tools__note">
        {found.error.message}{' '}
        <Button size="small" onClick={() => found.refetch()}>
          Try again
        </Button>
      </p>
    );
  const all = found.data?.pages.flatMap((p) => p.found) ?? [];
  return (
    <>
      {found.isSuccess && all.length === 0 && (
        <p className="tools__note">
          Nothing on the shelf passes these filters.{' '}
          {onNoFilters && (
            <Button size="small" onClick={onNoFilters}>
              Take the filters off
            </Button>
          )}
        </p>
      )}
      <ul className="results" aria-label="Pictures found">
        {all.map((f) => (
          <Result
            key={f.entry.id}
            found={f}
            format={format}
            sceneId={scene.id}
            current={f.entry.id === current}
            used={f.entry.id !== current && used.includes(f.entry.id)}
            onLike={onLike}
          />
        ))}
      </ul>
      <div ref={end} className="results__end" aria-hidden />
    </>
  );
}

function Result({
  found: { entry, reasons, favourite },
  format,
  sceneId,
  current,
  used,
  onLike,
}: {
  found: Found;
  format: Format;
  sceneId: string;
  current: boolean;
  used: boolean;
  onLike: (id: string, title: string) => void;
}) {
  const actions = useRowActions(NOWHERE);
  const { message } = App.useApp();
  const client = useQueryClient();
  const [kept, setKept] = useState(favourite);
  useEffect(() => setKept(favourite), [favourite]);
  const keep = async () => {
    setKept(!kept);
    try {
      await call(favourPicture, { params: { id: entry.id }, body: { on: !kept } });
      void client.invalidateQueries({ queryKey: ['search'], refetchType: 'none' });
    } catch (e) {
      setKept(kept);
      message.error((e as Error).message);
    }
  };
  const licence = LICENCE_LABELS[entry.licence];
  return (
    <li className="result">
      <Tooltip
        title={[
          entry.title,
          reasonWords(reasons),
          used && 'in this piece already',
          entry.machineMade && 'painted to order, machine-made',
          licence,
        ]
          .filter(Boolean)
          .join(' · ')}
        mouseEnterDelay={0.4}
      >
        <button
          type="button"
          className={`frame frame--result${current ? ' frame--current' : ''}`}
          aria-label={`Use “${entry.title}”, ${licence}${used ? ', in this piece already' : ''}`}
          aria-pressed={current}
          draggable
          onDragStart={(e) => e.dataTransfer.setData('text/nabbet-picture', entry.id)}
          onClick={() => actions.choose(sceneId, entry.id)}
          style={{ aspectRatio: aspect(format) }}
        >
          <Thumb entry={entry} format={format} />
          <KindBadge entry={entry} />
          {used && <span className="frame__used">used</span>}
          {entry.licence !== 'free' && entry.licence !== 'own' && (
            <span className="frame__licence">{entry.licence === 'unknown' ? 'licence?' : entry.licence}</span>
          )}
        </button>
      </Tooltip>
      <span className="result__tools">
        <Tooltip title={kept ? 'No longer at hand' : 'Keep at hand'}>
          <button
            type="button"
            aria-pressed={kept}
            aria-label={`Keep “${entry.title}” at hand`}
            onClick={() => void keep()}
          >
            {kept ? <StarFilled aria-hidden /> : <StarOutlined aria-hidden />}
          </button>
        </Tooltip>
        <Tooltip title="More like this">
          <button
            type="button"
            aria-label={`More like “${entry.title}”`}
            onClick={() => onLike(entry.id, entry.title)}
          >
            ≈
          </button>
        </Tooltip>
        {entry.own && <OwnWordsForm entry={entry} />}
      </span>
    </li>
  );
}
