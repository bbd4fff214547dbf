import { HELD_WORDS } from '../../knowledge/roll';
import { drillOf } from '../../records/drills/drillOf';
import type {
  Bundle,
  CarePlan,
  CarePlanActivity,
  Observation,
  Patient,
  Quantity,
  Reference,
} from 'fhir/r4';
import { oneCheck } from '../../knowledge/checks';
import { oneFault } from '../../knowledge/faults';
import { doseWords } from '../../knowledge/doseSeconds';
import { STANDING_CAUTION } from '../../inference/safety/cautionsOf';
import type { MaybeSide } from '../../foundation/sides/side';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { DrillRecord } from '../../records/drills/drillRecord';
import type { LookRecord } from '../../records/looks/lookRecord';
import { valueOf } from '../../records/checks/plainReading';
import type { VisitPart } from '../../inference/visit/visitPart';
import { fillSide } from '../../foundation/words/fill';

/** Our ids, as a code system of our own: no clinical terminology is claimed. */
const SYSTEM = 'urn:taxikine';
const UCUM = 'http://unitsofmeasure.org';

const UCUM_CODES = {
  deg: ['deg', 'deg'],
  mm: ['mm', 'mm'],
  '%': ['%', '%'],
  s: ['s', 's'],
  reps: ['repetitions', '{repetitions}'],
} as const;

const quantity = (value: number, unit: keyof typeof UCUM_CODES): Quantity => {
  const [words, code] = UCUM_CODES[unit];
  return { value, unit: words, system: UCUM, code };
};

const urn = (id: string): string => `urn:uuid:${id}`;
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
/** What is no record of its own has no UUID: a fault of a look. */
const fullUrl = (id: string): string => (UUID.test(id) ? urn(id) : `${SYSTEM}:observation:${id}`);
const subjectOf = ({ client }: VisitPart): Reference => ({ reference: urn(client.id) });

/** SNOMED CT has codes for sides; a side in words is enough to be read, and claims nothing. */
const sideText = (side: MaybeSide) => (side ? { bodySite: { text: side } } : {});

const ROLES: Record<CheckRecord['role'], string> = {
  first: 'before the session',
  between: 'between two drills',
  again: 'after the session',
};

function methodOf({ device, held }: CheckRecord) {
  const text = [device, held ? HELD_WORDS : null].filter(Boolean).join(', ');
  return text ? { method: { text } } : {};
}

function ofCheck(record: CheckRecord, part: VisitPart): Observation | null {
  const row = oneCheck(record.check);
  const value = valueOf(record);
  const words = row.type === 'result' ? record.result : null;
  if (value === null && words === null) return null;
  return {
    resourceType: 'Observation',
    id: record.id,
    status: 'final',
    code: {
      coding: [{ system: `${SYSTEM}:check`, code: row.id, display: row.name }],
      text: row.name,
    },
    subject: subjectOf(part),
    effectiveDateTime: record.doneOn,
    ...sideText(record.side),
    ...(row.type === 'range' && value !== null
      ? { valueQuantity: quantity(value, row.norm.unit) }
      : { valueString: words! }),
    ...methodOf(record),
    note: [{ text: ROLES[record.role] }],
  };
}

/** Faults of a look, each an observation of how the pattern was moved. */
const ofLook = (look: LookRecord, part: VisitPart): Observation[] =>
  look.faults.map((fault) => {
    const row = oneFault(fault.fault);
    const sentence = fillSide(row.sentence, fault.side);
    return {
      resourceType: 'Observation',
      id: `${look.id}-${fault.fault}${fault.side ? `-${fault.side}` : ''}`.slice(0, 64),
      status: 'final',
      code: {
        coding: [{ system: `${SYSTEM}:fault`, code: row.id }],
        text: `${sentence} (${part.visit.pattern})`,
      },
      subject: subjectOf(part),
      effectiveDateTime: look.startedOn,
      ...sideText(fault.side ?? null),
      ...(fault.value !== undefined && row.unit
        ? { valueQuantity: quantity(fault.value, row.unit) }
        : { valueString: fault.grade }),
      note: [{ text: ROLES[look.role] }],
    };
  });

const STATUS = {
  planned: 'not-started',
  done: 'completed',
  skipped: 'cancelled',
  stopped: 'stopped',
} as const satisfies Record<DrillRecord['status'], string>;

const activityOf = ({ drill, own, side, dose, status }: DrillRecord): CarePlanActivity => ({
  detail: {
    kind: 'ServiceRequest',
    code: {
      coding: [{ system: `${SYSTEM}:drill`, code: drill }],
      text: drillOf({ drill, own }).name,
    },
    status: STATUS[status],
    description: `${doseWords(dose)}${side ? `, ${side}` : ''}`,
  },
});

const carePlanOf = (part: VisitPart): CarePlan => ({
  resourceType: 'CarePlan',
  id: part.visit.id,
  status: part.visit.closedOn ? 'completed' : 'active',
  intent: 'plan',
  title: `Corrective session, ${part.visit.pattern}`,
  description: STANDING_CAUTION,
  subject: subjectOf(part),
  created: part.visit.openedOn,
  activity: part.drills.map(activityOf),
});

const patientOf = ({ client }: VisitPart): Patient => ({
  resourceType: 'Patient',
  id: client.id,
  name: [{ text: client.name }],
});

/**
 * One visit as an HL7 FHIR R4 Bundle of type collection: the client, every fault and measure as an
 * Observation, the drills as a CarePlan. Codes are our own ids.
 *
 * @param on instant at which it is written, ISO 8601
 */
export function fhirBundle(part: VisitPart, on: string): Bundle {
  const looks = [part.first, part.again].flatMap((look) => (look ? ofLook(look, part) : []));
  const checks = part.checks.flatMap((record) => ofCheck(record, part) ?? []);
  const resources = [patientOf(part), ...looks, ...checks, carePlanOf(part)];
  return {
    resourceType: 'Bundle',
    type: 'collection',
    timestamp: on,
    entry: resources.map((resource) => ({ fullUrl: fullUrl(resource.id!), resource })),
  };
}
