import { assertNever } from '../assert-never.ts';
import { castSpeakers } from '../sound/cast.ts';
import { type Edit, edit, type Op, pieceEdit } from './edit.ts';
import { type Piece, type PieceVoice, type Saying, type Scene, type Speaker, voiceIn } from './types.ts';

/** Whose voice is changed: that of the piece, of a speaker by name, or of single scenes. */
export type VoiceScope = { of: 'piece' } | { of: 'speaker'; name: string } | { of: 'scenes' };

/** The voice that a scope has now; of scenes, that of the first. */
export function voiceOfScope(piece: Piece, scope: VoiceScope, scenes: readonly Scene[]): PieceVoice {
  if (scope.of === 'speaker') return piece.speakers.find((s) => s.name === scope.name)?.voice ?? piece.voice;
  const [first] = scenes;
  return scope.of === 'scenes' && first ? voiceIn(piece, first) : piece.voice;
}

/** What is changed of a voice. merge: what flows, such as a slider that is drawn. */
export function changeVoice(
  piece: Piece,
  scope: VoiceScope,
  scenes: readonly Scene[],
  change: Partial<PieceVoice>,
  merge: string | null = null,
): Edit | null {
  switch (scope.of) {
    case 'piece':
      return pieceEdit('voice', { voice: { ...piece.voice, ...change } }, merge);
    case 'speaker': {
      const speakers = piece.speakers.map((s) =>
        s.name === scope.name ? { ...s, voice: { ...s.voice, ...change } } : s,
      );
      return pieceEdit('voice', { speakers }, merge);
    }
    case 'scenes': {
      const ops = scenes.map((s): Op => {
        const voice = { ...voiceIn(piece, s), ...change };
        return { op: 'scene', id: s.id, patch: { voice } };
      });
      return ops.length ? { ...edit('voice', ops, ops.length), merge } : null;
    }
    default:
      return assertNever(scope);
  }
}

/** Scenes without a voice of their own. */
export function clearVoice(scenes: readonly Scene[]): Edit | null {
  const own = scenes.filter((s) => s.voice !== null);
  return own.length
    ? edit(
        'voice',
        own.map((s): Op => ({ op: 'scene', id: s.id, patch: { voice: null } })),
        own.length,
      )
    : null;
}

/** Says who speaks in scenes; null for nobody in particular. A name that is new gets a voice that nobody has yet. */
export function setSpeaker(piece: Piece, scenes: readonly Scene[], name: string | null): Edit | null {
  const speaker = name?.trim() || null;
  const changed = scenes.filter((s) => s.speaker !== speaker);
  if (!changed.length) return null;
  const speakers = speaker ? castSpeakers(piece, [{ speaker }, { speaker: null }]) : piece.speakers;
  const cast: Op[] = speakers.length > piece.speakers.length ? [{ op: 'piece', patch: { speakers } }] : [];
  return edit(
    'speaker',
    [...cast, ...changed.map((s): Op => ({ op: 'scene', id: s.id, patch: { speaker } }))],
    changed.length,
  );
}

/** Takes a speaker out; what they said is said by the voice of the piece. */
export function removeSpeaker(piece: Piece, name: string): Edit {
  const said = piece.scenes.filter((s) => s.speaker === name);
  return edit('speaker', [
    { op: 'piece', patch: { speakers: piece.speakers.filter((s) => s.name !== name) } },
    ...said.map((s): Op => ({ op: 'scene', id: s.id, patch: { speaker: null } })),
  ]);
}

/** Another name for a speaker; null when it is empty or somebody else's. */
export function renameSpeaker(piece: Piece, name: string, to: string): Edit | null {
  const next = to.trim();
  if (!next || next === name || piece.speakers.some((s) => s.name === next)) return null;
  const speakers = piece.speakers.map((s): Speaker => (s.name === name ? { ...s, name: next } : s));
  const said = piece.scenes.filter((s) => s.speaker === name);
  return edit('speaker', [
    { op: 'piece', patch: { speakers } },
    ...said.map((s): Op => ({ op: 'scene', id: s.id, patch: { speaker: next } })),
  ]);
}

/** How a word is read; in place of what was said of the same word before. */
export function setSaying(piece: Piece, saying: Saying): Edit | null {
  const next = { written: saying.written.trim(), said: saying.said.trim() };
  if (!next.written || !next.said) return null;
  const same = (s: Saying) => s.written.toLowerCase() === next.written.toLowerCase();
  return pieceEdit('says', { says: [...piece.says.filter((s) => !same(s)), next] });
}

export const removeSaying = (piece: Piece, written: string): Edit =>
  pieceEdit('says', { says: piece.says.filter((s) => s.written !== written) });
