/** Taxikine's core: what is true, computed without interface, clock, network or chance. */

// Sides and numbers
export * from './sides/side';
export { degOfRad, radOfDeg } from './numeric/angle';
export { clamp } from './numeric/safety';
export { normal, seeded } from './numeric/random';
export { groupBy } from './numeric/groupBy';

// Knowledge: the tables
export * from './knowledge/patterns';
export * from './knowledge/regions';
export * from './knowledge/setup';
export * from './knowledge/faults';
export * from './knowledge/causes';
export * from './knowledge/checks';
export * from './knowledge/probes';
export * from './knowledge/refer';
export * from './knowledge/flags';
export * from './knowledge/history';
export * from './knowledge/habits';
export * from './knowledge/givenRegions';
export {
  FAMILIES,
  POSITIONS,
  type Dose,
  type DrillRow,
  type Family,
  type Position,
} from './knowledge/drillRow';
export { FAMILY_DOSES, usualDose } from './knowledge/familyDoses';
export { DRILL_CHAINS, easierDrill, harderDrill } from './knowledge/drillChains';
export { BREATHS, breathWords, type BreathId } from './knowledge/breaths';
export * from './knowledge/kit';
export * from './knowledge/approaches';
export { doseFor, familyOrder, WORK_ORDER } from './knowledge/workOrder';
export { ASK_ORDER } from './knowledge/askOrder';
export { DISAGREEMENTS, type DisagreementRow } from './knowledge/disagreements';
export * from './knowledge/phrases';
export * from './knowledge/weekdays';
export * from './knowledge/checkGuides';
export { normFor, type NormEdit, type Norms } from './knowledge/norms';
export * from './knowledge/drills';
export { DRILL_POSES } from './knowledge/drillPoses';
export { posesOfDrill } from './knowledge/posesOfDrill';
export { FAMILY_FLAGS, ownDrillRow, type OwnDrill, type OwnPose } from './knowledge/ownDrill';

// Words
export { roundedToSum } from './words/roundedToSum';
export { asSentence, capital, fillSide } from './words/fill';
export { clockWords } from './words/clockWords';
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
export { POSE_LIMITS, type ArmPose, type LegPose, type Pose } from './skeleton/pose';
export {
  angleIn,
  angleOfRing,
  limitsOfAngle,
  PULLED_RINGS,
  pullJoint,
  rootOfRing,
  withAngle,
  type PoseAngle,
} from './skeleton/pullJoint';
export { poseSkeleton } from './skeleton/poseSkeleton';
export { extentOf, type Extent } from './skeleton/extentOf';
export { maybeFeltSpot } from './skeleton/feltSpots';
export { facePath, maybeSceneryOf, SCENERIES, type Scenery } from './skeleton/scenery';
export { betweenSkeletons } from './skeleton/betweenSkeletons';
export { betweenPoses, eased, mirroredPose } from './skeleton/betweenPoses';
export { PHASE_AIMS } from './skeleton/phaseAims';
export { observedAim } from './skeleton/observedAim';
export {
  cameraAt,
  FIGURE_CAMERAS,
  FIGURE_VIEWS,
  cameraOf,
  project,
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
export { fitAimsOf, type Fit, type FitAim, type FitFor, type Fitted } from './solver/fit';
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
export { gateOf, hasConsent, openReferrals, type BlockReason, type Gate } from './safety/gate';
export { depthCutOf } from './safety/depthCutOf';
export { maybeDepthCut, type CutQuestion, type DepthCut } from './safety/depthCut';
export { careOf, type CareFor } from './safety/careOf';
export { FLAG_RULES, flagEffects, maybeForbidden } from './safety/flagRules';
export { type FlagEffect } from './safety/jointRules';
export { isHelp } from './safety/isHelp';
export { helpedBy, maybeKeptHelp, type Helped } from './safety/keptHelp';
export { maybeBarred } from './safety/maybeBarred';
export { standingOf, type MissingLimb, type ReplacedJoint, type Standing } from './safety/standing';
export { REPLACEABLE } from './knowledge/replaceable';
export { painRule, type PainRule } from './safety/painRule';
export { painEffects, type PainEffect } from './safety/painRules';
export { cautionsOf, STANDING_CAUTION } from './safety/cautionsOf';

// Trace: from findings to causes
export * from './trace/caseFile';
export { type Ignored } from './trace/reconcile/kept';
export { LIKELY_ENOUGH } from './trace/likelyEnough';
export { reasonsOf, type CauseReasons, type Reason } from './trace/reasons';
export { trace, type Trace, type TracedCause } from './trace/trace';

export { nextChecks, type NextCheck, type NextChecks } from './trace/next/nextChecks';
export { changesSomething } from './trace/next/candidates';
export { leavableFindings, withoutFindings, type LeavableFinding } from './trace/leaveOut';
export { rivalsOf, type Rival } from './trace/rivals';
export { disagreementsFor } from './trace/disagreementsFor';
export { maybeTrace } from './trace/maybeTrace';
export { maybeDepthQuestion, seenDepthDeg } from './trace/depthShares';
export { measuredLimits } from './trace/measuredLimits';
export { rangeRatio } from './trace/rangeRatio';

// Case files: the open exchange format
export {
  CASE_FORMAT,
  CASE_VERSION,
  type CaseDocument,
  type CaseSession,
} from './case/caseDocument';
export { caseFileFrom } from './case/caseFileFrom';
export { caseDocumentOf } from './case/caseDocumentOf';
export { recordsFromCase, type CaseRecords, type Making } from './case/recordsFromCase';
export { traceReport, type TraceReport } from './case/traceReport';
export { NO_PLAN, planReport, type ReportedPlan } from './case/planReport';
export { compareReport, type LookComparison } from './case/compareReport';
export { parsePlanInput, type PlanInput } from './contract/planInput';
export { caseJsonSchema, parseCase } from './contract/caseSchema';

// Work
export { plannedCauses } from './planning/plannedCauses';
export { planSession, type PlannedDrill, type SessionPlan } from './planning/planSession';
export { type SessionLimits } from './planning/sessionLimits';
export { NO_WISH, type SessionWish } from './planning/sessionWish';
export { drillKey, type DrillOnSide } from './knowledge/drillKey';
export { type BrokenRule } from './planning/sessionRules';
export {
  chooseRung,
  doseDrill,
  dropDrill,
  isWished,
  letGo,
  lockDrill,
  movedTo,
  swapDrill,
} from './planning/wish';
export { GAUGE_CHECK, gaugeOf, withWarmUp, type GaugeReading } from './planning/gauge';
export { swapsFor, type Swap } from './planning/swapsFor';
export { searchDrills, type DrillQuery } from './knowledge/searchDrills';
export { needsPartner, type PlannedCause } from './planning/candidates';
export { doseMinutes, doseWords, REST_BETWEEN_SETS, setSeconds } from './planning/doseSeconds';

// Ladders: rungs climbed by criteria, and what they are loaded with
export * from './ladder';

// The week at home
export * from './week';

// The player
export {
  breathesOut,
  endedLog,
  isBegun,
  momentOf,
  nextSet,
  paused,
  resumed,
  setBack,
  workDone,
  type PlayerMoment,
} from './player/timeline';

// Reports and open formats
export { sessionReport, type ReportLine, type SessionReport } from './report/sessionReport';
export { fhirBundle } from './contract/fhirBundle';
export { MEASURE_COLUMNS, measuresCsv } from './contract/measuresCsv';

// Look again
export { smallestRealChange } from './change/smallestRealChange';
export { errorParts, semOfMean, type ErrorParts } from './change/errorParts';
export { isUnsteady, ownSem, type OwnSem, type Repeats } from './change/ownSem';
export { setupDifferences } from './change/setupDifferences';
export { signTest, type SignTest } from './change/signTest';
export { permutationTest } from './change/permutationTest';
export { compareSeries, type SeriesVerdict } from './change/compareSeries';
export { retention, type Measured, type Retention } from './change/retention';
export { stepGains, type StepGain, type Taken } from './change/stepGains';
export { compareMeasures, type Verdict, type VerdictWord } from './change/verdict';
export { compareGrades } from './change/compareGrades';

// Trends: a level that moves, and where it will be
export * from './trend';

// A client's records, one visit, and its thread
export * from './time/instant';
export * from './visit/records';
export { painsOf } from './visit/painsOf';
export { drillOf } from './visit/drillOf';
export { faultTally, type FaultTally } from './visit/faultTally';
export { sessionSteps, type SessionSteps } from './visit/sessionSteps';
export { visitLooseEnds, type VisitLooseEnd } from './visit/visitLooseEnds';
export { checksOfDrill } from './visit/checksOfDrill';
export { causeOfKey } from './visit/findingsOf';
export { keepAdvice, type KeepAdvice } from './visit/keepAdvice';
export { ownNorm, repeatsIn, type CheckRepeats } from './visit/repeatsIn';
export {
  NOTHING_DONE,
  NOTHING_HELD,
  NOTHING_MEASURED,
  NOTHING_SEEN,
  NOTHING_TOLD,
  noRecords,
} from './visit/blanks';
export { tempoOf, type Spread, type Tempo } from './visit/tempoOf';
export { heldSeconds, holdBegun, holdStopped } from './visit/hold';
export { maybeVisitFile, type VisitFile } from './visit/visitFile';
export { visitPart, type VisitPart } from './visit/visitPart';
export { lessonsOf, type VisitLesson } from './visit/lessons';
export { traceSnapshot } from './visit/traceSnapshot';
export { careFor } from './visit/careFor';
export { caseFileOf, opinionsOf } from './visit/caseFileOf';
export { limitsOf } from './visit/limitsOf';
export { latestLimits } from './visit/latestLimits';
export {
  faultKey,
  levelIn,
  verdictsOf,
  withheldBecause,
  type ComparedLooks,
  type VisitVerdict,
} from './visit/verdicts';
export {
  boardOf,
  shownCauses,
  threadThrough,
  type Board,
  type Column,
  type Knot,
  type Strand,
} from './visit/threads';

export * from './today';
export * from './letters';

// Pictures: marks, and what they measure
export * from './picture/marks';
export {
  PICTURE_MEASURES,
  pictureMeasures,
  type PictureMeasure,
  type PictureMeasureId,
} from './picture/pictureMeasures';
export { plumbFromPhone, type PhoneHeld } from './picture/plumbFromPhone';
export { bytesOfBase64 } from './picture/bytesOfBase64';
export { firstMarks } from './picture/firstMarks';
export { jpegProblem, pictureKind } from './picture/jpegProblem';

// Contract: how input is checked at every edge
export { RECORD_SCHEMAS } from './contract/recordSchemas';
export { emailSchema } from './contract/clientSchema';
export { homeEntrySchema } from './contract/homeEntrySchema';
export { day as daySchema, id as idSchema, instant as instantSchema, J } from './contract/joi';
export { CHANGE_EVENTS, type ChangeTold } from './contract/changeTold';
export type { JobShown, JobsShown } from './contract/jobsShown';
export type { RestoreProblem, RestoreShown } from './contract/restoreShown';
export {
  IDLE_MINUTES,
  SHIPPED_WORDING,
  USUAL_SETTINGS,
  type ConsentWording,
  type PracticeSettings,
} from './contract/settings';
export { settingsSchema, wordingSchema } from './contract/settingsSchema';
export { withNorms } from './visit/withNorms';
export { dayIn, timeIn } from './words/zoned';
export { inUnits, type UnitSystem } from './words/unitSystem';
export {
  LEAST_PASSWORD,
  type FactorShown,
  type NewFactor,
  type PasskeyShown,
  type SessionShown,
} from './contract/account';
export { DEEDS, READ_EVERY_MIN, type Deed, type DeedShown } from './contract/audit';
export {
  INVITE_DAYS,
  RESET_MINUTES,
  ROLES,
  type KeeperShown,
  type PersonShown,
  type Role,
  type WelcomeShown,
} from './contract/people';
export { waitBefore } from './contract/waitBefore';
export { parse, type Parsed, type Problem } from './contract/problems';
export { parsePostureInput, type PostureInput } from './contract/postureInput';

// Recordings: read, measured, and played by the simulated recorder
export * from './recording';
export { parseRecorderInput } from './contract/recorderSchema';
