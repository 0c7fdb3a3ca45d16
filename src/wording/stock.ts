import type { LibraryState } from '../core/stock/types.ts';

/** An amount of euro cents; what costs nothing is said. */
export const euros = (cents: number): string => (cents === 0 ? 'free' : `€${(cents / 100).toFixed(2)}`);

/** How a library answered, as a sentence; empty where it did. */
export function libraryWords(library: string, state: LibraryState['state'], waitS = 0): string {
  switch (state) {
    case 'answered':
      return '';
    case 'slow':
      return `${library} did not answer in time. Try again in a moment.`;
    case 'limited':
      return `${library} asks for patience. Try again in ${waitS} s.`;
    case 'failed':
      return `${library} cannot be reached at the moment. The shelf and the other libraries go on.`;
  }
}
