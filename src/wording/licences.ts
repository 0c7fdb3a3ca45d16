/** One thing that ships with Nabbet or is used by it. */
export interface LicenceRow {
  name: string;
  version: string;
  licence: string;
  /** Whose it is, in its own words. */
  copyright: string;
  kind: keyof typeof LICENCE_KINDS;
}

/** Kinds of what is used, in the order in which they are listed. */
export const LICENCE_KINDS = {
  material: 'Pictures, sound, models, dictionaries',
  font: 'Fonts',
  program: 'Programs',
  library: 'Libraries',
} as const;
