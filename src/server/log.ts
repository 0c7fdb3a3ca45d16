import pino from 'pino';

/** Structured logs: one JSON object a line, to standard error. NABBET_LOG sets the level. */
export const log = pino(
  { level: process.env.NABBET_LOG ?? 'info', base: { pid: process.pid } },
  pino.destination(2),
);
