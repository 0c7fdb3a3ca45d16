import { addsToStyle } from './style-fields.ts';

/** Lines come in an order, their small part later, and words may be gone before their scene is. */
export const fromV9 = addsToStyle(10, { order: null, goneMs: null, restDelayMs: null });
