import { QUIET_RANK } from '@taxikine/core';
import type { DataSource } from 'typeorm';
import { readInPractice, type PreparedQuery } from '../database/readInPractice';

export const SORTS = ['name', 'urgency', 'last-visit'] as const;
export const FILTERS = ['all', 'waiting', 'home'] as const;

export interface ListAsked {
  readonly day: string;
  readonly sort: (typeof SORTS)[number];
  /** `waiting`: pain from home, something that hangs, or a look that is due; `home`: with a plan. */
  readonly filter: (typeof FILTERS)[number];
  /** Part of the name or of what they do; empty for everybody. */
  readonly search: string;
  readonly from: number;
  readonly limit: number;
}

const ORDER: Readonly<Record<ListAsked['sort'], string>> = {
  name: 'name, client_id',
  urgency: 'rank, due_on, name, client_id',
  'last-visit': 'last_visit_on DESC, name, client_id',
};

const WHERE: Readonly<Record<ListAsked['filter'], string>> = {
  all: 'true',
  waiting: `(rank, due_on) <= (${QUIET_RANK}, $1)`,
  home: `summary -> 'home' <> 'null'`,
};

/** `%` and `_` are letters here. */
const likeWords = (search: string): string =>
  `%${search
    .trim()
    .toLowerCase()
    .replaceAll(/[\\%_]/g, '\\$&')}%`;

/** The query of one page of the list, under a condition; exported so that it can be timed alone. */
export function pageQuery(asked: ListAsked, condition = 'true'): PreparedQuery {
  const { day, sort, filter, search, from, limit } = asked;
  const found = search.trim() ? 'words LIKE $4' : '$4::text IS NULL';
  return {
    name: `clients ${sort} ${filter} ${search.trim() ? 'searched' : 'all'}`,
    sql: `SELECT summary::text AS summary FROM client_summary
WHERE ${condition} AND $1::text IS NOT NULL AND ${WHERE[filter]} AND ${found}
ORDER BY ${ORDER[sort]} OFFSET $2 LIMIT $3`,
    values: [day, from, limit + 1, search.trim() ? likeWords(search) : null],
  };
}

/**
 * One page of the practice's clients, as the text of a JSON document `{ clients, next }`: summaries go out as
 * they were kept, and who reads them lays the day over them (`clientLine`). `next` is where the next page
 * begins, null at the end.
 */
export async function listClients(
  source: DataSource,
  practiceId: string,
  asked: ListAsked,
): Promise<string> {
  const rows = await readInPractice<{ summary: string }>(source, practiceId, (condition) =>
    pageQuery(asked, condition),
  );
  const { from, limit } = asked;
  const clients = rows.slice(0, limit).map(({ summary }) => summary);
  const next = rows.length > limit ? from + limit : null;
  return `{"clients":[${clients.join(',')}],"next":${next}}`;
}
