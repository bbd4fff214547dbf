import { FLAGS } from '../../knowledge/flags';
import { PROBES } from '../../knowledge/probes';
import type { ReportedCare } from './reportedCare';
import { LEAST_ALLOWED_DEG, REPLACEABLE, type Replaceable } from '../../knowledge/replaceable';
import { BENT_PARTS } from '../../inference/safety/depthCut';
import { J, maybeSide, oneOf, side } from '../../records/schemas/joi';
import { painSchema } from '../../records/case/painSchema';

export const flagsSchema = () =>
  J.array()
    .items(oneOf(FLAGS.map(({ id }) => id)))
    .default([]);

export const painsSchema = () => J.array().items(painSchema).max(200).default([]);

const listOf = (item: ReturnType<typeof J.object>) => J.array().items(item).max(200).default([]);

const JOINTS = Object.keys(REPLACEABLE) as Replaceable[];

/** A joint with the bend that a surgeon can allow it. */
const replaced = J.object({
  joint: oneOf(JOINTS).required(),
  side: side().required(),
  mostDeg: J.number()
    .min(LEAST_ALLOWED_DEG)
    .allow(null)
    .required()
    .label('the surgeon’s limit')
    .when('joint', {
      switch: JOINTS.map((joint) => ({
        is: joint,
        then: J.number().max(REPLACEABLE[joint].mostDeg),
      })),
    }),
});

const says = () => J.string().max(500).required();
const bendLimit = J.object({
  pain: painSchema.required(),
  part: oneOf(BENT_PARTS).required(),
  deg: J.number().required(),
  says: says(),
});

const NO_CARE: ReportedCare = {
  flags: [],
  replaced: [],
  missing: [],
  pain: [],
  cut: null,
  helped: [],
};

/** What a printed trace says of pain, flags and what helped. */
export const careSchema = J.object({
  flags: flagsSchema(),
  replaced: listOf(replaced),
  missing: listOf(
    J.object({ from: oneOf(['ankle', 'knee', 'hip']).required(), side: side().required() }),
  ),
  pain: painsSchema(),
  cut: J.object({ deg: J.number().required(), says: says(), bends: listOf(bendLimit) })
    .allow(null)
    .default(null),
  helped: listOf(
    J.object({ probe: oneOf(PROBES.map(({ id }) => id)).required(), side: maybeSide().required() }),
  ),
}).default(NO_CARE);
