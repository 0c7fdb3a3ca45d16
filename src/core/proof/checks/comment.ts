import type { Check, Finding } from '../types.ts';

export interface CommentFinding extends Finding {
  /** Of the comment. */
  id: string;
  author: string;
  text: string;
}

/** What a reviewer said and nobody has settled; at the scene of which it was said, or at the first one. */
export const comment: Check<CommentFinding> = {
  weight: 'look',
  pass: 'words',
  find({ piece, facts }) {
    const [first] = piece.scenes;
    if (!first) return [];
    const here = new Set(piece.scenes.map((s) => s.id));
    return facts.comments.map(({ id, author, text, sceneId }) => ({
      ...{ id, author, text, repair: null },
      sceneId: sceneId !== null && here.has(sceneId) ? sceneId : first.id,
    }));
  },
};
