/** Time as it passes; in tests it passes when it is told to. */
export interface Clock {
  now(): number;
  /** Calls once, after so many milliseconds; gives what calls it off. */
  after(ms: number, call: () => void): () => void;
}

export const browserClock: Clock = {
  now: () => Date.now(),
  after(ms, call) {
    const timer = setTimeout(call, ms);
    return () => clearTimeout(timer);
  },
};
