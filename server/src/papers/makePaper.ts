import type { DataSource } from 'typeorm';
import { Paper } from '../database/entities/Paper';
import { inPractice } from '../database/inPractice';
import { AppError } from '../ground/errors';
import type { PaperAsked } from '../jobs/queues';
import { handoutPdf } from '../pdf/handoutPdf';
import { reportPdf } from '../pdf/reportPdf';
import { fingerprintOf, readPaper, type PaperContent } from './readPaper';

const pdfOf = (content: PaperContent): Promise<Buffer> =>
  content.paper === 'report' ? reportPdf(content.about) : handoutPdf(content.about);

/** null when there is nothing to put on paper any more: whoever waits asks again, and is told why. */
const maybeContent = (source: DataSource, asked: PaperAsked): Promise<PaperContent | null> =>
  inPractice(source, asked.practiceId, (manager) => readPaper(manager, asked)).catch((error) => {
    if (error instanceof AppError) return null;
    throw error;
  });

/** Makes a paper of what is kept now, unless it is there already. Drawing it takes no transaction. */
export async function makePaper(
  source: DataSource,
  asked: PaperAsked,
  now: () => Date,
): Promise<void> {
  const { practiceId, clientId } = asked;
  const content = await maybeContent(source, asked);
  if (!content) return;
  const fingerprint = fingerprintOf(content);
  const isThere = await inPractice(source, practiceId, (manager) =>
    manager.existsBy(Paper, { fingerprint }),
  );
  if (isThere) return;
  const bytes = await pdfOf(content);
  const paper = { practiceId, clientId, fingerprint, bytes, madeOn: now().toISOString() };
  await inPractice(source, practiceId, (manager) =>
    manager
      .createQueryBuilder()
      .insert()
      .into(Paper)
      .values({ id: crypto.randomUUID(), ...paper })
      .orIgnore()
      .execute(),
  );
}
