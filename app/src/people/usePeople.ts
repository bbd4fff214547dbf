import type { PersonShown, Role } from '@taxikine/core/contract/people';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../data/api';
import { PEOPLE } from '../data/askedAnew';
import { confirmed } from '../data/confirming';

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

/** One change of the people, asked of the server alone: who is let in is not for a device to say. */
function useChange<Asked, Answer>(ask: (asked: Asked) => Promise<Answer>) {
  const client = useQueryClient();
  return useMutation({
    networkMode: 'always',
    gcTime: 0,
    mutationFn: (asked: Asked) => confirmed(() => ask(asked)),
    onSettled: () => client.invalidateQueries({ queryKey: PEOPLE }),
  });
}

/** Invites somebody; the token of their link is told this once. */
export const useInvite = () =>
  useChange((person: NewPerson) => call<{ token: string }>('POST', '/people', person));

export const useInviteAgain = (id: string) =>
  useChange((_again: void) => call<{ token: string }>('POST', `/people/${id}/link`, {}));

/** Lets somebody in by the password alone, who has lost the phone and the recovery codes. */
export const useDropFactor = (id: string) =>
  useChange((_drop: void) => call('DELETE', `/people/${id}/factor`));

export const useChangePerson = (id: string) =>
  useChange((change: PersonChange) => call('PUT', `/people/${id}`, change));
