import { nanoid } from 'nanoid';
import { Failed } from '../../core/failure.ts';
import { draftFromLines } from '../../core/outline/draft.ts';
import { draftFromOutline } from '../../core/outline/from-outline.ts';
import { outlineLines } from '../../core/outline/outline.ts';
import { fitDraft } from '../../core/piece/fit.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import type { Piece } from '../../core/piece/types.ts';
import { voiceSpeed } from '../../core/sound/speech.ts';
import { cutScript } from '../../core/text/script.ts';
import { embedder } from '../shelf/embedder.ts';
import { planPainting } from '../shelf/painter.ts';
import { loadShelf, nabFrom, search } from '../shelf/search.ts';
import { nabPiece, warmLines, withPictures } from '../shelf/shelf.ts';
import type { MatchTasks } from './tasks.ts';

const newId = () => nanoid(10);

/** A draft as a piece can hold it, with pictures nabbed for the scenes that have none. */
async function drawn(draft: Piece, from: 'script' | 'outline'): Promise<Piece> {
  const fitted = fitDraft(draft, newId);
  const scenes = fitted.scenes.length;
  if (scenes > LIMITS.scenes)
    throw new Failed({ code: 'too-many-scenes', scenes, most: LIMITS.scenes, from });
  return withPictures(fitted, await nabFrom(fitted));
}

export const MATCH_TASKS: MatchTasks = {
  async 'draft-script'(script, split, options) {
    const lines = cutScript(script, split);
    if (!lines.length) throw new Failed({ code: 'no-lines' });
    return drawn(draftFromLines(lines, options, newId), 'script');
  },
  async 'draft-outline'(source, choices, options) {
    const lines = outlineLines(source, choices, voiceSpeed(options.voice));
    if (!lines.length) throw new Failed({ code: 'no-outline-lines' });
    return drawn(draftFromOutline(source, choices, lines, options, newId), 'outline');
  },
  nab: async (piece) => nabPiece(piece, await nabFrom(piece)),
  search,
  'plan-painting': planPainting,
  async warm(lines) {
    await Promise.all([warmLines(lines), loadShelf()]);
  },
  meanings: (texts) => embedder.embed(texts),
};
