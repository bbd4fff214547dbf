import type { Body, Limbs } from '../segments/body';
import { CENTRE_FROM_UPPER_END as CENTRE, MASS_TO_BODY as MASS } from '../segments/segmentTable';
import { SIDES } from '../../foundation/sides/side';
import type { Stance } from './stance';

/**
 * Everything above the hips as first moments about the pelvis, in kg·m: along the spine, out of the
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
function reach(arms: Stance['arms'], trunkM: number, alongM: number): Partial<UpperMass> {
  if (arms === 'forward') return { up: trunkM, ahead: alongM };
  if (arms === 'overhead') return { up: trunkM + alongM };
  return { up: trunkM, down: alongM };
}

function armMass(body: Body, limbs: Limbs, arms: Stance['arms']): UpperMass {
  const { upperArmM, forearmM, handM } = limbs;
  const m = body.massKg;
  // Folded across the chest, the forearm lies level in front of it at the elbow's height.
  if (arms === 'crossed') {
    const elbow = body.trunkM - 0.8 * upperArmM;
    return plus(
      at(m * MASS.upperArm, {
        up: body.trunkM - 0.8 * CENTRE.upperArm * upperArmM,
        out: 0.5 * CENTRE.upperArm * upperArmM,
      }),
      at(m * (MASS.forearm + MASS.hand), { up: elbow, out: 0.5 * upperArmM }),
    );
  }
  const place = (alongM: number) => reach(arms, body.trunkM, alongM);
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
  const shoulders = body.trunkM;
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

/** Trunk, head, arms and load of a body in a stance. */
export function upperMassOf(body: Body, stance: Stance): UpperMass {
  const trunk = at(body.massKg * MASS.trunk, { up: CENTRE.trunk * body.trunkM });
  const head = at(body.massKg * MASS.head, { up: body.trunkM + CENTRE.head * body.headM });
  const arms = SIDES.map((side) => armMass(body, body.sides[side], armsOf(stance)));
  const carried = stance.load.at === 'none' ? 0 : stance.load.kg;
  return [trunk, head, ...arms, at(carried, loadPlace(body, stance))].reduce(plus, NOTHING);
}
