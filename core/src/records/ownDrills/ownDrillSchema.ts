import type { OwnDrill } from '../../knowledge/ownDrill';
import type { OwnDrillRecord } from './ownDrillRecord';
import { BREATHS } from '../../knowledge/breaths';
import { CAUSES, GIVEN_CAUSES } from '../../knowledge/causes';
import { FAMILIES, POSITIONS } from '../../knowledge/drillRow';
import { FLAGS } from '../../knowledge/flags';
import { KIT } from '../../knowledge/kit';
import { PATTERNS } from '../../body/stance/patterns';
import { POSE_LIMITS } from '../../body/skeleton/pose';
import { SCENERIES } from '../../body/skeleton/scenery';
import { doseSchema } from '../schemas/doseSchema';
import { id, J, oneOf, objectOf } from '../schemas/joi';
import { idsOf } from '../schemas/idsOf';

const listOf = (ids: readonly string[]) => J.array().items(oneOf(ids)).unique().required();
const line = (label: string, most: number) =>
  J.string().trim().min(2).max(most).required().label(label);

type Limits = Readonly<Record<string, readonly [number, number]>>;

const angle = (name: string, [least, most]: Limits[string]) =>
  J.number().min(least).max(most).label(name);

/** Angles within what a living body shows. */
const fieldsOf = (limits: Limits) =>
  Object.fromEntries(
    Object.entries(limits).map(([name, range]) => [name, angle(name, range).required()]),
  );

const angles = (limits: Limits) => J.object(fieldsOf(limits)).required();

const both = (limits: Limits) =>
  J.object({ left: angles(limits), right: angles(limits) }).required();

const { twist, ...always } = POSE_LIMITS.body;

const pose = J.object({
  ...fieldsOf(always),
  twist: angle('twist', twist),
  legs: both(POSE_LIMITS.leg),
  arms: both(POSE_LIMITS.arm),
  against: oneOf(SCENERIES),
});

const given = new Set<string>(idsOf(GIVEN_CAUSES));

const target = objectOf<OwnDrill['targets'][number]>({
  // What is given is fitted around: no drill frees it.
  cause: oneOf(idsOf(CAUSES).filter((one) => !given.has(one))).required(),
  effect: oneOf(['small', 'medium', 'large']).required(),
});

const fields = {
  id: id(),
  name: line('name', 60),
  // A ladder has rungs, which a coach's own drill has not.
  family: oneOf(FAMILIES.filter((family) => family !== 'ladder')).required(),
  patterns: listOf(PATTERNS),
  targets: J.array().items(target).unique('cause').max(6).required(),
  oneSided: J.boolean().required(),
  dose: doseSchema().required(),
  kit: listOf(idsOf(KIT)),
  position: oneOf(POSITIONS).required(),
  breath: oneOf(idsOf(BREATHS)).required(),
  how: line('how', 400),
  feel: line('feel', 120),
  stopIf: line('stop if', 120),
  easier: line('easier', 120),
  harder: line('harder', 120),
  excludedBy: listOf(idsOf(FLAGS)),
  poses: J.array().ordered(pose.required(), pose.required()).required(),
};

/** A coach's own drill as a session keeps it. */
export const ownDrillSchema = objectOf<OwnDrill>(fields);

export const ownDrillRecordSchema = objectOf<OwnDrillRecord>({
  ...fields,
  removed: J.boolean().required(),
});
