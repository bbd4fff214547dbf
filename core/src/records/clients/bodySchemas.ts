import { J } from '../schemas/joi';

export const segment = (name: string, most: number) =>
  J.number().min(0.05).max(most).label(name).messages({
    'number.max': `{#label} of {#value} m is too long; lengths are in metres`,
    'number.min': `{#label} of {#value} m is too short; lengths are in metres`,
  });

/** One length for both sides, or one for each. */
export const limb = (name: string, most: number) =>
  J.alternatives(
    segment(name, most),
    J.object({ left: segment(name, most).required(), right: segment(name, most).required() }),
  ).match('any');

export const HEIGHT_M = { least: 0.9, most: 2.4 } as const;

export const MASS_KG = { least: 20, most: 350 } as const;

export const heightSchema = () =>
  J.number().min(HEIGHT_M.least).max(HEIGHT_M.most).required().label('height').messages({
    'number.max': '{#label} is in metres, 0.90 to 2.40: did you type centimetres?',
    'number.min': '{#label} is in metres, 0.90 to 2.40',
  });

export const massSchema = () =>
  J.number().min(MASS_KG.least).max(MASS_KG.most).required().label('mass').messages({
    'number.max': '{#label} is in kilograms, 20 to 350',
    'number.min': '{#label} is in kilograms, 20 to 350',
  });
