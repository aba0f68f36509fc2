/** A table's rows by their ids. */
export const byId = <T extends { id: string }>(rows: readonly T[]): Readonly<Record<T['id'], T>> =>
  Object.fromEntries(rows.map((row) => [row.id, row])) as Readonly<Record<T['id'], T>>;
