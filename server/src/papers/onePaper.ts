import { setTimeout as delay } from 'node:timers/promises';
import type { DataSource, EntityManager } from 'typeorm';
import { Paper } from '../database/entities/Paper';
import { inPractice, type Sight } from '../database/inPractice';
import { AppError } from '../ground/errors';
import type { PaperAsked } from '../jobs/queues';
import { forgetJob, jobIdOf, sendJob } from '../jobs/sendJob';
import { fingerprintOf, readPaper } from './readPaper';

const QUEUE = 'make-paper';
const LOOK_EVERY_MS = 150;

const stillMaking = new AppError(503, {
  code: 'still-making',
  message: 'The paper is still being made.',
  hint: 'It is asked for and will not be forgotten. Ask again in a moment.',
});

const failed = new AppError(500, {
  code: 'paper-failed',
  message: 'The paper could not be made.',
  hint: 'The outbox says why. Ask again to try again.',
});

type State = 'created' | 'retry' | 'active' | 'completed' | 'cancelled' | 'failed';

async function maybeStateOf(manager: EntityManager, id: string): Promise<State | null> {
  const rows = await manager.query('SELECT state FROM pgboss.job WHERE name = $1 AND id = $2', [
    QUEUE,
    id,
  ]);
  return rows[0]?.state ?? null;
}

const isOver = (state: State | null): boolean =>
  state !== null && ['completed', 'cancelled', 'failed'].includes(state);

const maybePaper = (manager: EntityManager, fingerprint: string): Promise<Paper | null> =>
  manager.findOneBy(Paper, { fingerprint });

/** Asks for a paper of what is kept now; tells what it will be known by. */
async function ask(manager: EntityManager, asked: PaperAsked): Promise<string> {
  const fingerprint = fingerprintOf(await readPaper(manager, asked));
  if (await maybePaper(manager, fingerprint)) return fingerprint;
  // The same content is asked for once.
  const id = jobIdOf(asked.practiceId, fingerprint);
  // It was made and fetched long ago, or it failed: it is made anew.
  if (isOver(await maybeStateOf(manager, id))) await forgetJob(manager, QUEUE, id);
  await sendJob(manager, QUEUE, asked, { id });
  return fingerprint;
}

/**
 * A PDF, made by the worker. What changes while it is made is in it.
 *
 * @throws AppError as `readPaper` does; 503 when it takes longer than `withinMs`, 500 when it cannot be made
 */
export async function onePaper(
  source: DataSource,
  asked: PaperAsked,
  { sight, withinMs }: { readonly sight: Sight; readonly withinMs: number },
): Promise<Buffer> {
  const until = Date.now() + withinMs;
  let fingerprint = await inPractice(source, sight, (manager) => ask(manager, asked));
  while (Date.now() < until) {
    const { paper, state } = await inPractice(source, sight, async (manager) => ({
      state: await maybeStateOf(manager, jobIdOf(asked.practiceId, fingerprint)),
      paper: await maybePaper(manager, fingerprint),
    }));
    if (paper) return paper.bytes;
    if (state === 'failed') throw failed;
    // Done, and not this: its content changed meanwhile.
    if (state === 'completed')
      fingerprint = await inPractice(source, sight, (manager) => ask(manager, asked));
    await delay(LOOK_EVERY_MS);
  }
  throw stillMaking;
}
