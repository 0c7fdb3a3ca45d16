/** A mistake of the user's: one clear line, exit code 2. */
export class UsageError extends Error {
  override name = 'UsageError';
}
