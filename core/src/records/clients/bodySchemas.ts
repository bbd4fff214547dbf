import type { Segments } from '../../body/segments/body';
import { J, objectOf } from '../schemas/joi';

/** A hand's breadth: what is shorter was typed in another unit, an ankle's height aside. */
const LEAST_M = 0.05;

const segment = (name: string, most: number, least = LEAST_M) =>
  J.number().min(least).max(most).label(name).messages({
    'number.max': `{#label} of {#value} m is too long; lengths are in metres`,
    'number.min': `{#label} of {#value} m is too short; lengths are in metres`,
  });

/** One length for both sides, or one for each. */
const limb = (name: string, most: number, least = LEAST_M) => {
  const one = segment(name, most, least);
  return J.alternatives(one, J.object({ left: one.required(), right: one.required() })).match(
    'any',
  );
};

/** Every length that a tape can take; whether it goes with the height is asked of the whole body. */
export const segmentsSchema = objectOf<Segments>({
  footM: limb('foot', 0.45),
  ankleHeightM: limb('ankle height', 0.2, 0.02),
  shankM: limb('shin', 0.75),
  thighM: limb('thigh', 0.75),
  hipWidthM: segment('hip joint distance', 0.24, 0.13),
  trunkM: segment('trunk', 0.9),
  headM: segment('head and neck', 0.6),
  upperArmM: limb('upper arm', 0.6),
  forearmM: limb('forearm', 0.5),
  handM: limb('hand', 0.4),
  shoulderWidthM: segment('shoulder width', 0.85),
});

const HEIGHT_M = { least: 0.9, most: 2.4 } as const;

const MASS_KG = { least: 20, most: 350 } as const;

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
