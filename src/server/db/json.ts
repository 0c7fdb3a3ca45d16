/** A JSON column's value: MariaDB gives it as text. */
export const json = (value: unknown): unknown => (typeof value === 'string' ? JSON.parse(value) : value);
