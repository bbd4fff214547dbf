import { linkDays } from '@taxikine/core';
import type { DataSource, EntityManager } from 'typeorm';
import { ClientLink, type LinkPurpose } from '../database/entities/ClientLink';
import { HomePlanRow } from '../database/entities/HomePlanRow';
import type { Message } from '../database/entities/Message';
import { AppError } from '../ground/errors';
import { hashOfToken, newToken } from './tokens';

/** Who a link is for. */
export interface LinkHolder {
  readonly linkId: string;
  readonly practiceId: string;
  readonly practiceName: string;
  readonly clientId: string;
}

const gone = (code: string, message: string): AppError =>
  new AppError(410, { code, message, hint: 'Ask your coach for a new link.' });

const REFUSALS: Readonly<Record<string, AppError>> = {
  expired: gone('link-expired', 'This link has run out.'),
  revoked: gone('link-revoked', 'Your coach has closed this link.'),
};

/** One answer for a link that was altered, one that never was, and one whose client was erased. */
const unknown = gone('no-such-link', 'This link does not open anything.');

/**
 * Whose link this is.
 *
 * @param at by the clock that links are made by, and not the database's
 * @throws AppError 410 that tells apart a link that ran out, one that was closed, and one that is none
 */
export async function oneLinkHolder(
  source: DataSource,
  token: string,
  purpose: LinkPurpose,
  at: Date,
): Promise<LinkHolder> {
  const rows = await source.query('SELECT * FROM who_has_link($1, $2, $3)', [
    hashOfToken(token),
    purpose,
    at.toISOString(),
  ]);
  const row = rows[0];
  if (!row) throw unknown;
  if (row.state !== 'open') throw REFUSALS[row.state];
  return {
    linkId: row.link_id,
    practiceId: row.practice_id,
    practiceName: row.practice_name,
    clientId: row.client_id,
  };
}

/** A link that a letter carries: every try of the letter gets a token of its own, and the last one holds. */
export async function linkForLetter(
  manager: EntityManager,
  { id: messageId, planId, practiceId, clientId, askedBy }: Message,
  now: Date,
): Promise<string> {
  const plan = await manager.findOneByOrFail(HomePlanRow, { id: planId! });
  const known = await manager.findOneBy(ClientLink, { messageId });
  if (known) {
    const token = newToken();
    await manager.update(ClientLink, { id: known.id }, { tokenHash: hashOfToken(token) });
    return token;
  }
  const of = { practiceId, clientId, coachId: askedBy!, messageId };
  const { token } = await makeLink(
    manager,
    { ...of, purpose: 'page', days: linkDays(plan.weeks) },
    now,
  );
  return token;
}

export interface NewLink {
  readonly practiceId: string;
  readonly clientId: string;
  readonly coachId: string;
  readonly purpose: LinkPurpose;
  readonly days: number;
  /** The letter that carries it; null when the coach is told the address. */
  readonly messageId: string | null;
}

const DAY_MS = 86_400_000;

/** Makes a link. Its token is told this once and not kept. */
export async function makeLink(
  manager: EntityManager,
  { practiceId, clientId, coachId, purpose, days, messageId }: NewLink,
  now: Date,
): Promise<{ link: ClientLink; token: string }> {
  const token = newToken();
  const link = manager.create(ClientLink, {
    id: crypto.randomUUID(),
    practiceId,
    clientId,
    purpose,
    tokenHash: hashOfToken(token),
    madeBy: coachId,
    madeOn: now.toISOString(),
    expiresOn: new Date(now.getTime() + days * DAY_MS).toISOString(),
    revokedOn: null,
    messageId,
  });
  await manager.insert(ClientLink, link);
  return { link, token };
}
