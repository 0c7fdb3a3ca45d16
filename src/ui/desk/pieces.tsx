'use client';

import { App, Button, Empty, Input, Result, Segmented, Select, Skeleton } from 'antd';
import { useDeferredValue, useState } from 'react';
import type { DeskFacets, DeskOrder, Place } from '../../api/desk.ts';
import { languageWords } from '../../wording/voices.ts';
import { FilingBar } from './filing-bar.tsx';
import { useOpenOutlines } from './open-outlines.tsx';
import { DamagedCard, PieceCard } from './piece-card.tsx';
import { EVERYTHING, type Sought, useDeskWork, useFacets, usePieces } from './use-desk.ts';

const PLACES: Record<Exclude<Place, 'emptied'>, string> = {
  desk: 'On the desk',
  away: 'Put away',
  bin: 'Bin',
};
const ORDERS: Record<DeskOrder, string> = {
  changed: 'Last changed first',
  begun: 'Last begun first',
  title: 'By title',
  length: 'Longest first',
};

/** Until it is known under what there is something: the list does not move when it comes. */
const NOT_YET: Pick<DeskFacets, 'states' | 'categories' | 'tags' | 'languages'> = {
  ...{ states: [], categories: [], tags: [], languages: [] },
};

/** The pieces, a page at a time, how they are found, and what is done with several. */
export function Pieces() {
  const [sought, setSought] = useState(EVERYTHING);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const list = usePieces({ ...sought, find: useDeferredValue(sought.find.trim()) });
  const facets = useFacets();
  // What stands above the pieces pushes them down when it comes: they are not shown before.
  const pending = useOpenOutlines().isPending || list.isPending;
  // What was changed while somebody looks may come once more on a later page.
  const shown = pending ? undefined : list.data && byIdOnce(list.data.pages.flatMap((page) => page.pieces));
  const seek = (change: Partial<Sought>) => {
    setSought((now) => ({ ...now, ...change }));
    setChosen(new Set());
  };
  const choose = (id: string, on: boolean) =>
    setChosen((now) => {
      const next = new Set(now);
      if (on) next.add(id);
      else next.delete(id);
      return next;
    });
  const here = (shown ?? []).filter((p) => chosen.has(p.id)).map((p) => p.id);
  const narrowed = Object.entries(sought).some(
    ([key, value]) => key !== 'place' && key !== 'order' && value !== '',
  );
  return (
    <section aria-labelledby="pieces-title">
      <div className="desk__head">
        <h2 id="pieces-title">Pieces</h2>
        {facets.data && <Places sought={sought} facets={facets.data} onSeek={seek} />}
        <Input.Search
          aria-label="Find pieces by title, words and tags"
          placeholder="Title, words or tags"
          allowClear
          value={sought.find}
          onChange={(e) => seek({ find: e.target.value })}
          style={{ width: 240 }}
        />
      </div>
      <Narrowing sought={sought} facets={facets.data ?? NOT_YET} onSeek={seek} />
      {sought.place === 'bin' && facets.data && <BinKeys facets={facets.data} />}
      {pending && <Skeleton active paragraph={{ rows: 4 }} />}
      {list.isError && (
        <Result
          status="warning"
          title="The pieces cannot be read"
          subTitle={list.error.message}
          extra={<Button onClick={() => list.refetch()}>Try again</Button>}
        />
      )}
      {shown && shown.length === 0 && (
        <Empty description={nothing(sought, narrowed)}>
          {narrowed && (
            <Button onClick={() => seek({ ...EVERYTHING, place: sought.place, order: sought.order })}>
              Show all
            </Button>
          )}
        </Empty>
      )}
      {shown && shown.length > 0 && (
        <ul className={here.length ? 'piece-cards piece-cards--choosing' : 'piece-cards'}>
          {shown.map((p) =>
            p.about ? (
              <PieceCard
                key={p.id}
                piece={p}
                about={p.about}
                place={sought.place}
                chosen={chosen.has(p.id)}
                onChoose={(on) => choose(p.id, on)}
                onTag={(tag) => seek({ tag })}
              />
            ) : (
              <DamagedCard key={p.id} piece={p} />
            ),
          )}
        </ul>
      )}
      {list.hasNextPage && (
        <Button
          className="desk__more"
          loading={list.isFetchingNextPage}
          onClick={() => void list.fetchNextPage()}
        >
          Show more
        </Button>
      )}
      {here.length > 0 && facets.data && (
        <FilingBar ids={here} place={sought.place} facets={facets.data} onDone={() => setChosen(new Set())} />
      )}
    </section>
  );
}

const byIdOnce = <T extends { id: string }>(all: readonly T[]): T[] => [
  ...new Map(all.map((x) => [x.id, x])).values(),
];

function nothing({ find, place }: Sought, narrowed: boolean): string {
  if (find) return `No piece has “${find}” in its title, words or tags.`;
  if (narrowed) return 'No piece is filed like that.';
  return place === 'desk'
    ? 'Nothing here yet. What you make above will lie here.'
    : place === 'bin'
      ? 'The bin is empty.'
      : 'Nothing was put away.';
}

/** Where pieces lie. Nothing is offered while all lie on the desk. */
function Places({ sought, facets: { places }, onSeek }: Choosing) {
  if (places.away + places.bin + places.emptied === 0 && sought.place === 'desk') return null;
  return (
    <Segmented
      aria-label="Where pieces lie"
      size="small"
      value={sought.place}
      onChange={(place) => onSeek({ ...EVERYTHING, place })}
      options={(Object.keys(PLACES) as (keyof typeof PLACES)[]).map((value) => ({
        value,
        label: `${PLACES[value]} ${places[value]}`,
      }))}
    />
  );
}

interface Choosing {
  sought: Sought;
  facets: DeskFacets;
  onSeek: (change: Partial<Sought>) => void;
}

/** By what they are filed under. What would choose nothing is not offered. */
function Narrowing({ sought, facets, onSeek }: Omit<Choosing, 'facets'> & { facets: typeof NOT_YET }) {
  const of = (list: DeskFacets['states'], words = (name: string) => name) =>
    list.map(({ name, count }) => ({ value: name, label: `${words(name)} (${count})` }));
  const choice = (
    key: 'state' | 'category' | 'tag' | 'language',
    label: string,
    options: { value: string; label: string }[],
  ) =>
    (options.length > 1 || sought[key] !== '') && (
      <Select
        size="small"
        aria-label={label}
        placeholder={label}
        allowClear
        showSearch={options.length > 8}
        popupMatchSelectWidth={false}
        value={sought[key] || null}
        onChange={(value) => onSeek({ [key]: value ?? '' })}
        options={options}
      />
    );
  return (
    <div className="desk__narrow">
      {choice('state', 'Any state', of(facets.states))}
      {choice('category', 'Any category', of(facets.categories))}
      {choice('tag', 'Any tag', of(facets.tags))}
      {choice('language', 'Any language', of(facets.languages, languageWords))}
      <Select
        size="small"
        aria-label="Order"
        variant="borderless"
        popupMatchSelectWidth={false}
        value={sought.order}
        onChange={(order) => onSeek({ order })}
        options={(Object.keys(ORDERS) as DeskOrder[]).map((value) => ({ value, label: ORDERS[value] }))}
      />
    </div>
  );
}

/** Empties the bin when that was said twice, and takes it back. */
function BinKeys({ facets: { places, emptiedUntil } }: { facets: DeskFacets }) {
  const { empty, refill } = useDeskWork();
  const { modal, message } = App.useApp();
  const until =
    emptiedUntil &&
    new Date(emptiedUntil).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
  return (
    <div className="desk__bin">
      {places.bin > 0 && (
        <Button
          size="small"
          onClick={() =>
            modal.confirm({
              title: `Empty the bin of ${places.bin} piece${places.bin === 1 ? '' : 's'}?`,
              content:
                'For 30 days that can be taken back here; after that they are gone, with their videos.',
              okText: 'Empty it',
              cancelText: 'Leave it',
              onOk: () =>
                empty.mutateAsync().then(
                  ({ count }) => message.info(`${count} taken out of the bin.`),
                  () => undefined,
                ),
            })
          }
        >
          Empty the bin
        </Button>
      )}
      {places.emptied > 0 && until && (
        <>
          <span>What was emptied last can be taken back until {until}.</span>
          <Button size="small" loading={refill.isPending} onClick={() => refill.mutate()}>
            Take it back
          </Button>
        </>
      )}
    </div>
  );
}
