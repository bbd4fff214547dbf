/** The 17 body points of the COCO keypoint format, in its order. */
export const COCO_JOINTS = [
  'nose',
  'left_eye',
  'right_eye',
  'left_ear',
  'right_ear',
  'left_shoulder',
  'right_shoulder',
  'left_elbow',
  'right_elbow',
  'left_wrist',
  'right_wrist',
  'left_hip',
  'right_hip',
  'left_knee',
  'right_knee',
  'left_ankle',
  'right_ankle',
] as const;

/** Foot points as COCO-WholeBody names them; without them toes and heels are not measured. */
const FOOT_JOINTS = ['left_big_toe', 'left_heel', 'right_big_toe', 'right_heel'] as const;

export const JOINTS = [...COCO_JOINTS, ...FOOT_JOINTS] as const;
export type Joint = (typeof JOINTS)[number];

export const isJoint = (name: unknown): name is Joint => JOINTS.includes(name as Joint);

/** Points that measures are made of; head and elbows only show a person. */
export const isMeasured = (joint: Joint): boolean => !/nose|eye|ear|elbow/.test(joint);
