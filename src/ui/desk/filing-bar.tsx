'use client';

import { Button, Input, Select } from 'antd';
import { useId, useState } from 'react';
import type { DeskFacets, Place } from '../../api/desk.ts';
import { KNOWN_STATES } from '../../core/piece/states.ts';
import { usePutElsewhere } from './put-elsewhere.tsx';
import { useDeskWork } from './use-desk.ts';

/** What is done with several pieces at once. */
export function FilingBar({
  ids,
  place,
  facets,
  onDone,
}: {
  ids: string[];
  place: Place;
  facets: DeskFacets;
  onDone: () => void;
}) {
  const { file, copy } = useDeskWork();
  const put = usePutElsewhere();
  const here = place === 'emptied' ? 'bin' : place;
  const what = `${ids.length} piece${ids.length === 1 ? '' : 's'}`;
  const states = [...new Set([...KNOWN_STATES, ...facets.states.map((s) => s.name)])];
  const move = (to: 'desk' | 'away' | 'bin', label: string) =>
    here !== to && (
      <Button
        size="small"
        onClick={() => {
          put(ids, what, to, here);
          onDone();
        }}
      >
        {label}
      </Button>
    );
  return (
    <section className="filing" aria-label="What is done with the chosen pieces">
      <strong aria-live="polite">{what}</strong>
      <Word label="State" most={30} known={states} onSay={(state) => state && file.mutate({ ids, state })} />
      <Word
        label="Category"
        most={60}
        known={facets.categories.map((c) => c.name)}
        onSay={(category) => file.mutate({ ids, category })}
      />
      <Word
        label="Add a tag"
        most={40}
        known={facets.tags.map((t) => t.name)}
        onSay={(tag) => tag && file.mutate({ ids, addTags: [tag] })}
      />
      {facets.tags.length > 0 && (
        <Select
          size="small"
          className="filing__tags"
          aria-label="Take a tag off"
          placeholder="Take a tag off"
          value={null}
          options={facets.tags.map((t) => ({ value: t.name, label: t.name }))}
          onSelect={(tag: string | null) => tag && file.mutate({ ids, removeTags: [tag] })}
        />
      )}
      <Button
        size="small"
        loading={copy.isPending}
        onClick={() => copy.mutate({ ids, format: null, language: null })}
      >
        Copy
      </Button>
      {move('desk', 'Back on the desk')}
      {move('away', 'Put away')}
      {move('bin', 'Throw away')}
      <Button size="small" type="text" onClick={onDone}>
        Choose none
      </Button>
    </section>
  );
}

/** One of the words that are known, or a new one. */
function Word({
  label,
  most,
  known,
  onSay,
}: {
  label: string;
  most: number;
  known: readonly string[];
  onSay: (word: string) => void;
}) {
  const list = useId();
  const [text, setText] = useState('');
  return (
    <form
      className="filing__word"
      onSubmit={(e) => {
        e.preventDefault();
        onSay(text.trim());
        setText('');
      }}
    >
      <Input
        size="small"
        list={list}
        aria-label={label}
        placeholder={`${label} …`}
        maxLength={most}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <datalist id={list}>
        {known.map((value) => (
          <option key={value} value={value} />
        ))}
      </datalist>
      {text && (
        <Button size="small" htmlType="submit">
          Set
        </Button>
      )}
    </form>
  );
}
