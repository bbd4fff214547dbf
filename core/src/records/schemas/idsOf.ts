/** Ids of the rows of a table. */
export const idsOf = <const T extends string>(rows: readonly { readonly id: T }[]): T[] =>
  rows.map((row) => row.id);
