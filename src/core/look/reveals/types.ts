import type { Frames } from '../../time.ts';
import type { RevealStyle } from '../types.ts';

/** What a reveal knows of a line; lengths in stage pixels. */
export interface RevealLine {
  /** Place in its page, from 0. */
  index: number;
  x: number;
  width: number;
  /** Of the ground, on each side. */
  pad: number;
  words: readonly RevealWord[];
}

/** A word, and the scene-local frames [start, end) while it is said. */
interface RevealWord {
  x: number;
  width: number;
  start: Frames;
  end: Frames;
}

/** The moment that is drawn. */
export interface RevealMoment {
  /** Scene-local. */
  frame: Frames;
  pageStart: Frames;
  /** The first page of the piece. */
  opening: boolean;
  /** The voice says other words than these: they cannot come with it. */
  standing: boolean;
  style: RevealStyle;
}

/** How words come: pure functions of a moment. */
export interface Reveal {
  label: string;
  /** How much of a line is there: the width of its ground from the left, pads included, and its opacity; null for nothing. */
  line(line: RevealLine, moment: RevealMoment): { width: number; alpha: number } | null;
  /** Opacity of a word, and of the mark behind it while it is said; null for nothing. */
  word(word: RevealWord, moment: RevealMoment): { alpha: number; said: number } | null;
}
