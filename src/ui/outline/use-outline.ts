'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import type { ShelfEntryView } from '../../api/shelf.ts';
import { appendOutlineEdits, nabOutline, type StoredSource } from '../../api/sources.ts';
import {
  changesBetween,
  type OutlineDoc,
  type OutlineEdit,
  outlineEditing,
} from '../../core/outline/edit.ts';
import { outlineMs } from '../../core/outline/length.ts';
import { outlineLines } from '../../core/outline/outline.ts';
import type { LineEdit, OutlineChoices, OutlineLine } from '../../core/outline/types.ts';
import type { PieceOptions } from '../../core/piece/options.ts';
import { voiceSpeed } from '../../core/sound/voices.ts';
import type { FactSheet, Source } from '../../core/source/types.ts';
import { editFailureWords } from '../../wording/edits.ts';
import { call } from '../shared/api.ts';
import { openStore } from '../sync/open.ts';
import type { DocStore } from '../sync/store.ts';

export type OutlineStore = DocStore<OutlineDoc, OutlineEdit>;

export interface Outline {
  id: string;
  source: Source;
  choices: OutlineChoices;
  options: PieceOptions;
  lines: OutlineLine[];
  ms: number;
  undo(): void;
  redo(): void;
  /** flow: what is changed, so that typing in one field is one step back. */
  choose(patch: Partial<OutlineChoices>, flow?: string): void;
  setOptions(options: PieceOptions): void;
  setFacts(patch: Partial<FactSheet>, flow?: string): void;
  /** With a function where answers may come out of order: each changes only what it is about. */
  setSource(source: Source | ((before: Source) => Source)): void;
  pullIn(ref: string): void;
  throwOut(ref: string): void;
  editLine(ref: string, edit: LineEdit): void;
  resetLine(ref: string): void;
  /** What the shelf would give each line, as far as that is known. */
  nabbed: Readonly<Record<string, ShelfEntryView>>;
}

/** Opens what a writer can change on a stored outline, with what windows that are gone left of it. */
export const openOutline = ({
  id,
  choices,
  options,
  source,
  rev,
  history,
}: StoredSource): Promise<OutlineStore> =>
  openStore({
    ...{ editing: outlineEditing, endpoint: appendOutlineEdits, id, rev, history },
    doc: { choices, options, facts: source.facts },
  });

const without = (list: readonly string[], ref: string) => list.filter((x) => x !== ref);

/** The outline in the browser. complain: says what cannot be done. */
export function useOutline(
  stored: StoredSource,
  store: OutlineStore,
  complain: (why: string) => void,
): Outline {
  const [source, setSource] = useState(stored.source);
  const { choices, options, facts } = useStore(store.store, (s) => s.doc);
  const change = useCallback(
    (name: string, next: (doc: OutlineDoc) => OutlineDoc, flow: string | null = null) => {
      const { doc } = store.state;
      const ops = changesBetween(doc, next(doc));
      const failure = ops.length ? store.apply({ name, merge: flow, ops }) : null;
      if (failure) complain(editFailureWords(failure));
    },
    [store, complain],
  );
  const choose = useCallback(
    (patch: Partial<OutlineChoices>, flow?: string) =>
      change('choose', (doc) => ({ ...doc, choices: { ...doc.choices, ...patch } }), flow),
    [change],
  );
  const withFacts = useMemo(
    () => ({ ...source, facts, title: facts?.name?.value ?? source.title }),
    [source, facts],
  );
  const speed = voiceSpeed(options.voice);
  const lines = useMemo(() => outlineLines(withFacts, choices, speed), [withFacts, choices, speed]);
  const nabbed = useNabbed(stored.id, store, lines);
  return {
    nabbed,
    ...{ id: stored.id, source: withFacts, choices, options, lines },
    ms: outlineMs(lines, speed),
    undo: () => void store.undo(),
    redo: () => void store.redo(),
    choose,
    setOptions: (all) => change('options', (doc) => ({ ...doc, options: all })),
    setFacts: (patch, flow) =>
      change('facts', (doc) => ({ ...doc, facts: doc.facts && { ...doc.facts, ...patch } }), flow),
    setSource,
    pullIn: (ref) => choose({ keep: [...without(choices.keep, ref), ref], drop: without(choices.drop, ref) }),
    throwOut: (ref) => {
      const { [ref]: _, ...edits } = choices.edits;
      choose({ keep: without(choices.keep, ref), drop: [...without(choices.drop, ref), ref], edits });
    },
    editLine: (ref, edit) =>
      change(
        'type',
        (doc) => {
          const { edits } = doc.choices;
          return {
            ...doc,
            choices: { ...doc.choices, edits: { ...edits, [ref]: { ...edits[ref], ...edit } } },
          };
        },
        `${Object.keys(edit)}/${ref}`,
      ),
    resetLine: (ref) => {
      const { [ref]: _, ...edits } = choices.edits;
      choose({ edits });
    },
  };
}

/** The lines have to rest so long before pictures are looked for. */
const REST_MS = 900;

/** Looks for pictures when the lines have rested and are stored. What was found before stays until then. */
function useNabbed(
  id: string,
  store: OutlineStore,
  lines: readonly OutlineLine[],
): Readonly<Record<string, ShelfEntryView>> {
  const [found, setFound] = useState<Readonly<Record<string, ShelfEntryView>>>({});
  const wanted = lines
    .map((l) => (l.picture || l.assetId ? '' : `${l.ref} ${l.layout} ${l.shown}`))
    .join('\n');
  const isWanted = wanted.trim() !== '';
  useEffect(() => {
    if (!isWanted) return;
    const abort = new AbortController();
    const timer = setTimeout(() => {
      // Only a look ahead: the draft chooses by itself.
      store
        .flush()
        .then(() => call(nabOutline, { params: { id } }, { signal: abort.signal }))
        .then(setFound, () => undefined);
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [id, store, wanted, isWanted]);
  return found;
}
