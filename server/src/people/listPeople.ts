import type { PersonShown, Role } from '@taxikine/core';
import type { EntityManager } from 'typeorm';

interface Row {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  readonly ended_on: Date | null;
  readonly joined: boolean;
  readonly has_factor: boolean;
  readonly keeps: number;
}

const COLUMNS = `id, name, email, role, ended_on, joined,
  EXISTS (SELECT FROM second_factor f WHERE f.coach_id = coach.id AND f.on_since IS NOT NULL) AS has_factor,
  (SELECT count(*)::int FROM kept_client k WHERE k.coach_id = coach.id) AS keeps`;

const shown = ({ ended_on, joined, has_factor: hasFactor, ...person }: Row): PersonShown => ({
  ...person,
  hasFactor,
  state: ended_on ? 'ended' : joined ? 'here' : 'invited',
});

/** Everybody of the practice that is worked for, by name. */
export const listPeople = async (manager: EntityManager): Promise<PersonShown[]> =>
  ((await manager.query(`SELECT ${COLUMNS} FROM coach ORDER BY name, id`)) as Row[]).map(shown);

/** Everybody, held until the work is over: who the owners are does not change meanwhile. */
export const heldPeople = async (manager: EntityManager): Promise<PersonShown[]> =>
  ((await manager.query(`SELECT ${COLUMNS} FROM coach ORDER BY id FOR UPDATE`)) as Row[]).map(
    shown,
  );
