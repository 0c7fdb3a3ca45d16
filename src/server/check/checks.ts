import { assetsCheck } from './assets.ts';
import { leftoversCheck } from './leftovers.ts';
import { piecesCheck } from './pieces.ts';
import { rendersCheck } from './renders.ts';
import { sourcesCheck } from './sources.ts';
import type { StoredCheck } from './types.ts';

/** Everything that is stored, by kind. */
export const STORED_CHECKS: readonly StoredCheck[] = [
  piecesCheck,
  sourcesCheck,
  assetsCheck,
  rendersCheck,
  leftoversCheck,
];
