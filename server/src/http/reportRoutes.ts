import { J } from '@taxikine/core';
import { Router, type Response } from 'express';
import type { DataSource } from 'typeorm';
import { Visit } from '../database/entities/Visit';
import { inPractice } from '../database/inPractice';
import { notFound } from '../errors';
import { onePaper } from '../papers/onePaper';
import { idParam, input } from './input';
import { signedIn } from './needSession';

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
    const { practice } = signedIn(response);
    const visit = await inPractice(source, practice.id, (manager) =>
      manager.findOneBy(Visit, { id }),
    );
    if (!visit) throw notFound('visit');
    const { clientId, pattern, openedOn } = visit;
    const of = { practiceId: practice.id, clientId, visitId: id };
    const bytes = await onePaper(source, { ...of, paper: 'report', large: false }, withinMs);
    sendPdf(response, `session-${pattern}-${openedOn.slice(0, 10)}.pdf`, bytes);
  });
  router.get('/clients/:id/handout.pdf', async (request, response) => {
    const { id: clientId } = input<{ id: string }>(idParam, request.params);
    const { print } = input<{ print: 'usual' | 'large' }>(printSchema, { ...request.query });
    const of = { practiceId: signedIn(response).practice.id, clientId, visitId: null };
    const asked = { ...of, paper: 'handout', large: print === 'large' } as const;
    sendPdf(response, 'home-plan.pdf', await onePaper(source, asked, withinMs));
  });

  return router;
}
