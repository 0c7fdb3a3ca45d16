import type { LeftOut, Passage } from '../../core/source/types.ts';
import type { Note } from './clean.ts';

/** A passage that is no sentence of the text, wherever it stands. */
const ORPHAN =
  /^((read|see|watch) (also|more|next)\b.*|(posted in|categor(y|ies)|topics?):.*|.{0,120}all rights reserved\.?|advertisement|share( this)?|print|read more|more on this|photo(graph)?:.*|image:.*|credit:.*|see also:?.*|lesen sie auch.*|lire aussi.*|czytaj także.*|\d+ comments?|\d+ min(utes)?( to)? read|updated:?.*|published:?.*|tags?:.*|filed under.*|continue reading.*|(©|copyright|all rights reserved|tous droits|alle rechte|wszelkie prawa).*|(sign up|subscribe|follow us|join our|download our app|support us|click here)\b.{0,120}|loading.*|listen to this article.*|\d+:\d\d|[^\p{L}\p{N}]*)$/iu;

/** Headings of what comes after an article. */
const AFTERWARDS =
  /^((\d+ )?(comments?|responses?|replies|letters from readers)\b|responses|more (from|on|stories|articles)|related|you (may|might) also|read (next|also|more)|recommended|most read|written by|about the (author|writer)|leave a (reply|comment)|share this|sign up|subscribe|newsletter|follow us|is this page useful|was this (page|article)|kommentare|commentaires|mehr zum thema|à lire aussi|dans la même rubrique|czytaj także|komentarze)/i;

/** Takes off the title where it is repeated, bylines, lone links and scraps at the edges. */
export function trimEdges(passages: Passage[], title: string, author: string, note: Note): Passage[] {
  const text = (p: Passage) => p.sentences.map((s) => s.text).join(' ');
  const scrap = (t: string, why: LeftOut) => note({ textContent: t }, why);
  const plain = (t: string) =>
    t
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim();
  const lengths = passages.map((p) => text(p).length);
  const total = lengths.reduce((n, l) => n + l, 0);
  let before = 0;
  // Everything after "Responses" or "More from this writer", when that stands in the second half.
  const end = passages.findIndex((p, i) => {
    const late = before > total * 0.5;
    before += lengths[i] ?? 0;
    return late && text(p).length < 70 && AFTERWARDS.test(text(p));
  });
  if (end >= 0) for (const p of passages.slice(end)) scrap(text(p), 'after-end');
  const own = end >= 0 ? passages.slice(0, end) : passages;
  const titleAt = own.findIndex((p, i) => i < 12 && plain(text(p)) === plain(title));
  const textAt = own.findIndex((p) => p.kind !== 'heading' && text(p).length >= 80);
  return own.filter((p, i) => {
    const t = text(p);
    if (i === titleAt || (plain(t) === plain(title) && i < 6)) return false;
    // Signs, names and dates round the title: short, and no sentences.
    const round = i < titleAt || (i < textAt && p.kind !== 'heading' && titleAt >= 0);
    if (round && t.length < 60 && !/[.!?…:]["”’)]*$/.test(t)) {
      scrap(t, 'head');
      return false;
    }
    const head = i < 5 && t.length < 110;
    const byline =
      head &&
      ((author !== '' && t.includes(author)) ||
        /^(by|von|par|posted by|text:|words:)\s/i.test(t) ||
        (/\b\d{4}\b/.test(t) && t.length < 60 && !/[.!?]$/.test(t)));
    if (byline) {
      scrap(t, 'byline');
      return false;
    }
    if (ORPHAN.test(t)) {
      scrap(t, 'scrap');
      return false;
    }
    return true;
  });
}
