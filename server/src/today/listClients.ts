import { QUIET_RANK } from '@taxikine/core';
import type { DataSource } from 'typeorm';
import { settingsOf, type Sight } from '../database/inPractice';
import { readInPractice, type PreparedQuery } from '../database/readInPractice';
import { freshenLines } from './freshenLines';

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

interface Page {
  /** Any line of the practice is out of date. */
  readonly stale: boolean;
  /** One more than is shown, when there is more. */
  readonly count: number;
  /** Those that are shown, one after the other; null when there is none. */
  readonly lines: string | null;
}

/**
 * A page as it is kept, and whether it is out of date: one statement for both. Lines come as one text: a list of
 * texts is read letter by letter on its way in, which took longer than all the rest.
 */
async function readPage(source: DataSource, sight: Sight, asked: ListAsked) {
  const [page] = await readInPractice<Page>(source, sight, (condition) => {
    const { name, sql, values } = pageQuery(asked, condition);
    return {
      name,
      sql: `SELECT EXISTS (SELECT FROM stale_line WHERE ${condition}) AS stale, count(*)::int AS count,
  string_agg(summary, ',' ORDER BY place) FILTER (WHERE place < $3) AS lines
FROM (SELECT summary, row_number() OVER () AS place FROM (${sql}) AS page) AS placed`,
      values,
    };
  });
  return page;
}

/**
 * One page of the practice's clients that are seen, as the text of a JSON document `{ clients, next }`: summaries go out as
 * they were kept, and who reads them lays the day over them (`clientLine`). `next` is where the next page
 * begins, null at the end.
 */
export async function listClients(
  source: DataSource,
  sight: Sight,
  asked: ListAsked,
): Promise<string> {
  let page = await readPage(source, sight, asked);
  if (page.stale) {
    await freshenLines(source, settingsOf(sight)[0]);
    page = await readPage(source, sight, asked);
  }
  const { from, limit } = asked;
  const next = page.count > limit ? from + limit : null;
  return `{"clients":[${page.lines ?? ''}],"next":${next}}`;
}
