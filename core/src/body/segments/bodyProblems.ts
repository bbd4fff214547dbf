import { SIDES } from '../../foundation/sides/side';
import type { Segments } from './body';
import { LENGTH_TO_HEIGHT, type SegmentName } from './segmentTable';

/** Something about a body that cannot be; `field` is the path in the input. */
export interface BodyProblem {
  readonly field: string;
  readonly message: string;
}

/** A taped length may differ from its usual share of height by this much; beyond it was mistyped. */
export const PLAUSIBLE = { least: 0.72, most: 1.3 } as const;
/** Kilograms per square metre that no grown body leaves. */
const LIGHTEST = 9;
const HEAVIEST = 90;

const WORDS: Readonly<Record<SegmentName, string>> = {
  footM: 'a foot',
  ankleHeightM: 'an ankle height',
  shankM: 'a shin',
  thighM: 'a thigh',
  hipWidthM: 'a hip joint distance',
  trunkM: 'a trunk',
  headM: 'a head and neck',
  upperArmM: 'an upper arm',
  forearmM: 'a forearm',
  handM: 'a hand',
  shoulderWidthM: 'a shoulder width',
};

/** Between the centres of the hip joints; what a tape takes of the hips is flesh. Metres. */
const HIP_JOINTS_M = { least: 0.13, most: 0.24 } as const;

const cm = (metres: number): string => `${Math.round(metres * 100)} cm`;

function hipJointProblem(lengthM: number, field: string): BodyProblem | null {
  const { least, most } = HIP_JOINTS_M;
  if (lengthM >= least && lengthM <= most) return null;
  const message =
    `hip joints ${cm(lengthM)} apart: between their centres are ${cm(least)} to ${cm(most)}; ` +
    'a tape round the hips measures flesh';
  return { field, message };
}

function lengthProblem(
  name: SegmentName,
  lengthM: number,
  heightM: number,
  field: string,
): BodyProblem | null {
  if (!(lengthM > 0)) return { field, message: 'a length must be more than 0 m' };
  if (name === 'hipWidthM') return hipJointProblem(lengthM, field);
  const usual = LENGTH_TO_HEIGHT[name] * heightM;
  if (lengthM >= PLAUSIBLE.least * usual && lengthM <= PLAUSIBLE.most * usual) return null;
  const tooWhat = lengthM > usual ? 'too long' : 'too short';
  const message =
    `${WORDS[name]} of ${cm(lengthM)} is ${tooWhat} for a height of ${heightM.toFixed(2)} m, ` +
    `where ${cm(PLAUSIBLE.least * usual)} to ${cm(PLAUSIBLE.most * usual)} would be believed`;
  return { field, message };
}

/** What cannot be true of a body with these measurements; empty when all is plausible. */
export function bodyProblems(
  heightM: number,
  massKg: number,
  segments: Segments = {},
): BodyProblem[] {
  if (!(heightM > 0)) return [{ field: 'heightM', message: 'height must be more than 0 m' }];
  if (!(massKg > 0)) return [{ field: 'massKg', message: 'mass must be more than 0 kg' }];
  const perSquareMetre = massKg / heightM ** 2;
  const mass =
    perSquareMetre < LIGHTEST || perSquareMetre > HEAVIEST
      ? [{ field: 'massKg', message: `${massKg} kg cannot belong to ${heightM.toFixed(2)} m` }]
      : [];
  const lengths = (Object.keys(segments) as SegmentName[]).flatMap((name) => {
    const taped = segments[name];
    if (taped === undefined) return [];
    const field = `segments.${name}`;
    if (typeof taped === 'number') return [lengthProblem(name, taped, heightM, field)];
    return SIDES.map((side) => lengthProblem(name, taped[side], heightM, `${field}.${side}`));
  });
  return [...mass, ...lengths.filter((problem) => problem !== null)];
}
