import { idSchema, J, type DeedShown } from '@taxikine/core';
import { Router } from 'express';
import Papa from 'papaparse';
import type { DataSource } from 'typeorm';
import { listDeeds } from '../audit/listDeeds';
import { noteDeed } from '../audit/noteDeed';
import { inPractice } from '../database/inPractice';
import { input } from './input';
import { needConfirmed } from './needConfirmed';
import { needOwner } from './needOwner';
import { signedIn } from './needSession';

const AT_ONCE = 60;
/** Lines of a file; older ones are asked for in the database. */
const MOST_LINES = 20_000;

const deedsSchema = J.object({ before: idSchema().optional() });

const lineOf = ({ on, deed, by, to, name, detail }: DeedShown) => ({
  ...{ on, by, deed, to: to ?? '', name: name ?? '', detail },
});

/** What was done in a practice, for its owners. */
export function deedRoutes(source: DataSource): Router {
  const router = Router();

  router.get('/practice/deeds', needOwner, async (request, response) => {
    const { before = null } = input<{ before?: string }>(deedsSchema, { ...request.query });
    const deeds = await inPractice(source, signedIn(response).practice.id, (manager) =>
      listDeeds(manager, { before, limit: AT_ONCE }),
    );
    response.json({ deeds, more: deeds.length === AT_ONCE });
  });

  router.get('/practice/deeds.csv', needConfirmed(source), async (_request, response) => {
    const { coach, practice } = signedIn(response);
    const deeds = await inPractice(source, practice.id, async (manager) => {
      await noteDeed(manager, { by: coach.id, deed: 'deeds-exported' });
      return listDeeds(manager, { before: null, limit: MOST_LINES });
    });
    response
      .type('text/csv')
      .set('Content-Disposition', 'attachment; filename="deeds.csv"')
      .send(Papa.unparse(deeds.map(lineOf), { escapeFormulae: true }));
  });

  return router;
}
