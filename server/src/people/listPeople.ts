import type { PersonShown, Role } from '@taxikine/core';
import type { EntityManager } from 'typeorm';

interface Row {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  readonly ended_on: Date | null;
  readonly joined: boolean;
}

const COLUMNS = 'id, name, email, role, ended_on, joined';

const shown = ({ ended_on, joined, ...person }: Row): PersonShown => ({
  ...person,
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
