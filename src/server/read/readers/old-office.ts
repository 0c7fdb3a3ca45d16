import { Failed } from '../../../core/failure.ts';
import type { Reader } from './types.ts';

/** Old Word files, and new ones behind a password, come in the same wrapping. Known, so that it can be said what to do. */
export const oldOffice: Reader = {
  label: null,
  endings: [],
  recognises: ({ found }) => found?.ext === 'cfb',
  read() {
    throw new Failed({ code: 'old-office' });
  },
};
