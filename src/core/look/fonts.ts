/**
 * The one manifest of fonts: what the browser loads, what the render registers and what the start command lays beside the
 * application comes from here. Each file of a subset has a family name of its own, so that both sides look glyphs up in
 * the same order.
 */
export interface FontFile {
  /** Family name on both sides. */
  name: string;
  /** In the package's folder under node_modules. */
  file: string;
  /** Under /fonts, without ending. */
  address: string;
  /** Range of weights that the file may be asked for; null for fonts without weights. */
  weights: [least: number, most: number] | null;
  /** CSS unicode-range. */
  range: string;
  /** Some letters of the range, with which the browser is made to load it; null loads it when a text needs it. */
  sample: string | null;
}

const LATIN =
  'U+0000-00FF, U+0131, U+0152-0153, U+02BB-02BC, U+02C6, U+02DA, U+02DC, U+0304, U+0308, U+0329, U+2000-206F, U+20AC, U+2122, U+2191, U+2193, U+2212, U+2215, U+FEFF, U+FFFD';
const LATIN_EXTENDED =
  'U+0100-02BA, U+02BD-02C5, U+02C7-02CC, U+02CE-02D7, U+02DD-02FF, U+1E00-1E9F, U+1EF2-1EFF, U+2020, U+20A0-20AB, U+20AD-20C0, U+2113';
const EMOJI = 'U+200D, U+20E3, U+2600-27BF, U+2B00-2BFF, U+FE0F, U+1F000-1FAFF, U+E0020-E007F';

const WEIGHTS: FontFile['weights'] = [100, 900];

export const FONT_FILES = [
  {
    name: 'Nab Display',
    file: '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-800-normal.woff2',
    address: 'nab-display',
    weights: WEIGHTS,
    range: LATIN,
    sample: 'Aa',
  },
  {
    name: 'Nab Display Ext',
    file: '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-ext-800-normal.woff2',
    address: 'nab-display-ext',
    weights: WEIGHTS,
    range: LATIN_EXTENDED,
    sample: 'Łő',
  },
  {
    name: 'Nab Text',
    file: '@fontsource/figtree/files/figtree-latin-700-normal.woff2',
    address: 'nab-text',
    weights: WEIGHTS,
    range: LATIN,
    sample: 'Aa',
  },
  {
    name: 'Nab Text Ext',
    file: '@fontsource/figtree/files/figtree-latin-ext-700-normal.woff2',
    address: 'nab-text-ext',
    weights: WEIGHTS,
    range: LATIN_EXTENDED,
    sample: 'Łő',
  },
  {
    name: 'Nab Emoji',
    file: '@fontsource/noto-color-emoji/files/noto-color-emoji-emoji-400-normal.woff2',
    address: 'nab-emoji',
    weights: null,
    range: EMOJI,
    sample: null,
  },
] as const satisfies readonly FontFile[];

type FontName = (typeof FONT_FILES)[number]['name'];

/** A typeface of a look: families in the order in which a glyph is looked for, and the weight. */
export interface Typeface {
  families: readonly FontName[];
  weight: number;
}

/** A typeface at a size, pixels. */
export interface Font extends Typeface {
  size: number;
}

export const cssFont = (f: Font): string =>
  `${f.weight} ${f.size}px ${f.families.map((n) => `"${n}"`).join(', ')}, sans-serif`;

/** The style sheet that tells the browser of the font files. */
export const fontFaces = (files: readonly FontFile[] = FONT_FILES): string =>
  files
    .map((f) =>
      [
        '@font-face {',
        `  font-family: "${f.name}";`,
        `  src: url("/fonts/${f.address}.woff2") format("woff2");`,
        ...(f.weights ? [`  font-weight: ${f.weights.join(' ')};`] : []),
        '  font-display: block;',
        `  unicode-range: ${f.range};`,
        '}\n',
      ].join('\n'),
    )
    .join('');
