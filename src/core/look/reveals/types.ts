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
  /** Font size. */
  size: number;
  words: readonly RevealWord[];
}

/** A word, and the scene-local frames [start, end) while it is said. */
export interface RevealWord {
  text: string;
  x: number;
  width: number;
  start: Frames;
  end: Frames;
  /** Letters of the page before it, and its own. */
  before: number;
  letters: number;
  /** The first number of its page. */
  counts?: boolean;
}

/** The moment that is drawn. */
export interface RevealMoment {
  /** Scene-local. */
  frame: Frames;
  /** Page: [start, end), and how many letters it has. */
  pageStart: Frames;
  pageEnd: Frames;
  pageLetters: number;
  /** The first page of the piece. */
  opening: boolean;
  /** The voice says other words than these: they cannot come with it. */
  standing: boolean;
  /** None of them is said at all. */
  unsaid?: boolean | undefined;
  style: RevealStyle;
}

/** How far something stands from its place, stage pixels. */
interface Moved {
  dx?: number;
  dy?: number;
}

/** How words come: pure functions of a moment. */
export interface Reveal {
  label: string;
  /** How much of a line is there: the width of its ground from where it begins, pads included, and its opacity; null for nothing. */
  line(line: RevealLine, moment: RevealMoment): ({ width: number; alpha: number } & Moved) | null;
  /**
   * Opacity of a word, and of the mark behind it while it is said; null for nothing. grow: its size, 1 at its place. shown: how many
   * of its letters are there, whole ones. written: how much of it a hand has written, 0 to 1. text: other words of the same width.
   */
  word(
    word: RevealWord,
    moment: RevealMoment,
  ):
    | ({
        alpha: number;
        said: number;
        grow?: number;
        shown?: number;
        written?: number;
        text?: string;
      } & Moved)
    | null;
  /** Asks for single letters. */
  byLetter: boolean;
  /** Comes with the voice, word by word. */
  withVoice: boolean;
}
