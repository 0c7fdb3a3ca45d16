/** What is dragged goes to a line that is so near, in shares of the stage. */
const NEAR = 0.014;

export interface Snapped {
  value: number;
  /** The line to which it went; null for none. */
  line: number | null;
}

/** A place on one axis, at the nearest line within reach. parts: places of what is dragged that may meet a line, from its middle. */
export function snap(value: number, parts: readonly number[], lines: readonly number[]): Snapped {
  let best: Snapped & { off: number } = { value, line: null, off: NEAR };
  for (const part of parts)
    for (const line of lines) {
      const off = Math.abs(value + part - line);
      if (off < best.off) best = { value: line - part, line, off };
    }
  return { value: best.value, line: best.line };
}
