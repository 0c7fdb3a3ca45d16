import { contentWords } from '../text/tokens.ts';

/** A photo, when it was taken (local time as its camera wrote it) and what its owner says of it. */
export interface TakenPhoto {
  id: string;
  takenAt: string | null;
  /** Words and names that were typed for it; none for one that is only numbered. */
  words: readonly string[];
}

/** What a photo has from those that were taken with it. */
export interface Session {
  /** The same for photos of one occasion. */
  session: string;
  /** Words that were typed for others of the occasion, the nearest in time first. */
  calledFor: string[];
  /** The photo with words that is nearest in time, which may be itself; null when none has any. */
  nearest: string | null;
}

/** Photos belong to one occasion while none is longer than this after the one before. */
const APART_MS = 90 * 60_000;
/** So many words are taken over from others. */
const MOST_WORDS = 24;

/**
 * Photos by occasion: a name or a place that is typed for one of them calls for the others too. Photos without a time are
 * left out. Names are taken over as they were typed; nobody's face is recognised.
 */
export function sessionsOf(photos: readonly TakenPhoto[]): Map<string, Session> {
  const timed = photos
    .flatMap((p) => {
      const at = p.takenAt === null ? Number.NaN : timeOf(p.takenAt);
      return Number.isFinite(at) ? [{ ...p, at }] : [];
    })
    .sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  const occasions: (typeof timed)[] = [];
  for (const photo of timed) {
    const last = occasions.at(-1);
    if (last && photo.at - (last.at(-1)?.at ?? 0) <= APART_MS) last.push(photo);
    else occasions.push([photo]);
  }
  const out = new Map<string, Session>();
  for (const occasion of occasions) {
    const named = occasion.filter((p) => p.words.length);
    for (const photo of occasion) {
      const own = new Set(wordsOf(photo.words));
      const near = [...named].sort(
        (a, b) => Math.abs(a.at - photo.at) - Math.abs(b.at - photo.at) || a.at - b.at,
      );
      const others = near.flatMap((p) => wordsOf(p.words)).filter((w) => !own.has(w));
      out.set(photo.id, {
        session: occasion[0]?.id ?? '',
        calledFor: [...new Set(others)].slice(0, MOST_WORDS),
        nearest: near[0]?.id ?? null,
      });
    }
  }
  return out;
}

/** Without a zone the clock is taken as it stands, whatever the zone of this machine. */
const timeOf = (at: string): number => Date.parse(/(Z|[+-]\d\d:?\d\d)$/.test(at) ? at : `${at}Z`);

const wordsOf = (texts: readonly string[]): string[] =>
  texts.flatMap((t) => contentWords(t).map((w) => w.text.toLowerCase()));
