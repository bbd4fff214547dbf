import { daySchema, homeEntrySchema, homePage, J, type HomeEntry } from '@taxikine/core';
import { Router, type Request } from 'express';
import type { DataSource } from 'typeorm';
import { oneLinkHolder, type LinkHolder } from '../auth/links';
import { placeOf } from '../auth/placeOf';
import type { Failure, Tries } from '../auth/tries';
import { homeCalendar } from '../calendar/homeCalendar';
import type { LinkPurpose } from '../database/entities/ClientLink';
import { inPractice } from '../database/inPractice';
import { AppError, notFound } from '../ground/errors';
import { keepEntries } from '../home/keepEntries';
import { maybeClientFile } from '../records/readFile';
import { bearer } from './bearer';
import { input } from './input';

export const entriesSchema = J.object({
  entries: J.array().items(homeEntrySchema).min(1).max(200).required(),
});

const tokenSchema = J.object({
  token: J.string().base64({ paddingRequired: false, urlSafe: true }).max(64).required(),
});
const pageSchema = J.object({ day: daySchema().required() });

/** The client's page and calendar: no account, one client, a link that can be closed. */
export function homeRoutes(source: DataSource, tries: Tries, now: () => Date): Router {
  const router = Router();
  /** A link that opens is never refused, however much has failed beside it. */
  const holder = (token: string, purpose: LinkPurpose, { ip }: Request): Promise<LinkHolder> =>
    oneLinkHolder(source, token, purpose, now()).catch(async (error: unknown) => {
      if (!(error instanceof AppError)) throw error;
      const failures: Failure[] = [
        ['link', token],
        ['linksFromPlace', placeOf(ip)],
      ];
      await tries.take(1, ...failures);
      throw error;
    });
  const fileOf = async ({ practiceId, clientId }: LinkHolder) => {
    const file = await inPractice(source, practiceId, (manager) =>
      maybeClientFile(manager, clientId),
    );
    if (!file) throw notFound('client');
    return file;
  };

  router.get('/home', async (request, response) => {
    const { day } = input<{ day: string }>(pageSchema, { ...request.query });
    const link = await holder(bearer(request), 'page', request);
    response.json(homePage(await fileOf(link), link.practiceName, day));
  });

  router.post('/home/entries', async (request, response) => {
    const link = await holder(bearer(request), 'page', request);
    const { entries } = input<{ entries: HomeEntry[] }>(entriesSchema, request.body);
    await tries.take(entries.length, ['wordsOfLink', link.linkId]);
    const kept = await inPractice(source, link.practiceId, (manager) =>
      keepEntries(manager, link, entries),
    );
    response.status(201).json(kept);
  });

  router.get('/calendar/:token.ics', async (request, response) => {
    const { token } = input<{ token: string }>(tokenSchema, request.params);
    const link = await holder(token, 'calendar', request);
    const file = await fileOf(link);
    response
      .type('text/calendar')
      .set('Content-Disposition', 'inline; filename="home-plan.ics"')
      .send(homeCalendar(file, link.practiceName, now()));
  });

  return router;
}
