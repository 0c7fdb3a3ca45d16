/** A place that the writer has to fill: ‹what belongs here›. */
export interface Blank {
  /** What belongs there. */
  hint: string;
  start: number;
  end: number;
}

export const blank = (hint: string): string => `‹${hint}›`;

/** The blanks of a text, in order. */
export function blanks(text: string): Blank[] {
  return [...text.matchAll(/‹([^‹›]*)›/g)].map((m) => ({
    hint: m[1] ?? '',
    start: m.index,
    end: m.index + m[0].length,
  }));
}
