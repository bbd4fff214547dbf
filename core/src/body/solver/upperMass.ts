import type { Body, Limbs } from '../segments/body';
import {
  CENTRE_FROM_NEAR_END as CENTRE,
  MASS_TO_BODY as MASS,
  PELVIS_OF_TRUNK,
} from '../segments/segmentTable';
import { SIDES } from '../../foundation/sides/side';
import type { Stance } from './stance';

/**
 * Everything above the low back as first moments about it, in kg·m: along the upper spine, out of the
 * chest, level ahead, and straight down. Written so, its centre of mass is linear in the trunk's
 * own axes, which is what makes the lean that balances a body a closed form.
 */
export interface UpperMass {
  readonly massKg: number;
  readonly up: number;
  readonly out: number;
  readonly ahead: number;
  readonly down: number;
}

const NOTHING: UpperMass = { massKg: 0, up: 0, out: 0, ahead: 0, down: 0 };

const plus = (a: UpperMass, b: UpperMass): UpperMass => ({
  massKg: a.massKg + b.massKg,
  up: a.up + b.up,
  out: a.out + b.out,
  ahead: a.ahead + b.ahead,
  down: a.down + b.down,
});

const at = (massKg: number, place: Partial<Omit<UpperMass, 'massKg'>>): UpperMass => ({
  massKg,
  up: massKg * (place.up ?? 0),
  out: massKg * (place.out ?? 0),
  ahead: massKg * (place.ahead ?? 0),
  down: massKg * (place.down ?? 0),
});

/** Where a load's place has the arms, whatever was said of the arms. */
const ARMS_OF_LOAD: Partial<Record<Stance['load']['at'], Stance['arms']>> = {
  ahead: 'forward',
  overhead: 'overhead',
  suitcase: 'sides',
};

export const armsOf = ({ load, arms }: Pick<Stance, 'load' | 'arms'>): Stance['arms'] =>
  (load.kg > 0 ? ARMS_OF_LOAD[load.at] : undefined) ?? arms;

/** Shoulder to a place that is `share` of the way along the whole arm's mass or grip. */
function reach(arms: Stance['arms'], shouldersM: number, alongM: number): Partial<UpperMass> {
  if (arms === 'forward') return { up: shouldersM, ahead: alongM };
  if (arms === 'overhead') return { up: shouldersM + alongM };
  return { up: shouldersM, down: alongM };
}

function armMass(body: Body, limbs: Limbs, arms: Stance['arms']): UpperMass {
  const { upperArmM, forearmM, handM } = limbs;
  const m = body.massKg;
  const shoulders = chestM(body);
  // Folded across the chest, the forearm lies level in front of it at the elbow's height.
  if (arms === 'crossed') {
    const elbow = shoulders - 0.8 * upperArmM;
    return plus(
      at(m * MASS.upperArm, {
        up: shoulders - 0.8 * CENTRE.upperArm * upperArmM,
        out: 0.5 * CENTRE.upperArm * upperArmM,
      }),
      at(m * (MASS.forearm + MASS.hand), { up: elbow, out: 0.5 * upperArmM }),
    );
  }
  const place = (alongM: number) => reach(arms, shoulders, alongM);
  return [
    at(m * MASS.upperArm, place(CENTRE.upperArm * upperArmM)),
    at(m * MASS.forearm, place(upperArmM + CENTRE.forearm * forearmM)),
    at(m * MASS.hand, place(upperArmM + forearmM + CENTRE.hand * handM)),
  ].reduce(plus);
}

/** A closed hand holds a load this far down its length. Ours. */
const GRIP = 0.3;

/** Where the load is held, in metres: model of the set-up's load places. */
function loadPlace(body: Body, { load }: Stance): Partial<Omit<UpperMass, 'massKg'>> {
  const grip = SIDES.reduce((sum, side) => {
    const { upperArmM, forearmM, handM } = body.sides[side];
    return sum + (upperArmM + forearmM + GRIP * handM) / 2;
  }, 0);
  const shoulders = chestM(body);
  switch (load.at) {
    case 'back':
      return { up: shoulders, out: -0.05 };
    case 'front':
      return { up: shoulders, out: 0.1 };
    case 'goblet':
      return { up: shoulders * 0.75, out: 0.25 };
    case 'ahead':
      return { up: shoulders, ahead: grip };
    case 'suitcase':
      return { up: shoulders, down: grip };
    case 'overhead':
      return { up: shoulders + grip };
    case 'none':
      return {};
  }
}

/** Metres from the hip line to the low back, and from there to the shoulders. */
export const pelvisM = ({ trunkM }: Pick<Body, 'trunkM'>): number => PELVIS_OF_TRUNK * trunkM;
export const chestM = ({ trunkM }: Pick<Body, 'trunkM'>): number => (1 - PELVIS_OF_TRUNK) * trunkM;

/** Chest and belly, head, arms and load of a body in a stance. */
export function upperMassOf(body: Body, stance: Stance): UpperMass {
  const shoulders = chestM(body);
  const trunk = at(body.massKg * MASS.thorax, { up: CENTRE.thorax * shoulders });
  const head = at(body.massKg * MASS.head, { up: shoulders + CENTRE.head * body.headM });
  const arms = SIDES.map((side) => armMass(body, body.sides[side], armsOf(stance)));
  const carried = stance.load.at === 'none' ? 0 : stance.load.kg;
  return [trunk, head, ...arms, at(carried, loadPlace(body, stance))].reduce(plus, NOTHING);
}
