import type { Step } from '@taxikine/core/records/visits/visitRecord';
import { StepBones } from '../../bones/StepBones';
import { lazyScreen, type LazyScreen } from '../../parts/lazyScreen';
import type { StepProps } from './StepProps';

/** The steps of a visit, each fetched when it is come to. */
export const STEP_SCREENS: Readonly<Record<Step, LazyScreen<StepProps>>> = {
  ask: lazyScreen(() => import('./AskStep').then((file) => file.AskStep), StepBones),
  setup: lazyScreen(() => import('./SetupStep').then((file) => file.SetupStep), StepBones),
  look: lazyScreen(() => import('./LookStep').then((file) => file.LookStep), StepBones),
  probe: lazyScreen(() => import('./ProbeStep').then((file) => file.ProbeStep), StepBones),
  check: lazyScreen(() => import('./CheckStep').then((file) => file.CheckStep), StepBones),
  trace: lazyScreen(() => import('./TraceStep').then((file) => file.TraceStep), StepBones),
  work: lazyScreen(() => import('./WorkStep').then((file) => file.WorkStep), StepBones),
  again: lazyScreen(() => import('./AgainStep').then((file) => file.AgainStep), StepBones),
  verdict: lazyScreen(() => import('./VerdictStep').then((file) => file.VerdictStep), StepBones),
};
