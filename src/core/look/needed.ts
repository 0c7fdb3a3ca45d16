import type { Piece, Scene } from '../piece/types.ts';
import { dressOf, lookNameOf } from './dress.ts';
import { cssFont } from './fonts.ts';
import { LAYOUTS, type WordLayout } from './layouts.ts';
import { lookOf } from './looks.ts';
import { fontOf } from './typeset/arrange.ts';

/** Any size: which file is needed does not depend on it. */
const SIZE = 40;
/** What ornaments may write besides the words of a scene. */
const ORNAMENT_LETTERS = '“”0123456789.—·No';

/** The fonts that a piece needs, as CSS has them, each with all letters that it has to show. */
export function neededFonts(piece: Pick<Piece, 'look' | 'style' | 'scenes'>): Map<string, string> {
  const letters = new Map<string, Set<string>>();
  const add = (css: string, text: string) => {
    const have = letters.get(css) ?? new Set<string>();
    for (const c of text) have.add(c);
    letters.set(css, have);
  };
  const addScene = (scene: Pick<Scene, 'layout' | 'look' | 'shown' | 'translations'>) => {
    if (LAYOUTS[scene.layout].words === null) return;
    const { style, faces } = dressOf(piece, scene, scene.layout as WordLayout);
    // Deliveries in another language show other letters.
    const shown = scene.shown + scene.translations.map((t) => t.shown).join('');
    for (const role of new Set([style.head.face, (style.rest ?? style.head).face])) {
      const text = faces[role].upper ? shown + shown.toLocaleUpperCase() : shown;
      add(cssFont(fontOf(faces[role], SIZE)), text);
    }
    for (const face of Object.values(lookOf(lookNameOf(piece, scene)).faces))
      add(cssFont(fontOf(face, SIZE)), ORNAMENT_LETTERS);
  };
  piece.scenes.forEach(addScene);
  return new Map([...letters].map(([css, set]) => [css, [...set].sort().join('')]));
}
