import type { RecordKind } from '@taxikine/core';
import type { DataSource, EntityManager } from 'typeorm';
import type { PracticeRow } from '../database/columns';
import { isUniqueViolation } from '../database/databaseErrors';
import { AppliedWrite } from '../database/entities/AppliedWrite';
import { inPractice, type Sight } from '../database/inPractice';
import { AppError, invalid, notFound } from '../ground/errors';
import { EFFECTS } from './effects';
import { GUARDS } from './guards';
import { SERVER_COLUMNS } from './serverColumns';
import { RESOURCES } from './resources';
import { toWire } from './toWire';

export interface Write {
  readonly kind: RecordKind;
  readonly practiceId: string;
  /** What the one who writes sees of it. */
  readonly sight: Sight;
  /** Coach whose hand it is; null when no person wrote. */
  readonly coachId: string | null;
  /** Made by the device, one per write: the same write sent twice is carried out once. */
  readonly writeId: string;
  /** Version the device started from; 0 for a new record. */
  readonly version: number;
  readonly record: { id: string };
}

export interface Written {
  readonly record: { id: string; version: number };
  readonly created: boolean;
}

const conflict = (theirs: PracticeRow, mine: object): AppError =>
  new AppError(409, {
    code: 'conflict',
    message: 'This was changed on another device meanwhile.',
    hint: 'Choose which of the two to keep.',
    theirs: toWire(theirs),
    mine,
  });

async function guarded(
  write: Write,
  before: PracticeRow | null,
  manager: EntityManager,
): Promise<void> {
  const { kind, record: after, practiceId } = write;
  for (const guard of GUARDS[kind]) await guard({ before, after, practiceId, manager });
}

async function apply(write: Write, manager: EntityManager): Promise<Written> {
  const { entity, word } = RESOURCES[write.kind];
  const { id } = write.record;
  const before = await manager.findOne(entity, {
    where: { id },
    lock: { mode: 'pessimistic_write' },
  });
  const repeated = await manager.findOneBy(AppliedWrite, { writeId: write.writeId });
  if (repeated && repeated.recordId !== id)
    throw invalid('This write id was used for another record.', 'writeId', 'Nothing was written.');
  if (repeated && before) return { record: toWire(before), created: false };
  if (!before && write.version > 0) throw notFound(word);
  if (before && before.version !== write.version) throw conflict(before, write.record);
  await guarded(write, before, manager);
  const { practiceId, kind, writeId } = write;
  const own = SERVER_COLUMNS[kind]?.(before, write);
  const row = { ...write.record, ...own, practiceId, version: write.version + 1 };
  if (before) await manager.update(entity, { id }, row);
  else await manager.insert(entity, row);
  await manager.insert(AppliedWrite, { writeId, practiceId, kind, recordId: id });
  await EFFECTS[kind]?.({ manager, practiceId, record: write.record, created: !before });
  const after = await manager.findOneByOrFail(entity, { id });
  return { record: toWire(after), created: !before };
}

/**
 * Writes one record, whole or not at all.
 *
 * @throws AppError 404 for another practice's record, 409 with both versions on a conflict
 */
export async function putRecord(source: DataSource, write: Write): Promise<Written> {
  const attempt = () => inPractice(source, write.sight, (manager) => apply(write, manager));
  try {
    return await attempt();
  } catch (error) {
    if (!isUniqueViolation(error)) throw error;
  }
  // The id came into being meanwhile: by this very write sent twice at once, or with a client that is kept to another.
  try {
    return await attempt();
  } catch (error) {
    throw isUniqueViolation(error) ? notFound(RESOURCES[write.kind].word, error) : error;
  }
}
