/** What became of one job of a batch; those that failed are tried again, the others are not. */
export type Outcome =
  { readonly status: 'done' } | { readonly status: 'failed'; readonly error: unknown };
