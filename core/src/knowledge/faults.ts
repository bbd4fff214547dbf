import type { Grade } from '../body/stance/patterns';
import type { FaultRow } from './faultRow';
import { FAULTS_OF_LEGS } from './faultsOfLegs';
import { FAULTS_OF_TRUNK } from './faultsOfTrunk';

export { canBeSeen, type FaultRow } from './faultRow';

/** Departures from plan that can be seen in a squat, hinge, lunge or split. */
export const FAULTS = [...FAULTS_OF_TRUNK, ...FAULTS_OF_LEGS] as const;

export type FaultId = (typeof FAULTS)[number]['id'];

/** A fault looked for and not there: on both sides, or on one (`knee-in@left`). */
export type ClearKey = FaultId | `${FaultId}@${'left' | 'right'}`;

const byId = new Map<string, FaultRow>(FAULTS.map((row) => [row.id, row]));

/** The row of a fault. Throws on an id that is not in the table. */
export function oneFault(id: string): FaultRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown fault ${id}`);
  return row;
}

/** A shin that leans more is a better shin; of every other fault, less is better. */
export const betterWayOf = (fault: string): 'more' | 'less' =>
  fault === 'shin-stays-upright' ? 'more' : 'less';

/** Levels of a fault from "looked for and not there" up. Ordered; not numbers to add. */
export const FAULT_LEVELS = ['clear', 'slight', 'plain', 'marked'] as const;
export type FaultLevel = 'clear' | Grade;
