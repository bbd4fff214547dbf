import type { FaultId } from '../../knowledge/faults';

/** Faults that a load makes worse or hides, and the criterion that each of them fails. Ours. */
export const NOT_UNDER_LOAD: Readonly<Partial<Record<FaultId, 'control' | 'symmetry'>>> = {
  'hips-slide': 'symmetry',
  'pelvis-turns': 'symmetry',
  'pelvis-drops': 'symmetry',
  'trunk-side-bends': 'symmetry',
  'knee-in': 'control',
  'knee-wobbles': 'control',
  'trunk-folds': 'control',
  'back-rounds': 'control',
  'back-arches': 'control',
  'pelvis-tucks': 'control',
  'hips-rise-first': 'control',
  'tips-back': 'control',
};
