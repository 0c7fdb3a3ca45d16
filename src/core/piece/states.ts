/** How far a piece can be, in order; a writer may call its state by a word of their own instead. */
export const KNOWN_STATES = ['draft', 'in review', 'approved', 'delivered'] as const;
export type KnownState = (typeof KNOWN_STATES)[number];

/**
 * The state after something happened that leads to one: only forwards, since what is delivered stays delivered when it is
 * reviewed once more, and a word of the writer's own is never overwritten.
 */
export function stateAfter(now: string, reached: KnownState): string {
  const at = KNOWN_STATES.indexOf(now as KnownState);
  return at < 0 || at >= KNOWN_STATES.indexOf(reached) ? now : reached;
}
