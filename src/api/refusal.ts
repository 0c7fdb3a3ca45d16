import type { Failure } from '../core/failure.ts';

/** The body of every answer that refuses. error: the failure in words, for who reads it without the interface. */
export interface Refusal {
  failure: Failure;
  error: string;
}
