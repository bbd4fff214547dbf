import type { PersonShown, Role } from '@taxikine/core/records/wire/people';
import { useQuery } from '@tanstack/react-query';
import { call } from './api';
import { PEOPLE } from './askedAnew';
import { useHouseChange } from './useHouseChange';

export interface NewPerson {
  readonly name: string;
  readonly email: string;
  readonly role: Role;
}

export interface PersonChange {
  readonly role: Role;
  readonly ended: boolean;
  /** Who has the clients that are kept to them, when they are let in no more: a coach by id, or all. */
  readonly handTo?: string;
}

/** Everybody of the practice; asked for by its owner. */
export const usePeople = () =>
  useQuery({
    queryKey: PEOPLE,
    queryFn: () => call<{ people: PersonShown[] }>('GET', '/people').then(({ people }) => people),
    staleTime: 0,
  });

/** Invites somebody; the token of their link is told this once. */
export const useInvite = () =>
  useHouseChange(PEOPLE, (person: NewPerson) => call<{ token: string }>('POST', '/people', person));

export const useInviteAgain = (id: string) =>
  useHouseChange(PEOPLE, (_again: void) =>
    call<{ token: string }>('POST', `/people/${id}/link`, {}),
  );

/** Lets somebody in by the password alone, who has lost the phone and the recovery codes. */
export const useDropFactor = (id: string) =>
  useHouseChange(PEOPLE, (_drop: void) => call('DELETE', `/people/${id}/factor`));

export const useChangePerson = (id: string) =>
  useHouseChange(PEOPLE, (change: PersonChange) => call('PUT', `/people/${id}`, change));
