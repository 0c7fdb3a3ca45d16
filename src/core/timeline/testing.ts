import { Typesetter } from '../look/typeset/typesetter.ts';

/** A typesetter for tests: every letter is half as wide as it is high. */
export const setter = (): Typesetter => new Typesetter((text, font) => text.length * font.size * 0.5);
