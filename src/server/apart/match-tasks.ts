import { nanoid } from 'nanoid';
import { Failed } from '../../core/failure.ts';
import { dressedDraft } from '../../core/look/choose.ts';
import { type AskedMood, scoredDraft } from '../../core/music/suited.ts';
import { draftFromLines, draftFromPictures } from '../../core/outline/draft.ts';
import { draftFromOutline } from '../../core/outline/from-outline.ts';
import { outlineLines } from '../../core/outline/outline.ts';
import { fitDraft } from '../../core/piece/fit.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import type { Piece } from '../../core/piece/types.ts';
import { castDraft } from '../../core/sound/cast.ts';
import { voiceSpeed } from '../../core/sound/voices.ts';
import { cutScript } from '../../core/text/script.ts';
import type { Milliseconds } from '../../core/time.ts';
import { seenScenes } from '../../core/timeline/times.ts';
import { pictureViews } from '../assets/lookup.ts';
import { embedder } from '../shelf/embedder.ts';
import { saidInEnglish } from '../shelf/in-english.ts';
import { planPainting } from '../shelf/painter.ts';
import { loadShelf, nabFrom, search, withBrought } from '../shelf/search.ts';
import { nabPiece, warmLines, withPictures } from '../shelf/shelf.ts';
import { otherVoicesFor } from '../speech/other-voices.ts';
import type { MatchTasks } from './tasks.ts';

const newId = () => nanoid(10);

/** A draft as a piece can hold it, with pictures nabbed for the scenes that have none. */
async function drawn(
  draft: Piece,
  mood: AskedMood,
  from: 'script' | 'outline',
  brought: readonly string[] = [],
): Promise<Piece> {
  const plain = castDraft(fitDraft(draft, newId), false, await otherVoicesFor(draft));
  const said = await saidInEnglish(plain);
  const fitted = dressedDraft(scoredDraft(plain, mood, said), said);
  const scenes = fitted.scenes.length;
  if (scenes > LIMITS.scenes)
    throw new Failed({ code: 'too-many-scenes', scenes, most: LIMITS.scenes, from });
  const own = brought.length ? await withBrought(fitted, brought) : fitted;
  return withPictures(own, await nabFrom(own));
}

/** A photo stands so long, a clip at most so long, when no words say otherwise. */
const PHOTO_MS: Milliseconds = 3000;
const CLIP_MOST_MS: Milliseconds = 8000;

async function lengthsOf(ids: readonly string[]): Promise<{ assetId: string; ms: Milliseconds }[]> {
  const views = await pictureViews(ids);
  return views.map((v) => ({
    assetId: v.id,
    ms: v.kind === 'clip' ? Math.min(CLIP_MOST_MS, Math.max(1000, v.durationMs)) : PHOTO_MS,
  }));
}

export const MATCH_TASKS: MatchTasks = {
  async 'draft-script'(script, split, options, brought) {
    const lines = cutScript(script, split);
    if (!lines.length && brought.length) return draftFromPictures(await lengthsOf(brought), options, newId);
    if (!lines.length) throw new Failed({ code: 'no-lines' });
    return drawn(draftFromLines(lines, options, newId), options.mood, 'script', brought);
  },
  async 'draft-outline'(source, choices, options) {
    const lines = outlineLines(source, choices, voiceSpeed(options.voice));
    if (!lines.length) throw new Failed({ code: 'no-outline-lines' });
    return drawn(draftFromOutline(source, choices, lines, options, newId), options.mood, 'outline');
  },
  async 'nab-outline'(source, choices, options) {
    const lines = outlineLines(source, choices, voiceSpeed(options.voice));
    if (!lines.length || lines.length > LIMITS.scenes) return {};
    const refs = lines.map((l) => l.ref);
    let made = 0;
    const draft = draftFromOutline(source, choices, lines, options, () => refs[made++] ?? newId());
    const { scenes } = await withPictures(draft, await nabFrom(draft));
    const seen = seenScenes(scenes);
    return Object.fromEntries(
      scenes.flatMap((s, i): [string, string][] => {
        const picture = seen[i] === i ? s.pictures[0] : scenes[seen[i] ?? i]?.pictures.at(-1);
        return picture?.by === 'nab' ? [[s.id, picture.assetId]] : [];
      }),
    );
  },
  nab: async (piece) => nabPiece(piece, await nabFrom(piece)),
  search,
  'plan-painting': planPainting,
  async warm(lines) {
    await Promise.all([warmLines(lines), loadShelf()]);
  },
  meanings: (texts) => embedder.embed(texts),
};
