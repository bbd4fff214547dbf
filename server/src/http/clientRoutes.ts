import { dayIn, daySchema, J } from '@taxikine/core';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { FILTERS, listClients, SORTS, type ListAsked } from '../today/listClients';
import { input } from './input';
import { sightOf, signedIn } from './needSession';

const whole = (text: string, helpers: { message: (words: { custom: string }) => unknown }) =>
  /^\d{1,6}$/.test(text) ? Number(text) : helpers.message({ custom: 'a whole number' });

const MOST_LINES = 100;

/** What of the list is asked for; nothing asked is everybody by name. */
const listSchema = J.object({
  day: daySchema(),
  sort: J.valid(...SORTS).default('name'),
  filter: J.valid(...FILTERS).default('all'),
  search: J.string().max(80).allow('').default(''),
  from: J.string()
    .custom(whole as never)
    .default(0),
  limit: J.string()
    .custom(whole as never)
    .default(50),
});

/** The list; a client's whole file is in `fileRoute`, single records in `recordRoutes`. */
export function clientRoutes(source: DataSource, now: () => Date): Router {
  const router = Router();

  router.get('/clients', async (request, response) => {
    const asked = input<Omit<ListAsked, 'day'> & { day?: string }>(listSchema, {
      ...request.query,
    });
    const { timeZone } = signedIn(response).practice;
    const day = asked.day ?? dayIn(now(), timeZone ?? 'UTC');
    const limit = Math.min(MOST_LINES, Math.max(1, asked.limit));
    response
      .type('json')
      .end(await listClients(source, sightOf(response), { ...asked, day, limit }));
  });

  return router;
}
