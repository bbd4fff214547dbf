import type { ConsentWording, PracticeSettings } from '@taxikine/core';
import { createHash } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { readSettings } from './readSettings';

/** What is left out stays as it is. */
export type ChangedSettings = Pick<PracticeSettings, 'name' | 'idleMin'> &
  Partial<PracticeSettings>;

/** Changes what holds for the practice; @returns all of it as it is then. */
export async function changeSettings(
  manager: EntityManager,
  by: string,
  { name, idleMin, ...settings }: ChangedSettings,
): Promise<PracticeSettings> {
  const before = await readSettings(manager);
  await manager.query('SELECT change_own_practice($1, $2, $3)', [
    name,
    idleMin,
    JSON.stringify(settings),
  ]);
  await noteDeed(manager, { by, deed: 'settings-changed' });
  const after = await readSettings(manager);
  // On which day a look is due is worked out with a client's line of the list.
  if (after.timeZone !== before.timeZone)
    await manager.query(
      `INSERT INTO stale_line (practice_id, client_id) SELECT practice_id, id FROM client
       ON CONFLICT DO NOTHING`,
    );
  return after;
}

/** Its first part counts; the second tells it from every other, of another practice too. */
const versionOf = (number: number, text: string): string =>
  `own-${number}-${createHash('sha256').update(text).digest('hex').slice(0, 6)}`;

/** Adds a wording that clients are asked to agree to from now on; who agreed to another one has agreed to that one. */
export async function wordConsent(
  manager: EntityManager,
  by: string,
  text: string,
): Promise<ConsentWording> {
  const [{ next }] = await manager.query('SELECT count(*)::int + 1 AS next FROM consent_wording');
  const version = versionOf(next, text);
  const [{ on }] = await manager.query(
    `INSERT INTO consent_wording (practice_id, version, text, made_by)
     VALUES (current_setting('app.practice_id')::uuid, $1, $2, $3) RETURNING made_on AS on`,
    [version, text, by],
  );
  await noteDeed(manager, { by, deed: 'consent-worded', detail: version });
  return { version, text, madeOn: (on as Date).toISOString() };
}
