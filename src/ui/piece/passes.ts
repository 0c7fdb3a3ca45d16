import { look } from './passes/look/pass.tsx';
import { music } from './passes/music/pass.tsx';
import { pictures } from './passes/pictures/pass.tsx';
import { proof } from './passes/proof/pass.tsx';
import type { Pass } from './passes/types.ts';
import { voice } from './passes/voice/pass.tsx';
import { words } from './passes/words/pass.tsx';

/** Every pass, in the order in which a writer goes through them. */
const PASSES = { words, pictures, look, voice, music, proof } satisfies Record<string, Pass>;

export type PassName = keyof typeof PASSES;
export const PASS_NAMES = Object.keys(PASSES) as PassName[];

export const passOf = (name: PassName): Pass => PASSES[name];
