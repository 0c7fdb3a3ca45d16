/** Sizes that a render can have: lines of the short side. */
export const HEIGHTS = [480, 720, 1080] as const;
export type Height = (typeof HEIGHTS)[number];
