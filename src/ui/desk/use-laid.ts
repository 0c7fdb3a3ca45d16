'use client';

import { nanoid } from 'nanoid';
import { useCallback, useEffect, useRef, useState } from 'react';
import { readDirections, type Told } from '../../core/text/directions/directions.ts';
import {
  joinRow,
  type Laid,
  type LaidRow,
  layRows,
  type RowCaret,
  scriptOfRows,
  splitRow,
  typeInRow,
} from '../../core/text/laid.ts';
import type { Split } from '../../core/text/script.ts';

/** A photo or clip that lies on the sheet. */
export interface LaidFile {
  id: string;
  assetId: string;
  name: string;
  bytes: number;
  modifiedMs: number;
}

/** Everything that lies on the sheet. */
export interface OnSheet {
  rows: LaidRow[];
  split: Split;
  /** The words as they were laid, until a row is changed by hand: they can be cut again from their own lines. */
  whole: string | null;
  /** What was read in words that are a script for a video, and the words as they came, while they can be had back. */
  told: Told | null;
  came: string | null;
  files: LaidFile[];
  /** What the writer takes the words for; null leaves it to the sheet. */
  as: 'script' | 'article' | null;
}

const KEPT = 'nabbet-sheet';
const STEPS_BACK = 200;

const newId = (): string => nanoid(8);
const blank = (): LaidRow => ({ id: newId(), text: '', title: false, begins: true });
const emptySheet = (): OnSheet => ({
  ...{ rows: [blank()], split: 'sentence', whole: null, told: null, came: null, files: [], as: null },
});
/** Words as they are laid on an empty sheet. */
const read = (text: string): Pick<OnSheet, 'told' | 'came'> & { whole: string } => {
  const found = readDirections(text);
  return { whole: found?.text ?? text, told: found?.told ?? null, came: found && text };
};

function kept(): OnSheet | null {
  try {
    const found = JSON.parse(localStorage.getItem(KEPT) ?? 'null') as Partial<OnSheet> | null;
    if (!found || !Array.isArray(found.rows) || !found.rows.length) return null;
    return { ...emptySheet(), ...found };
  } catch {
    // What cannot be read was not written by this version: the sheet begins empty, and what is kept stays until it changes.
    return null;
  }
}

/** The sheet of the desk: its words in rows, its files; kept in the browser at every change, with steps back. */
export function useLaid() {
  const [now, setNow] = useState<OnSheet>(emptySheet);
  const [caret, setCaret] = useState<RowCaret | null>(null);
  const [keeps, setKeeps] = useState(true);
  /** The page from which the words were copied, with its headings; while the words are as they were laid. */
  const markup = useRef<string | null>(null);
  const latest = useRef(now);
  latest.current = now;
  const past = useRef<OnSheet[]>([]);
  const future = useRef<OnSheet[]>([]);
  /** What flows is one step back. */
  const flow = useRef<string | null>(null);
  useEffect(() => {
    const before = kept();
    if (before) setNow(before);
    const [first] = (before ?? latest.current).rows;
    // Whoever comes to an empty sheet can write at once.
    if (first && !first.text) setCaret({ id: first.id, at: 0 });
  }, []);
  const store = useCallback((next: OnSheet) => {
    latest.current = next;
    setNow(next);
    try {
      localStorage.setItem(KEPT, JSON.stringify(next));
      setKeeps(true);
    } catch {
      // The browser has no room for so much: it is said, and what lies on the sheet stays there.
      setKeeps(false);
    }
  }, []);
  const change = useCallback(
    (next: OnSheet, merge: string | null = null) => {
      if (!merge || merge !== flow.current)
        past.current = [...past.current, latest.current].slice(-STEPS_BACK);
      flow.current = merge;
      future.current = [];
      store(next);
    },
    [store],
  );
  const laid = useCallback(
    ({ rows, caret: to }: Laid, merge: string | null = null) => {
      change({ ...latest.current, rows, whole: null, came: null }, merge);
      if (to) setCaret(to);
    },
    [change],
  );
  const step = useCallback(
    (from: { current: OnSheet[] }, to: { current: OnSheet[] }) => {
      const next = from.current.at(-1);
      if (!next) return;
      from.current = from.current.slice(0, -1);
      to.current = [...to.current, latest.current];
      flow.current = null;
      store(next);
    },
    [store],
  );
  /** Lays words on the sheet: on an empty one as a whole, else after what is there. */
  const layWords = useCallback(
    (text: string) => {
      const { rows: there, split } = latest.current;
      const before = scriptOfRows(there);
      const laid = read(text);
      const cut = layRows(before ? `${before}\n\n${laid.whole}` : laid.whole, split, newId);
      const rows = cut.length ? cut : [blank()];
      change({ ...latest.current, rows, ...(before ? { whole: null, told: null, came: null } : laid) });
    },
    [change],
  );
  return {
    ...now,
    script: scriptOfRows(now.rows),
    /** Whether what lies here would survive a reload. */
    keeps,
    markup,
    caret,
    /** The caret stands where it was wanted. */
    caretDone: useCallback(() => setCaret(null), []),
    goTo: setCaret,
    type: (id: string, text: string, at: number) => {
      const { rows, split } = latest.current;
      const isAlone = rows.length === 1 && !rows[0]?.text.trim();
      const laidNow = text.includes('\n') ? read(text) : null;
      const words = laidNow?.whole ?? text;
      const next = typeInRow(rows, id, words, words === text ? at : words.length, split, newId);
      // A script that is pasted on an empty sheet can be cut again from its own lines.
      if (isAlone && laidNow) {
        change({ ...latest.current, rows: next.rows, ...laidNow });
        if (next.caret) setCaret(next.caret);
      } else laid(next, next.rows.length === rows.length ? `type/${id}` : null);
    },
    layWords,
    endRow: (id: string, at: number) => laid(splitRow(latest.current.rows, id, at, newId)),
    joinRow: (id: string) => laid(joinRow(latest.current.rows, id)),
    toggleTitle: (id: string) =>
      laid({
        rows: latest.current.rows.map((r) => (r.id === id ? { ...r, title: !r.title } : r)),
        caret: null,
      }),
    cutBy: (split: Split) => {
      const { rows, whole } = latest.current;
      const cut = layRows(whole ?? scriptOfRows(rows), split, newId);
      change({ ...latest.current, split, rows: cut.length ? cut : [blank()] });
    },
    /** Lays the words as they came. */
    asTheyCame: () => {
      const { came, split } = latest.current;
      if (came !== null)
        change({ ...latest.current, rows: layRows(came, split, newId), whole: came, told: null, came: null });
    },
    takeAs: (as: OnSheet['as']) => change({ ...latest.current, as }),
    addFile: useCallback(
      (file: LaidFile) =>
        change({
          ...latest.current,
          files: [...latest.current.files.filter((f) => f.assetId !== file.assetId), file],
        }),
      [change],
    ),
    removeFile: (id: string) =>
      change({ ...latest.current, files: latest.current.files.filter((f) => f.id !== id) }),
    undo: () => step(past, future),
    redo: () => step(future, past),
    canUndo: past.current.length > 0,
    canRedo: future.current.length > 0,
    clear: useCallback(() => {
      past.current = [];
      future.current = [];
      localStorage.removeItem(KEPT);
      latest.current = emptySheet();
      setNow(latest.current);
    }, []),
  };
}
