import { maybeVisitFile } from '@taxikine/core';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { Visit } from '../database/entities/Visit';
import { inPractice } from '../database/inPractice';
import { notFound } from '../errors';
import { reportPdf } from '../pdf/reportPdf';
import { maybeClientFile } from '../records/readFile';
import { idParam, input } from './input';
import { signedIn } from './needSession';

/** Reports as files. */
export function reportRoutes(source: DataSource): Router {
  const router = Router();
  router.get('/visits/:id/report.pdf', async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const { practice } = signedIn(response);
    const visit = await inPractice(source, practice.id, async (manager) => {
      const row = await manager.findOneBy(Visit, { id });
      const file = row && (await maybeClientFile(manager, row.clientId));
      return file && maybeVisitFile(file, id);
    });
    if (!visit) throw notFound('visit');
    const name = `session-${visit.visit.pattern}-${visit.visit.openedOn.slice(0, 10)}.pdf`;
    response
      .type('application/pdf')
      .set('Content-Disposition', `attachment; filename="${name}"`)
      .send(await reportPdf({ practice: practice.name, visit }));
  });
  return router;
}
