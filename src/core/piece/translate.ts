import type { Milliseconds } from '../time.ts';
import { type Edit, edit, type Op, sceneEdit } from './edit.ts';
import type { Translation } from './translations.ts';
import type { Piece, Scene } from './types.ts';

/** Everything of a scene that is translated, as one text: by it is known whether the words have changed since. */
const wordsOf = ({ shown, spoken }: Pick<Scene, 'shown' | 'spoken'>): string =>
  spoken === null ? shown : `${shown}\n${spoken}`;

export const translationOf = (
  { translations }: Pick<Scene, 'translations'>,
  language: string,
): Translation | null => translations.find((t) => t.language === language) ?? null;

/** Languages in which a piece has words, in the order in which they come up. */
export const languagesOf = ({ scenes }: Pick<Piece, 'scenes'>): string[] => [
  ...new Set(scenes.flatMap((s) => s.translations.map((t) => t.language))),
];

/** none: there are no words. missing: they are not translated. older: they have changed since. done: as they are. */
export type TranslationState = 'none' | 'missing' | 'older' | 'done';

export function translationState(scene: Scene, language: string): TranslationState {
  if (!wordsOf(scene).trim()) return 'none';
  const there = translationOf(scene, language);
  if (!there || (!there.shown.trim() && !there.spoken?.trim())) return 'missing';
  return there.of === wordsOf(scene) ? 'done' : 'older';
}

/** What is said in a scene, in a language; null where it is not translated. */
export function spokenIn(scene: Scene, language: string): string | null {
  const there = translationOf(scene, language);
  const text = there?.spoken ?? there?.shown ?? '';
  return text.trim() ? text : null;
}

/**
 * A piece with its words on the screen in a language; where they are not translated they stay. The voice says what it said:
 * nothing has to be spoken again.
 */
export const inLanguage = (piece: Piece, language: string | null): Piece =>
  language === null
    ? piece
    : {
        ...piece,
        scenes: piece.scenes.map((scene): Scene => {
          const shown = translationOf(scene, language)?.shown ?? '';
          return shown.trim()
            ? { ...scene, shown, highlights: [], spoken: scene.spoken ?? scene.shown }
            : scene;
        }),
      };

/** A piece whose words, also those that are said, are those of a language where there are such. */
export const retold = (piece: Piece, language: string): Piece => ({
  ...piece,
  scenes: piece.scenes.map((scene): Scene => {
    const there = translationOf(scene, language);
    if (!there?.shown.trim() && !there?.spoken?.trim()) return scene;
    const shown = there.shown.trim() ? there.shown : scene.shown;
    return {
      ...scene,
      ...{ shown, spoken: there.spoken, highlights: [] },
      translations: scene.translations.filter((t) => t !== there),
    };
  }),
});

/** Words in another language for a scene: what is given is changed, the rest stays. */
export function translate(
  scene: Scene,
  language: string,
  text: Partial<Pick<Translation, 'shown' | 'spoken'>>,
): Edit {
  return sceneEdit(
    'translate',
    scene.id,
    { translations: translated(scene, language, text) },
    `translate/${language}`,
  );
}

function translated(
  scene: Scene,
  language: string,
  text: Partial<Pick<Translation, 'shown' | 'spoken'>>,
): Translation[] {
  const was = translationOf(scene, language) ?? { language, shown: '', spoken: null };
  const now = { ...was, ...text, of: wordsOf(scene) };
  const at = scene.translations.findIndex((t) => t.language === language);
  if (!now.shown && !now.spoken) return scene.translations.filter((t) => t.language !== language);
  return at < 0 ? [...scene.translations, now] : scene.translations.with(at, now);
}

/** Words for many scenes at once, by their ids; null when nothing changes. */
export function translateAll(
  piece: Pick<Piece, 'scenes'>,
  language: string,
  texts: ReadonlyMap<string, Partial<Pick<Translation, 'shown' | 'spoken'>>>,
): Edit | null {
  const ops = piece.scenes.flatMap((scene): Op[] => {
    const text = texts.get(scene.id);
    return text
      ? [{ op: 'scene', id: scene.id, patch: { translations: translated(scene, language, text) } }]
      : [];
  });
  return ops.length ? edit('translate', ops, ops.length) : null;
}

/** A language is not wanted any more: its words go, and deliveries in it are as the piece is written. */
export function removeLanguage(piece: Piece, language: string): Edit {
  const deliveries = piece.deliveries.map((d) => (d.language === language ? { ...d, language: null } : d));
  return edit('translate', [
    ...piece.scenes.flatMap((s): Op[] =>
      translationOf(s, language)
        ? [
            {
              ...{ op: 'scene', id: s.id },
              patch: { translations: s.translations.filter((t) => t.language !== language) },
            },
          ]
        : [],
    ),
    { op: 'piece', patch: { deliveries } },
  ]);
}

/** The translations of two scenes that become one: one after the other, and as old as the older of them. */
export function joinedTranslations(first: Scene, second: Scene): Translation[] {
  const languages = languagesOf({ scenes: [first, second] });
  return languages.map((language): Translation => {
    const [a, b] = [translationOf(first, language), translationOf(second, language)];
    const join = (one: string, other: string) => [one, other].filter(Boolean).join(' ');
    const done = [first, second].every((s) => ['done', 'none'].includes(translationState(s, language)));
    const shown = join(first.shown, second.shown);
    const said = first.spoken !== null || second.spoken !== null;
    const both = {
      shown,
      spoken: said ? join(first.spoken ?? first.shown, second.spoken ?? second.shown) : null,
    };
    return {
      language,
      shown: join(a?.shown ?? '', b?.shown ?? ''),
      spoken:
        (a?.spoken ?? null) === null && (b?.spoken ?? null) === null
          ? null
          : join(a?.spoken ?? a?.shown ?? '', b?.spoken ?? b?.shown ?? ''),
      of: done ? wordsOf(both) : join(a?.of ?? '', b?.of ?? ''),
    };
  });
}

/** A cue of a file of subtitles. */
export interface TimedText {
  startMs: Milliseconds;
  endMs: Milliseconds;
  text: string;
}

/** What a file says: cues with their times, or lines one below the other. */
export type SubtitleText = { kind: 'cues'; cues: TimedText[] } | { kind: 'lines'; lines: string[] };

/**
 * What of a file belongs to which scene, by scene index. Cues go to the scene in which most of each is heard, joined in their
 * order; lines to the scenes that have words, one each. rows: from when to when each scene lasts, and whether it has words. null:
 * there are other than as many lines as scenes with words.
 */
export function textOnto(
  text: SubtitleText,
  rows: readonly { startMs: Milliseconds; endMs: Milliseconds; words: boolean }[],
): Map<number, string> | null {
  if (text.kind === 'lines') {
    const worded = rows.flatMap(({ words }, i) => (words ? [i] : []));
    if (worded.length !== text.lines.length) return null;
    return new Map(worded.map((at, i) => [at, text.lines[i] as string]));
  }
  const out = new Map<number, string>();
  for (const cue of text.cues) {
    const shares = rows.map((s) => Math.min(s.endMs, cue.endMs) - Math.max(s.startMs, cue.startMs));
    const at = shares.indexOf(Math.max(...shares));
    if (at < 0 || (shares[at] as number) <= 0) continue;
    const before = out.get(at);
    out.set(at, before === undefined ? cue.text : `${before} ${cue.text}`);
  }
  return out;
}
