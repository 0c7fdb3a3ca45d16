import type { CreditFact } from '../exchange/credits.ts';
import type { Failure } from '../failure.ts';
import type { Destination } from '../kit/destinations.ts';
import type { Edit } from '../piece/edit.ts';
import type { Piece, Scene } from '../piece/types.ts';
import type { SpelledWord } from '../text/spelling.ts';
import type { Facts, Timeline, TimelineScene } from '../timeline/types.ts';

/** What is known of a piece's material besides what the timeline needs. */
export interface ProofFacts extends Facts {
  /** Narrations that no voice can make, by key. */
  refused: Readonly<Record<string, Failure>>;
  /** Where posts go. */
  destinations: readonly Destination[];
  /** What reviewers said that nobody has settled yet. */
  comments: readonly { id: string; author: string; text: string; sceneId: string | null }[];
  /** The words of a text that no dictionary has. */
  misspelled(text: string): readonly SpelledWord[];
  /** On what terms each picture is used, by its id. */
  credits: Readonly<Record<string, CreditFact>>;
}

export interface ProofInput {
  piece: Piece;
  timeline: Timeline;
  facts: ProofFacts;
}

/** What every mark has: where it is, and the one action that would mend it; null where only the writer can. */
export interface Finding {
  sceneId: string;
  repair: Edit | null;
}

/** stop: the video should not go out like this. look: worth a look. note: a figure to know. */
export type Weight = 'stop' | 'look' | 'note';

/** One kind of thing that can be wrong. */
export interface Check<F extends Finding = Finding> {
  weight: Weight;
  /** Where it is worked on, by the name of the pass. */
  pass: string;
  find(input: ProofInput): F[];
}

/** A scene with its place in the timeline. */
export interface Row {
  scene: Scene;
  at: TimelineScene;
  index: number;
}

export const rowsOf = ({ piece, timeline }: ProofInput): Row[] =>
  piece.scenes.flatMap((scene, index) => {
    const at = timeline.scenes[index];
    return at ? [{ scene, at, index }] : [];
  });
