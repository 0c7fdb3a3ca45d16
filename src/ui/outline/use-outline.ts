'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { PieceOptions } from '../../api/pieces.ts';
import { type StoredSource, saveChoices, saveFacts } from '../../api/sources.ts';
import { outlineMs } from '../../core/outline/length.ts';
import { outlineLines } from '../../core/outline/outline.ts';
import type { LineEdit, OutlineChoices, OutlineLine } from '../../core/outline/types.ts';
import { voiceSpeed } from '../../core/sound/speech.ts';
import type { FactSheet, Source } from '../../core/source/types.ts';
import { call } from '../shared/api.ts';

const SAVE_AFTER_MS = 350;
const RETRY_MS = 3000;
/** Typing in one field within this time is one step back. */
const TYPING_MS = 900;

export interface Outline {
  id: string;
  source: Source;
  choices: OutlineChoices;
  options: PieceOptions;
  lines: OutlineLine[];
  ms: number;
  saved: 'saved' | 'saving' | 'waiting';
  canUndo: boolean;
  canRedo: boolean;
  undo(): void;
  redo(): void;
  /** what: name of the change, so that typing in one field is one step back. */
  choose(patch: Partial<OutlineChoices>, what?: string): void;
  setOptions(options: PieceOptions): void;
  setFacts(facts: FactSheet, what?: string): void;
  /** With a function where answers may come out of order: each changes only what it is about. */
  setSource(source: Source | ((before: Source) => Source)): void;
  pullIn(ref: string): void;
  throwOut(ref: string): void;
  editLine(ref: string, edit: LineEdit): void;
  resetLine(ref: string): void;
  /** Has everything stored before the piece is made. */
  flush(): Promise<void>;
}

interface State {
  choices: OutlineChoices;
  facts: FactSheet | null;
}

/** The outline in the browser: choices and facts with undo, kept on the server at every change. */
export function useOutline(stored: StoredSource): Outline {
  const [source, setSourceState] = useState(stored.source);
  const [state, setState] = useState<State>({ choices: stored.choices, facts: stored.source.facts });
  const [options, setOptionsState] = useState(stored.options);
  const [past, setPast] = useState<State[]>([]);
  const [future, setFuture] = useState<State[]>([]);
  const [saved, setSaved] = useState<Outline['saved']>('saved');
  const last = useRef({ what: '', at: 0 });
  const latest = useRef({ state, options });
  latest.current = { state, options };
  const sent = useRef({ state, options });
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);

  const flush = useCallback(async () => {
    if (timer.current) clearTimeout(timer.current);
    timer.current = null;
    const now = latest.current;
    const before = sent.current;
    if (now.state === before.state && now.options === before.options) return;
    const keepalive = document.visibilityState === 'hidden';
    try {
      if (now.state.facts && now.state.facts !== before.state.facts)
        await call(saveFacts, { params: { id: stored.id }, body: { facts: now.state.facts } }, { keepalive });
      await call(
        saveChoices,
        {
          params: { id: stored.id },
          body: { choices: now.state.choices, options: now.options },
        },
        { keepalive },
      );
      sent.current = now;
      const done = latest.current.state === now.state && latest.current.options === now.options;
      setSaved(done ? 'saved' : 'saving');
      if (!done) timer.current ??= setTimeout(() => void flush().catch(() => undefined), SAVE_AFTER_MS);
    } catch (e) {
      setSaved('waiting');
      timer.current = setTimeout(() => void flush().catch(() => undefined), RETRY_MS);
      throw e;
    }
  }, [stored.id]);

  useEffect(() => {
    if (timer.current) clearTimeout(timer.current);
    timer.current = null;
    // Undone before it was sent: what is stored is what is seen.
    if (state === sent.current.state && options === sent.current.options) return setSaved('saved');
    setSaved('saving');
    timer.current = setTimeout(() => void flush().catch(() => undefined), SAVE_AFTER_MS);
  }, [state, options, flush]);

  useEffect(() => {
    const leave = () => void flush().catch(() => undefined);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, [flush]);

  const change = useCallback((next: (s: State) => State, what: string) => {
    const now = Date.now();
    const typing = what !== '' && what === last.current.what && now - last.current.at < TYPING_MS;
    last.current = { what, at: now };
    const before = latest.current.state;
    setState(next(before));
    latest.current = { ...latest.current, state: next(before) };
    if (!typing) setPast((p) => [...p.slice(-200), before]);
    setFuture([]);
  }, []);
  const choose = useCallback(
    (patch: Partial<OutlineChoices>, what = '') =>
      change((s) => ({ ...s, choices: { ...s.choices, ...patch } }), what),
    [change],
  );
  const withFacts = useMemo(
    () => ({ ...source, facts: state.facts, title: state.facts?.name?.value ?? source.title }),
    [source, state.facts],
  );
  const speed = voiceSpeed(options.voice);
  const lines = useMemo(
    () => outlineLines(withFacts, state.choices, speed),
    [withFacts, state.choices, speed],
  );
  const without = (list: readonly string[], ref: string) => list.filter((x) => x !== ref);
  const { choices } = state;
  return {
    id: stored.id,
    source: withFacts,
    choices,
    options,
    lines,
    ms: outlineMs(lines, speed),
    saved,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    undo: () => {
      const before = past.at(-1);
      if (!before) return;
      last.current.what = '';
      setPast(past.slice(0, -1));
      setFuture([state, ...future]);
      setState(before);
    },
    redo: () => {
      const next = future[0];
      if (!next) return;
      setFuture(future.slice(1));
      setPast([...past, state]);
      setState(next);
    },
    choose,
    setOptions: setOptionsState,
    setFacts: (facts, what = '') => change((s) => ({ ...s, facts }), what),
    setSource: setSourceState,
    pullIn: (ref) => choose({ keep: [...without(choices.keep, ref), ref], drop: without(choices.drop, ref) }),
    throwOut: (ref) => {
      const { [ref]: _, ...edits } = choices.edits;
      choose({ keep: without(choices.keep, ref), drop: [...without(choices.drop, ref), ref], edits });
    },
    editLine: (ref, edit) =>
      choose(
        { edits: { ...choices.edits, [ref]: { ...choices.edits[ref], ...edit } } },
        `edit ${ref} ${Object.keys(edit)}`,
      ),
    resetLine: (ref) => {
      const { [ref]: _, ...edits } = choices.edits;
      choose({ edits });
    },
    flush,
  };
}
