import { readFileSync } from 'node:fs';

// Loaded before a program (NODE_OPTIONS) whose clock is to be moved: by so many milliseconds as stand in NABBET_CLOCK_FILE.
const file = process.env.NABBET_CLOCK_FILE ?? '';
const Real = Date;
let shift = 0;
setInterval(() => {
  try {
    shift = Number(readFileSync(file, 'utf8')) || 0;
  } catch {
    shift = 0;
  }
}, 200).unref();
const now = () => Real.now() + shift;
globalThis.Date = new Proxy(Real, {
  apply: () => new Real(now()).toString(),
  construct: (_, args) => (args.length ? new Real(...args) : new Real(now())),
  get: (_, key) => (key === 'now' ? now : Real[key]),
});
