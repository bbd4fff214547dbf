import { HELD_WORDS } from '../../knowledge/roll';
import Papa from 'papaparse';
import { oneCheck } from '../../knowledge/checks';
import { oneFault } from '../../knowledge/faults';
import { climbedLadders } from '../../planning/ladder/climbedLadders';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { ClientFile } from '../../records/clientFile';
import type { LookRecord } from '../../records/looks/lookRecord';
import { ownNorm, repeatsIn } from '../../inference/visit/repeatsIn';
import { timesOf, valueOf } from '../../records/checks/plainReading';

/** Columns of the table, in order. */
export const MEASURE_COLUMNS = [
  'on',
  'visit',
  'pattern',
  'when',
  'kind',
  'measure',
  'side',
  'value',
  'unit',
  'standard_error',
  'readings',
  'words',
  'felt',
  'device',
] as const;

type Row = Record<(typeof MEASURE_COLUMNS)[number], string | number | null>;

const NOTHING = {
  value: null,
  unit: null,
  standard_error: null,
  readings: null,
  words: null,
  felt: null,
  device: null,
} as const;

type Base = Pick<Row, 'visit' | 'pattern'>;

function checkRow(record: CheckRecord, file: ClientFile, base: Base): Row {
  const row = oneCheck(record.check);
  const about = {
    ...NOTHING,
    ...base,
    on: record.doneOn,
    when: record.role,
    kind: 'check',
    measure: record.check,
    side: record.side,
    felt: record.felt,
    device: record.device,
  };
  const value = valueOf(record);
  if (row.type === 'result' || value === null) return { ...about, words: record.result };
  const readings = timesOf(record);
  const { sem, unit } = ownNorm(row, file.client.norms, repeatsIn(file.checks), readings);
  const standardError = Math.round(sem * 1000) / 1000;
  const words = record.held ? HELD_WORDS : null;
  return { ...about, value, unit, standard_error: standardError, readings, words };
}

const faultRows = (look: LookRecord, base: Base): Row[] =>
  look.faults.map((fault) => {
    const { unit, eyeSem } = oneFault(fault.fault);
    const numbered = fault.value !== undefined && unit;
    return {
      ...NOTHING,
      ...base,
      on: look.startedOn,
      when: look.role,
      kind: 'fault',
      measure: fault.fault,
      side: fault.side ?? null,
      words: fault.grade,
      ...(numbered ? { value: fault.value!, unit, standard_error: eyeSem, readings: 1 } : {}),
    };
  });

/** Rungs that were judged: the place of each, and what came of it. */
const rungRows = (file: ClientFile, baseOf: (visitId: string) => Base): Row[] =>
  climbedLadders(file).flatMap(({ ladder, standings }) =>
    standings.flatMap(({ side, tries }) =>
      tries.map(({ drill, place, verdict }) => ({
        ...NOTHING,
        ...baseOf(drill.visitId),
        on: drill.doneOn,
        when: 'work',
        kind: 'rung',
        measure: ladder.drill,
        side,
        value: place + 1,
        unit: `of ${ladder.rungs.length}`,
        words: verdict.word,
      })),
    ),
  );

/** Every fault, every check and every judged rung of a client as a table with a heading, oldest first. */
export function measuresCsv(file: ClientFile): string {
  const visits = new Map(file.visits.map((visit) => [visit.id, visit]));
  const baseOf = (visitId: string): Base => ({
    visit: visitId,
    pattern: visits.get(visitId)?.pattern ?? null,
  });
  const rows = [
    ...file.looks.flatMap((look) => faultRows(look, baseOf(look.visitId))),
    ...file.checks
      .filter(({ removed }) => !removed)
      .map((record) => checkRow(record, file, baseOf(record.visitId))),
    ...rungRows(file, baseOf),
  ].sort((a, b) => String(a.on).localeCompare(String(b.on)));
  return `${Papa.unparse({ fields: [...MEASURE_COLUMNS], data: rows })}\r\n`;
}
