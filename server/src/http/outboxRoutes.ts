import { J, type JobsShown } from '@taxikine/core';
import { Router } from 'express';
import { In, type DataSource, type EntityManager } from 'typeorm';
import { Client } from '../database/entities/Client';
import { Message } from '../database/entities/Message';
import { PracticeRetention } from '../database/entities/PracticeRetention';
import { inPractice } from '../database/inPractice';
import { listJobs, tryAgain } from '../jobs/listJobs';
import { toWire } from '../records/toWire';
import { input } from './input';
import { sightOf, signedIn } from './needSession';

const lettersSchema = J.object({
  from: J.string()
    .pattern(/^\d{1,6}$/, 'a whole number')
    .default('0'),
});

/** Not every job's id is a random one: a paper's is made of what is on it. */
const jobParam = J.object({ id: J.string().guid().required() });

const LETTERS_A_PAGE = 50;

/** Names of the clients that rows are about, by id. */
async function namesOf(
  manager: EntityManager,
  rows: readonly { readonly clientId: string | null }[],
): Promise<Record<string, string>> {
  const ids = [...new Set(rows.flatMap(({ clientId }) => clientId ?? []))];
  const clients = await manager.find(Client, {
    where: { id: In(ids) },
    select: { id: true, name: true },
  });
  return Object.fromEntries(clients.map(({ id, name }) => [id, name]));
}

/** What goes on in the background: letters, jobs, and what was rolled up. */
export function outboxRoutes(source: DataSource): Router {
  const router = Router();

  router.get('/letters', async (request, response) => {
    const from = Number(input<{ from: string }>(lettersSchema, { ...request.query }).from);
    const { rows, names } = await inPractice(source, sightOf(response), async (manager) => {
      const rows = await manager.find(Message, {
        order: { askedOn: 'DESC', id: 'ASC' },
        skip: from,
        take: LETTERS_A_PAGE + 1,
      });
      return { rows, names: await namesOf(manager, rows) };
    });
    response.json({
      letters: rows.slice(0, LETTERS_A_PAGE).map((row) => toWire<Message>(row)),
      names,
      next: rows.length > LETTERS_A_PAGE ? from + LETTERS_A_PAGE : null,
    });
  });

  router.get('/jobs', async (_request, response) => {
    const { id } = signedIn(response).practice;
    const shown = await inPractice(
      source,
      sightOf(response),
      async (manager): Promise<JobsShown> => {
        const jobs = await listJobs(manager, id);
        return { ...jobs, names: await namesOf(manager, jobs.stuck) };
      },
    );
    response.json(shown);
  });

  router.post('/jobs/:id/again', async (request, response) => {
    const { id } = input<{ id: string }>(jobParam, request.params);
    const { practice } = signedIn(response);
    await inPractice(source, practice.id, (manager) => tryAgain(manager, practice.id, id));
    response.status(204).end();
  });

  router.get('/practice/retention', async (_request, response) => {
    const row = await inPractice(source, sightOf(response), (manager) =>
      manager.findOne(PracticeRetention, { where: {} }),
    );
    response.json({ checks: row?.checks ?? [], madeOn: row?.madeOn ?? null });
  });

  return router;
}
