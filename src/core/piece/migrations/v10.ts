import { addsToStyle } from './style-fields.ts';

/** Words that the voice has not come to yet may be seen. */
export const fromV10 = addsToStyle(11, { ahead: null });
