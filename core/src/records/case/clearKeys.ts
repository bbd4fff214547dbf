import { FAULTS, type FaultRow } from '../../knowledge/faults';

export const FAULT_IDS = FAULTS.map((row) => row.id);

/** Every fault that can be looked for in vain, on both sides or on one. */
export const CLEAR_KEYS = (FAULTS as readonly FaultRow[]).flatMap(({ id: fault, sided }) =>
  sided === 'none' ? [fault] : [fault, `${fault}@left`, `${fault}@right`],
);
