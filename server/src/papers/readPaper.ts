import {
  careAtHome,
  maybeCurrentPlan,
  maybeOpenPlan,
  maybeVisitFile,
  withNorms,
  type ClientFile,
  type PracticeSettings,
  type VisitFile,
} from '@taxikine/core';
import { createHash } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import { AppError, notFound } from '../ground/errors';
import type { PaperAsked } from '../jobs/queues';
import type { HandoutAbout } from '../pdf/handoutPdf';
import type { ReportAbout } from '../pdf/reportPdf';
import { maybeClientFile } from '../records/readFile';
import { readSettings } from '../settings/readSettings';

/** What a paper is made from, all of it. */
export type PaperContent =
  | { readonly paper: 'report'; readonly about: ReportAbout }
  | { readonly paper: 'handout'; readonly about: HandoutAbout };

const heldBack = new AppError(422, {
  code: 'blocked',
  message: 'No drills on paper: consent is missing, or a clinician has to clear this client first.',
  hint: 'Open the safety step of a visit.',
});

function handoutOf(
  file: ClientFile,
  { name: practice, weekStart: begins }: PracticeSettings,
  large: boolean,
): PaperContent {
  if (!maybeCurrentPlan(file)) throw notFound('plan for home');
  const open = maybeOpenPlan(file);
  if (!open) throw heldBack;
  const known = careAtHome(file, open.plan);
  return {
    paper: 'handout',
    about: { practice, client: file.client, ...open, known, large, begins },
  };
}

function oneVisit(file: ClientFile, id: string | null): VisitFile {
  const visit = id && maybeVisitFile(file, id);
  if (!visit) throw notFound('visit');
  return visit;
}

/**
 * Reads what a paper is made from.
 *
 * @throws AppError 404 when there is no such visit, client or plan, 422 when no drill may be on paper
 */
export async function readPaper(
  manager: EntityManager,
  { paper, clientId, visitId, large }: PaperAsked,
): Promise<PaperContent> {
  const file = await maybeClientFile(manager, clientId);
  if (!file) throw notFound('client');
  const settings = await readSettings(manager);
  const { name, units, timeZone, norms } = settings;
  return paper === 'handout'
    ? handoutOf(file, settings, large)
    : {
        paper,
        about: {
          practice: name,
          visit: oneVisit(withNorms(file, norms), visitId),
          units,
          timeZone: timeZone ?? 'UTC',
        },
      };
}

/** The same for the same content, and for nothing else. */
export const fingerprintOf = (content: PaperContent): string =>
  createHash('sha256').update(JSON.stringify(content)).digest('hex');
