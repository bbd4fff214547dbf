import type { Deed } from '@taxikine/core';
import type { EntityManager } from 'typeorm';

export interface NewDeed {
  readonly by: string;
  readonly deed: Deed;
  /** Id of the client or the coach that it is done to. */
  readonly to?: string;
  /** What else is to be said; nothing that names a client. */
  readonly detail?: string;
}

/** Keeps that something was done, in the practice that is worked for and with the work itself: both stay, or neither. */
export const noteDeed = (
  manager: EntityManager,
  { by, deed, to, detail = '' }: NewDeed,
): Promise<unknown> =>
  manager.query(
    `INSERT INTO deed (practice_id, done_by, deed, done_to, detail)
     VALUES (current_setting('app.practice_id')::uuid, $1, $2, $3, $4)`,
    [by, deed, to ?? null, detail],
  );
