import { J } from '@taxikine/core';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { makeLink } from '../auth/links';
import { Client } from '../database/entities/Client';
import { ClientLink, LINK_PURPOSES, type LinkPurpose } from '../database/entities/ClientLink';
import { inPractice } from '../database/inPractice';
import { notFound } from '../ground/errors';
import { idParam, input } from './input';
import { sightOf, signedIn } from './needSession';

/** A course and some weeks after it. */
const MOST_DAYS = 120;

export const newLinkSchema = J.object({
  purpose: J.valid(...LINK_PURPOSES).required(),
  days: J.number().integer().min(1).max(MOST_DAYS).required().label('days'),
});

const linkParams = J.object({
  id: J.string().guid({ version: 'uuidv4' }).required(),
  link: J.string().guid({ version: 'uuidv4' }).required(),
});

/** A link as its coach sees it: never its token, nor the hash of it. */
const shown = ({ id, purpose, madeOn, expiresOn, revokedOn }: ClientLink) => ({
  id,
  purpose,
  madeOn,
  expiresOn,
  revokedOn,
});

/** Doors for clients: made, listed and closed by their coach. */
export function linkRoutes(source: DataSource, now: () => Date): Router {
  const router = Router();

  router.get('/clients/:id/links', async (request, response) => {
    const { id: clientId } = input<{ id: string }>(idParam, request.params);
    const links = await inPractice(source, sightOf(response), (manager) =>
      manager.find(ClientLink, { where: { clientId }, order: { madeOn: 'DESC' } }),
    );
    response.json({ links: links.map(shown) });
  });

  router.post('/clients/:id/links', async (request, response) => {
    const { id: clientId } = input<{ id: string }>(idParam, request.params);
    const wanted = input<{ purpose: LinkPurpose; days: number }>(newLinkSchema, request.body);
    const { practice, coach } = signedIn(response);
    const made = await inPractice(source, sightOf(response), async (manager) => {
      if (!(await manager.existsBy(Client, { id: clientId }))) throw notFound('client');
      const whose = { practiceId: practice.id, clientId, coachId: coach.id, messageId: null };
      await noteDeed(manager, {
        by: coach.id,
        deed: 'link-made',
        to: clientId,
        detail: wanted.purpose,
      });
      return makeLink(manager, { ...whose, ...wanted }, now());
    });
    response.status(201).json({ link: shown(made.link), token: made.token });
  });

  router.delete('/clients/:id/links/:link', async (request, response) => {
    const { id: clientId, link: id } = input<{ id: string; link: string }>(
      linkParams,
      request.params,
    );
    const revokedOn = now().toISOString();
    const { coach } = signedIn(response);
    await inPractice(source, sightOf(response), async (manager) => {
      const { affected } = await manager.update(ClientLink, { id, clientId }, { revokedOn });
      if (!affected) throw notFound('link');
      await noteDeed(manager, { by: coach.id, deed: 'link-closed', to: clientId });
    });
    response.status(204).end();
  });

  return router;
}
