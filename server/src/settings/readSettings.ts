import { USUAL_SETTINGS, type ConsentWording, type PracticeSettings } from '@taxikine/core';
import type { EntityManager } from 'typeorm';

/** As the row of a practice has them: what was not decided is as usual. */
export interface SettingsRow {
  readonly name: string;
  readonly idle_min: number | null;
  readonly settings: Partial<PracticeSettings>;
}

export const settingsOf = ({
  name,
  idle_min: idleMin,
  settings,
}: SettingsRow): PracticeSettings => ({
  ...USUAL_SETTINGS,
  ...settings,
  name,
  idleMin,
});

/** What holds for the practice that is worked for. */
export async function readSettings(manager: EntityManager): Promise<PracticeSettings> {
  const [row] = (await manager.query('SELECT * FROM own_practice()')) as SettingsRow[];
  return settingsOf(row);
}

/** The zone in which days are meant where no device says its own. */
export const zoneOf = async (manager: EntityManager): Promise<string> =>
  (await readSettings(manager)).timeZone ?? 'UTC';

/** Every wording that clients were ever asked to agree to here, the newest first. */
export async function listWordings(manager: EntityManager): Promise<ConsentWording[]> {
  const rows = (await manager.query(
    'SELECT version, text, made_on FROM consent_wording ORDER BY restored, made_on DESC',
  )) as { version: string; text: string; made_on: Date }[];
  return rows.map(({ version, text, made_on: on }) => ({
    version,
    text,
    madeOn: on.toISOString(),
  }));
}
