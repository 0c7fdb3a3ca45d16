import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { FAMILIES, type Family, type FamilyName, familyOf } from '../../core/look/families.ts';
import { cssName } from '../../core/look/fonts.ts';
import { CONFIG } from '../config.ts';

/** A font file: one family, one style, some letters. */
export interface FontFile {
  family: FamilyName;
  /** Its name in the render, where each file is looked in by itself. */
  alias: string;
  /** In the package's folder under node_modules. */
  file: string;
  /** Under /fonts, without ending. */
  address: string;
  /** CSS font-weight: one, or two of a variable font. */
  weight: string;
  style: 'normal' | 'italic';
  /** CSS unicode-range. */
  range: string;
  /** The same as [first, last] code points. */
  letters: readonly [number, number][];
}

/** Subsets that a family for one script leaves to the families for all of them. */
const FOR_ALL = new Set(['latin', 'latin-ext', 'cyrillic', 'vietnamese', 'math', 'symbols']);

const known = new Map<FamilyName, readonly FontFile[]>();

/** The files of a family, those for Latin letters first. Throws where the package is not installed. */
export function fontFilesOf(name: FamilyName): readonly FontFile[] {
  const have = known.get(name);
  if (have) return have;
  const files = readFiles(name, familyOf(name));
  known.set(name, files);
  return files;
}

export const allFontFiles = (): FontFile[] => (Object.keys(FAMILIES) as FamilyName[]).flatMap(fontFilesOf);

function readFiles(name: FamilyName, family: Family): FontFile[] {
  const folder = path.join(CONFIG.root, 'node_modules', family.from);
  if (!existsSync(folder)) throw new Error(`The fonts of ${family.from} are missing. Run npm ci.`);
  const id = family.from.slice(family.from.indexOf('/') + 1);
  const ranges = family.whole
    ? { [family.whole.subset]: family.whole.range }
    : (JSON.parse(readFileSync(path.join(folder, 'unicode.json'), 'utf8')) as Record<string, string>);
  const subsets = Object.entries(ranges)
    .filter(([subset]) => family.kind !== 'script' || !FOR_ALL.has(subset))
    .sort(([a], [b]) => Number(b === 'latin') - Number(a === 'latin'));
  const { weights } = family;
  const cuts =
    'from' in weights
      ? [{ part: 'wght', weight: `${weights.from} ${weights.to}` }]
      : weights.map((w) => ({ part: String(w), weight: String(w) }));
  const styles = family.italic ? (['normal', 'italic'] as const) : (['normal'] as const);
  return subsets.flatMap(([subset, range]) =>
    cuts.flatMap(({ part, weight }) =>
      styles.flatMap((style): FontFile[] => {
        const address = `${id}-${subset.replace(/[[\]]/g, '')}-${part}-${style}`;
        const file = path.join(family.from, 'files', `${address}.woff2`);
        if (!existsSync(path.join(CONFIG.root, 'node_modules', file))) return [];
        const alias = `${cssName(name)} ${subset}`;
        return [{ family: name, alias, file, address, weight, style, range, letters: lettersOf(range) }];
      }),
    ),
  );
}

/** "U+0-7F,U+1F600" as code points. */
const lettersOf = (range: string): [number, number][] =>
  range.split(',').map((part) => {
    const [first = 0, last] = part
      .trim()
      .replace(/^U\+/i, '')
      .split('-')
      .map((n) => Number.parseInt(n, 16));
    return [first, last ?? first];
  });

/** The style sheet that tells the browser of every font file; a file is loaded only when a text needs it. */
export const fontFaces = (files: readonly FontFile[] = allFontFiles()): string =>
  files
    .map(
      (f) =>
        `@font-face{font-family:"${cssName(f.family)}";src:url("/fonts/${f.address}.woff2") format("woff2");` +
        `font-weight:${f.weight};font-style:${f.style};font-display:block;unicode-range:${f.range}}`,
    )
    .join('\n');
