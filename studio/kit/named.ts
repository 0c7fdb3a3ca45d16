/** An entry of a table by a name that came as data. Throws when there is none: a row, a motif or an order is wrong. */
export function named<T>(table: Readonly<Record<string, T>>, name: string | undefined): T {
  const found = name !== undefined && Object.hasOwn(table, name) ? table[name] : undefined;
  if (found === undefined)
    throw new Error(`“${name}” is not known; there are ${Object.keys(table).join(', ')}.`);
  return found;
}

/** Entry i of a list. Throws when there is none: a motif is wrong. */
export function nth<T>(list: ArrayLike<T>, i: number): T {
  const found = list[i];
  if (found === undefined) throw new RangeError(`There is no entry ${i}; there are ${list.length}.`);
  return found;
}
