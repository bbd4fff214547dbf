import { J } from '@taxikine/core';
import { Router, type Response } from 'express';
import type { DataSource } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { Visit } from '../database/entities/Visit';
import { inPractice } from '../database/inPractice';
import { notFound } from '../ground/errors';
import { onePaper } from '../papers/onePaper';
import { idParam, input } from './input';
import { sightOf, signedIn } from './needSession';

const printSchema = J.object({ print: J.valid('usual', 'large').default('usual') });

function sendPdf(response: Response, name: string, bytes: Buffer): void {
  response
    .type('application/pdf')
    .set('Content-Disposition', `attachment; filename="${name}"`)
    .send(bytes);
}

/** Reports as files, made by the worker; a request waits for its own. */
export function reportRoutes(source: DataSource, withinMs: number): Router {
  const router = Router();
  router.get('/visits/:id/report.pdf', async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const { practice, coach } = signedIn(response);
    const sight = sightOf(response);
    const visit = await inPractice(source, sight, async (manager) => {
      const found = await manager.findOneBy(Visit, { id });
      if (!found) throw notFound('visit');
      await noteDeed(manager, { by: coach.id, deed: 'report-made', to: found.clientId });
      return found;
    });
    const { clientId, pattern, openedOn } = visit;
    const of = { practiceId: practice.id, clientId, visitId: id };
    const bytes = await onePaper(
      source,
      { ...of, paper: 'report', large: false },
      { sight, withinMs },
    );
    sendPdf(response, `session-${pattern}-${openedOn.slice(0, 10)}.pdf`, bytes);
  });
  router.get('/clients/:id/handout.pdf', async (request, response) => {
    const { id: clientId } = input<{ id: string }>(idParam, request.params);
    const { print } = input<{ print: 'usual' | 'large' }>(printSchema, { ...request.query });
    const { practice, coach } = signedIn(response);
    const sight = sightOf(response);
    const of = { practiceId: practice.id, clientId, visitId: null };
    const asked = { ...of, paper: 'handout', large: print === 'large' } as const;
    const bytes = await onePaper(source, asked, { sight, withinMs });
    await inPractice(source, sight, (manager) =>
      noteDeed(manager, { by: coach.id, deed: 'handout-made', to: clientId }),
    );
    sendPdf(response, 'home-plan.pdf', bytes);
  });

  return router;
}
