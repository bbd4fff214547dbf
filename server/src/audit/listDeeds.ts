import type { Deed, DeedShown } from '@taxikine/core';
import type { EntityManager } from 'typeorm';

interface Row {
  readonly id: string;
  readonly done_on: Date;
  readonly deed: Deed;
  readonly by_name: string;
  readonly done_to: string | null;
  readonly to_name: string | null;
  readonly detail: string;
}

/** Names are those of today: what is kept has none, and who was erased has none any more. */
const DEEDS_SQL = `
SELECT d.id, d.done_on, d.deed, b.name AS by_name, d.done_to, coalesce(k.name, d.detail) AS detail,
  coalesce(c.name, p.name) AS to_name
FROM deed d JOIN coach b ON b.id = d.done_by
LEFT JOIN client c ON c.id = d.done_to LEFT JOIN coach p ON p.id = d.done_to
LEFT JOIN coach k ON k.id::text = d.detail`;

const shown = ({ id, done_on, deed, by_name, done_to, to_name, detail }: Row): DeedShown => ({
  ...{ id, deed, detail },
  on: done_on.toISOString(),
  by: by_name,
  to: done_to,
  name: to_name,
});

export interface DeedsAsked {
  /** Those older than the deed with this id; null for the newest. */
  readonly before: string | null;
  readonly limit: number;
}

/** What was done in the practice that is worked for, the newest first. */
export async function listDeeds(
  manager: EntityManager,
  { before, limit }: DeedsAsked,
): Promise<DeedShown[]> {
  const rows: Row[] = await manager.query(
    `${DEEDS_SQL}
     WHERE $1::uuid IS NULL
       OR (d.done_on, d.id) < (SELECT o.done_on, o.id FROM deed o WHERE o.id = $1)
     ORDER BY d.done_on DESC, d.id DESC LIMIT $2`,
    [before, limit],
  );
  return rows.map(shown);
}
