/** Ends a switch over a union: a member that is added later does not compile until it is handled. */
export function assertNever(value: never): never {
  throw new Error(`There is a case that nobody handles: ${JSON.stringify(value)}.`);
}
