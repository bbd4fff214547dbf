import {
  inUnits,
  shownUnit,
  type ShownUnit,
  type UnitSystem,
} from '@taxikine/core/foundation/words/unitSystem';
import { useStore } from '../device/store';
import { ways } from './ways';

/** A sentence of ours, not of somebody's, as this practice says its measures. */
export const ours = (text: string): string => inUnits(text, ways.get().units);

export const useUnits = (): UnitSystem => useStore(ways).units;

/** How a number in this unit is shown, stepped and typed here. */
export const useShownUnit = (unit: string): ShownUnit => shownUnit(unit, useUnits());
