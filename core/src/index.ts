/** Taxikine's core: what is true, computed without interface, clock, network or chance. */

// Sides and numbers
export * from './sides/side';
export { degOfRad, radOfDeg } from './numeric/angle';
export { clamp } from './numeric/safety';
export { groupBy } from './numeric/groupBy';

// Knowledge: the tables
export * from './knowledge/patterns';
export * from './knowledge/setup';
export * from './knowledge/faults';
export * from './knowledge/causes';
export * from './knowledge/checks';
export * from './knowledge/probes';
export * from './knowledge/refer';
export * from './knowledge/flags';
export * from './knowledge/history';
export { FAMILIES, type Dose, type DrillRow, type Family, type Kit } from './knowledge/drillRow';
export * from './knowledge/drills';
export { DRILL_POSES } from './knowledge/drillPoses';

// Words
export { fillSide } from './words/fill';
export { withUnit, type Unit } from './words/units';
export { probabilityWords } from './words/probability';

// The body, and the figure drawn from it
export { bodyOf, type Body, type Segments, type Taped } from './body/body';
export { bodyProblems } from './body/bodyProblems';
export { LENGTH_TO_HEIGHT } from './body/segmentTable';
export { centreOfMass } from './body/centreOfMass';
export { type Skeleton } from './skeleton/skeleton';
export { skeletonOf } from './skeleton/skeletonOf';
export { squatPosture, type Posed, type SquatAim } from './skeleton/squatPosture';
export { onePose, POSES, type PoseId } from './skeleton/poses';
export { POSE_LIMITS, type Pose } from './skeleton/pose';
export { poseSkeleton } from './skeleton/poseSkeleton';
export { facePath, maybeSceneryOf } from './skeleton/scenery';
export { betweenPoses, eased, mirroredPose } from './skeleton/betweenPoses';
export { PHASE_AIMS } from './skeleton/phaseAims';
export { observedAim } from './skeleton/observedAim';
export {
  cameraAt,
  FIGURE_CAMERAS,
  FIGURE_VIEWS,
  cameraOf,
  VIEW_CAMERAS,
  type Camera,
  type FigureView,
} from './skeleton/camera';
export { drawFigure, type DrawnFigure, type RingId } from './skeleton/drawFigure';

// The posture solver
export {
  askDeepest,
  askFit,
  askSettle,
  type Lack,
  type PostureAnswer,
  type PostureQuestion,
} from './solver/ask';
export { LIMIT_IDS, RANGE_LIMITS, type LimitId } from './solver/conditions';
export { type Binding } from './solver/binding';
export { FIT_AIMS, type Fit, type FitAim, type Fitted } from './solver/fit';
export { attribute, type Attribution, type AttributionInput, type Share } from './solver/attribute';
export { MOST_TUCK_DEG, type LimitsDeg, type SideLimitsDeg } from './solver/limits';
export { type PostureReport } from './solver/postureReport';
export { type StanceSetup } from './solver/stance';
export { orUsual, RANGES_OF_PATTERN, USUAL_RANGES, type UsualRange } from './solver/usualRanges';
export { usualStepM } from './solver/stance';
export { setupFor, type SetupFor } from './visit/setupFor';
export { usualSetup } from './visit/usualSetup';
export { suspectChecks, suspectProbes } from './visit/suspects';
export { maybeLookProblem, type LookProblem } from './visit/maybeLookProblem';
export { lookSkeleton, type SeenMoment } from './skeleton/lookSkeleton';
export { reachErrorDeg, whatIf, type WhatIf } from './solver/whatIf';
export { attributeWithErrors, type AttributionWithErrors } from './solver/attributeWithErrors';
export { problemFrom } from './solver/ask';
export { stateOf, type PostureState } from './solver/state';
export { stanceProblems } from './solver/stanceProblems';

// Safety
export { gateOf, type BlockReason, type Gate } from './safety/gate';
export { painRule, type PainRule } from './safety/painRule';

// Trace: from findings to causes
export * from './trace/caseFile';
export { LIKELY_ENOUGH, trace, type Reason, type Trace, type TracedCause } from './trace/trace';

export { maybeTrace } from './trace/maybeTrace';
export { maybeDepthQuestion, seenDepthDeg } from './trace/depthShares';
export { measuredLimits } from './trace/measuredLimits';
export { rangeRatio } from './trace/rangeRatio';

// Work
export { suggestDrills, type Suggestion, type SuggestedDrill } from './planning/suggestDrills';
export { doseWords, drillSeconds, REST_BETWEEN_SETS, setSeconds } from './planning/doseSeconds';

// Look again
export { smallestRealChange } from './change/smallestRealChange';
export { compareMeasures, type Verdict, type VerdictWord } from './change/verdict';
export { compareGrades } from './change/compareGrades';

// A client's records, one visit, and its thread
export * from './visit/records';
export { maybeVisitFile, type VisitFile } from './visit/visitFile';
export { caseFileOf } from './visit/caseFileOf';
export { latestLimits } from './visit/latestLimits';
export { faultKey, levelIn, verdictsOf, type VisitVerdict } from './visit/verdicts';
export {
  boardOf,
  shownCauses,
  threadThrough,
  type Board,
  type Column,
  type Knot,
  type Strand,
} from './visit/threads';
export { maybeLooseEnd, type LooseEnd, type LooseEndKind } from './visit/looseEnds';

// Contract: how input is checked at every edge
export { RECORD_SCHEMAS } from './contract/recordSchemas';
export { J } from './contract/joi';
export { parse, type Parsed, type Problem } from './contract/problems';
export { parsePostureInput, type PostureInput } from './contract/postureInput';
