'use client';

import { LRUCache } from 'lru-cache';
import { createContext, useContext, useSyncExternalStore } from 'react';
import { addWord, listWords, removeWord } from '../../../../api/material.ts';
import { sureLanguageOf } from '../../../../core/text/language.ts';
import { type SpelledWord, spelledWords } from '../../../../core/text/spelling.ts';
import type { SpellingAnswer, SpellingAsk } from '../../../../workers/spelling.worker.ts';
import { call } from '../../../shared/api.ts';

/** Words are asked for together after this quiet. */
const ASK_AFTER_MS = 250;

/** Knows which words are spelled right; asks a worker for those it has not met. */
export class Speller {
  private readonly verdict = new Map<string, boolean>();
  private own = new Set<string>();
  private waiting = new Set<string>();
  /** Words asked for while the dictionaries could not be loaded. */
  private readonly unread = new Set<string>();
  private readonly listeners = new Set<() => void>();
  private readonly answers = new Map<number, (a: SpellingAnswer) => void>();
  private worker: Worker | null = null;
  private timer: ReturnType<typeof setTimeout> | null = null;
  private next = 1;
  private version = 0;
  /** The language of the piece; there are dictionaries for English alone. */
  private language = 'en';
  /** Why words could not be looked up; null while all is well. */
  failure: string | null = null;
  /** Results by text; one that a new verdict does not change stays the same array, so that its row is not drawn again. */
  private readonly memo = new LRUCache<string, { version: number; words: SpelledWord[]; bad: SpelledWord[] }>(
    { max: 3000 },
  );

  async start(): Promise<void> {
    this.own = new Set((await call(listWords, {}).catch(() => [])).map((w) => w.toLowerCase()));
    this.changed();
  }

  get ownWords(): string[] {
    return [...this.own].sort();
  }

  async learn(word: string): Promise<void> {
    this.own.add(word.toLowerCase());
    this.changed();
    await call(addWord, { body: { word: word.toLowerCase() } });
  }

  async forget(word: string): Promise<void> {
    this.own.delete(word.toLowerCase());
    this.changed();
    await call(removeWord, { body: { word: word.toLowerCase() } });
  }

  /** Nothing is underlined in a language that no dictionary is there for. */
  setLanguage(language: string): void {
    if (language === this.language) return;
    this.language = language;
    this.changed();
  }

  /** The words of a text that no dictionary has; those that are not known yet are asked for and count as right. */
  wrong(text: string): SpelledWord[] {
    const known = this.memo.get(text);
    if (known?.version === this.version) return known.bad;
    const english = this.language === 'en' && (sureLanguageOf(text) ?? 'en') === 'en';
    const words = !english ? [] : known?.words.length ? known.words : spelledWords(text);
    for (const { word } of words) if (!this.verdict.has(word) && !this.unread.has(word)) this.ask(word);
    const bad = words.filter(
      (w) => this.verdict.get(w.word) === false && !this.own.has(w.word.toLowerCase()),
    );
    const same =
      known !== undefined && known.bad.length === bad.length && known.bad.every((w, i) => w === bad[i]);
    const result = same ? known.bad : bad;
    this.memo.set(text, { version: this.version, words, bad: result });
    return result;
  }

  /** Loads the dictionaries again and looks up what could not be looked up. */
  again(): void {
    this.failure = null;
    const words = [...this.unread];
    this.unread.clear();
    for (const w of words) this.ask(w);
    this.changed();
  }

  suggest(word: string): Promise<string[]> {
    return this.send({ id: 0, kind: 'suggest', word }).then((a) => ('suggestions' in a ? a.suggestions : []));
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): number => this.version;

  dispose(): void {
    if (this.timer) clearTimeout(this.timer);
    this.worker?.terminate();
  }

  private ask(word: string): void {
    this.waiting.add(word);
    if (this.timer) return;
    this.timer = setTimeout(() => {
      this.timer = null;
      const words = [...this.waiting];
      this.waiting.clear();
      void this.send({ id: 0, kind: 'check', words }).then((a) => {
        if ('failed' in a) {
          for (const w of words) this.unread.add(w);
          this.failure = 'The dictionaries could not be loaded, so nothing is checked.';
          return this.changed();
        }
        const bad = new Set('bad' in a ? a.bad : []);
        for (const w of words) this.verdict.set(w, !bad.has(w));
        if (bad.size) this.changed();
      });
    }, ASK_AFTER_MS);
  }

  private send(ask: SpellingAsk): Promise<SpellingAnswer> {
    this.worker ??= this.open();
    const id = this.next++;
    return new Promise((resolve) => {
      this.answers.set(id, resolve);
      this.worker?.postMessage({ ...ask, id });
    });
  }

  private open(): Worker {
    const worker = new Worker(new URL('../../../../workers/spelling.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.onmessage = ({ data }: MessageEvent<SpellingAnswer>) => {
      this.answers.get(data.id)?.(data);
      this.answers.delete(data.id);
    };
    worker.onerror = (e) => {
      this.worker = null;
      for (const [id, answer] of this.answers) answer({ id, failed: e.message });
      this.answers.clear();
    };
    return worker;
  }

  private changed(): void {
    this.version++;
    for (const l of this.listeners) l();
  }
}

export const SpellerContext = createContext<Speller | null>(null);

export function useSpeller(): Speller {
  const speller = useContext(SpellerContext);
  if (!speller) throw new Error('useSpeller is used outside the piece screen.');
  return speller;
}

/** Misspelled words of a text, up to date as verdicts come in. */
export function useMisspelled(text: string): SpelledWord[] {
  const speller = useSpeller();
  return useSyncExternalStore(
    speller.subscribe,
    () => speller.wrong(text),
    () => NONE,
  );
}

const NONE: SpelledWord[] = [];
