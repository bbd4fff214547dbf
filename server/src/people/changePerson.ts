import type { PersonShown, Role } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { noteDeed, type NewDeed } from '../audit/noteDeed';
import { endSessions, sessionsOf } from '../auth/ownSessions';
import { invalid } from '../ground/errors';
import { handOver, type HandTo } from '../keeping/handOver';
import { dropCoachLinks } from './coachLinks';
import { oneHeldBy, type Asking } from './oneHeldBy';

/** What an owner changes about somebody. */
export interface PersonChange {
  readonly role: Role;
  readonly ended: boolean;
  /** To whom clients go who are kept to them, when they are let in no more; null when it is not said. */
  readonly handTo: HandTo | null;
}

/** What of a change is kept: what is as it was is no deed. */
function deedsOf(
  was: PersonShown,
  { role, ended }: Pick<PersonChange, 'role' | 'ended'>,
): Pick<NewDeed, 'deed' | 'detail'>[] {
  const isOut = was.state === 'ended';
  return [
    ...(was.role === role ? [] : [{ deed: 'role-changed' as const, detail: role }]),
    ...(isOut === ended ? [] : [{ deed: ended ? ('let-go' as const) : ('let-in-again' as const) }]),
  ];
}

/**
 * Changes what somebody may do, or lets them in no more. Nobody changes themselves: so there is always an owner.
 *
 * @returns hashes of the tokens of their sessions: what is held of them is looked up anew
 * @throws AppError 422 when it is themselves, or clients are kept to them and it is not said who has them now
 */
export async function changePerson(
  manager: EntityManager,
  asking: Asking,
  id: string,
  { role, ended, handTo }: PersonChange,
): Promise<Buffer[]> {
  if (id === asking.coachId)
    throw invalid('Nobody changes this of themselves.', 'id', 'Ask another owner.');
  const was = await oneHeldBy(manager, asking, id);
  await manager.query(
    `UPDATE coach SET role = $2, ended_on = CASE WHEN $3 THEN coalesce(ended_on, now()) END
     WHERE id = $1`,
    [id, role, ended],
  );
  for (const deed of deedsOf(was, { role, ended }))
    await noteDeed(manager, { by: asking.coachId, to: id, ...deed });
  if (!ended) return sessionsOf(manager, id);
  await handOver(manager, { from: id, to: handTo, by: asking.coachId });
  await dropCoachLinks(manager, id);
  return endSessions(manager, id, 'all');
}
