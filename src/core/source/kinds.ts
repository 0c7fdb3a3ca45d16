export const SOURCE_KINDS = ['script', 'article', 'product', 'photos'] as const;
/** What a writer brings. */
export type SourceKind = (typeof SOURCE_KINDS)[number];
