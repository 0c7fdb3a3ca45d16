import type { ReviewLink } from '../api/reviews.ts';
import type { Aspect, Changes, SceneChange } from '../core/piece/changes.ts';

/** What is other, of a scene or the whole. */
const aspectWords: Record<Aspect, string> = {
  words: 'the words on the screen',
  voice: 'what is said',
  picture: 'the picture',
  look: 'the look',
  border: 'how it begins',
  length: 'how long it stands',
  music: 'the music',
  format: 'the format',
};

const listed = (parts: readonly string[]): string =>
  parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;

/** What became of a scene, in a few words. */
export function sceneChangeWords({ before, after, moved, aspects }: SceneChange): string {
  if (before === null) return 'new';
  if (after === null) return 'left out';
  const parts = [
    ...(moved ? [`it stood at ${before + 1}`] : []),
    ...(aspects.length ? [`${listed(aspects.map((a) => aspectWords[a]))} changed`] : []),
  ];
  return parts.join('; ');
}

/** How much is other since then, in a sentence. since: "version 2". */
export function changesWords({ piece, scenes }: Changes, since: string): string {
  const count = (n: number, what: string) => (n ? [`${n} ${what}`] : []);
  const fresh = scenes.filter((s) => s.before === null).length;
  const gone = scenes.filter((s) => s.after === null).length;
  const parts = [
    ...count(scenes.length - fresh - gone, 'changed'),
    ...count(fresh, 'new'),
    ...count(gone, 'left out'),
  ];
  const whole = piece.length ? ` In the whole piece: ${listed(piece.map((a) => aspectWords[a]))}.` : '';
  return parts.length || whole
    ? `Since ${since}: ${listed(parts) || 'no scene by itself'}.${whole}`
    : `Nothing that is seen or heard has changed since ${since}.`;
}

export const linkStateWords: Record<ReviewLink['state'], string> = {
  open: 'open',
  expired: 'its time is over',
  withdrawn: 'withdrawn',
};
