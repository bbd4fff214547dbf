/** Taxikine's core: what is true, computed without interface, clock, network or chance. In layers: each knows those above it here. */

// Foundation: numbers, sides, days and words
export { type MaybeSide, type Side, SIDES } from './foundation/sides/side';

export { degOfRad, radOfDeg } from './foundation/numeric/angle';
export { normal, seeded } from './foundation/numeric/random';

export { addDays, daysFrom, weekdayOf } from './foundation/time/calendarDay';
export { type Day } from './foundation/time/instant';
export { type Weekday, WEEKDAYS } from './foundation/time/weekdays';
export { dayIn } from './foundation/time/zoned';

export { clockWords } from './foundation/words/clockWords';
export { asSentence } from './foundation/words/fill';
export { roundedToSum } from './foundation/words/roundedToSum';
export { inUnits, type UnitSystem } from './foundation/words/unitSystem';

export { jpegProblem, pictureKind } from './foundation/bytes/jpegProblem';

// Body: segments, stances, the solver and the skeleton it stands in
export {
  type Grade,
  GRADES,
  type Pattern,
  PATTERNS,
  type Phase,
  PHASES,
  VIEWS,
} from './body/stance/patterns';
export { type Setup, USUAL_SETUP } from './body/stance/setup';

export { type Body, bodyOf, type Segments } from './body/segments/body';
export { bodyProblems } from './body/segments/bodyProblems';
export { LENGTH_TO_HEIGHT } from './body/segments/segmentTable';

export {
  askDeepest,
  askFit,
  askSettle,
  type PostureAnswer,
  type PostureQuestion,
} from './body/solver/ask';
export { type FitAim, fitAimsOf } from './body/solver/fit';
export { type LimitsDeg } from './body/solver/limits';
export { type PostureReport } from './body/solver/postureReport';
export { type StanceSetup } from './body/solver/stance';
export { usualSetup } from './body/solver/usualSetup';
export { stanceProblems } from './body/solver/stanceProblems';

export { betweenPoses, mirroredPose } from './body/skeleton/betweenPoses';
export { betweenSkeletons } from './body/skeleton/betweenSkeletons';
export {
  cameraOf,
  FIGURE_CAMERAS,
  FIGURE_VIEWS,
  project,
  VIEW_CAMERAS,
} from './body/skeleton/camera';
export { centreOfMass } from './body/skeleton/centreOfMass';
export { drawFigure, type DrawnFigure } from './body/skeleton/drawFigure';
export { extentOf } from './body/skeleton/extentOf';
export { PHASE_AIMS } from './body/skeleton/phaseAims';
export { type Pose, POSE_LIMITS } from './body/skeleton/pose';
export { onePose, type PoseId, POSES } from './body/skeleton/poses';
export { poseSkeleton } from './body/skeleton/poseSkeleton';
export {
  angleIn,
  angleOfRing,
  limitsOfAngle,
  PULLED_RINGS,
  pullJoint,
  withAngle,
} from './body/skeleton/pullJoint';
export { facePath, maybeSceneryOf } from './body/skeleton/scenery';
export { type Skeleton } from './body/skeleton/skeleton';
export { skeletonOf } from './body/skeleton/skeletonOf';
export { squatPosture } from './body/skeleton/squatPosture';

// Knowledge: the tables of the field
export { APPROACHES, DEFAULT_APPROACH } from './knowledge/approaches';
export { ASK_ORDER } from './knowledge/askOrder';
export { breathWords } from './knowledge/breaths';
export {
  type CauseId,
  type CauseKind,
  type CauseRow,
  CAUSES,
  GIVEN_CAUSES,
  oneCause,
} from './knowledge/causes';
export { CHECK_GUIDES } from './knowledge/checkGuides';
export { type CheckRow, type RangeCheck, type RangeNorm } from './knowledge/checkRow';
export { type CheckId, CHECKS, oneCheck } from './knowledge/checks';
export { type DisagreementRow, DISAGREEMENTS } from './knowledge/disagreements';
export { doseMinutes, doseWords, REST_BETWEEN_SETS, setSeconds } from './knowledge/doseSeconds';
export { DRILL_CHAINS, easierDrill, harderDrill } from './knowledge/drillChains';
export { causeKey, drillKey } from './knowledge/keys';
export { DRILL_POSES } from './knowledge/drillPoses';
export { type Dose, type DrillRow, FAMILIES, type Family } from './knowledge/drillRow';
export { type DrillId, DRILLS, oneDrill } from './knowledge/drills';
export { errorParts, semOfMean } from './knowledge/errorParts';
export { FAMILY_DOSES, usualDose } from './knowledge/familyDoses';
export { canBeSeen, type FaultRow } from './knowledge/faultRow';
export { FAULT_LEVELS, type FaultId, type FaultLevel, FAULTS, oneFault } from './knowledge/faults';
export { type FlagId, FLAGS } from './knowledge/flags';
export { GIVEN_REGIONS } from './knowledge/givenRegions';
export { type Kit, KIT } from './knowledge/kit';
export { type Norms } from './knowledge/norms';
export { FAMILY_FLAGS, type OwnDrill, ownDrillRow, type OwnPose } from './knowledge/ownDrill';
export { onePhrase, PHRASES } from './knowledge/phrases';
export { posesOfDrill } from './knowledge/posesOfDrill';
export { oneProbe, type ProbeId, type ProbeOutcome, PROBES } from './knowledge/probes';
export { oneReferQuestion, REFER_QUESTIONS, type ReferId } from './knowledge/refer';
export { type Region, REGIONS } from './knowledge/regions';
export { REPLACEABLE } from './knowledge/replaceable';
export { searchDrills } from './knowledge/searchDrills';
export { doseFor } from './knowledge/workOrder';

export { type CriterionId, oneCriterion } from './knowledge/ladders/criteria';
export { isLoaded, type Ladder, type RungWeight } from './knowledge/ladders/ladder';
export { LADDERS, maybeLadder, oneRung } from './knowledge/ladders/ladders';
export { loadOfRung } from './knowledge/ladders/loadOfRung';
export { onRung } from './knowledge/ladders/onRung';
export { weightOfRung } from './knowledge/ladders/weightOfRung';
export { NO_WEIGHTS, type Weights, weightsFor } from './knowledge/ladders/weights';

// Records: what is kept of a practice, and its schemas
export { noRecords } from './records/noRecords';
export { NOTHING_DONE } from './records/drills/nothingDone';
export { NOTHING_HELD } from './records/visits/nothingHeld';
export { NOTHING_MEASURED } from './records/checks/nothingMeasured';
export { NOTHING_SEEN } from './records/looks/nothingSeen';
export { NOTHING_TOLD } from './records/clients/nothingTold';
export {
  type CaseFile,
  type CheckFinding,
  type HistoryItem,
  type Lesson,
  type Opinion,
  type Pain,
  PAIN_KINDS,
  type ProbeFinding,
  type SeenFault,
} from './records/case/caseFile';
export { drillOf } from './records/drills/drillOf';
export { type DoseEntry, type HomeEntry, maybeDoseLog } from './records/homeEntries/homeEntry';
export {
  type HomeAnswer,
  type HomeDrill,
  type HomePlan,
  NO_WEEK_WISH,
  type Training,
} from './records/homePlans/homePlan';
export { type Marks, marksOf, type PictureFrame } from './records/pictures/marks';
export { measuredOf, type MeasureId } from './records/recordings/measures';
export {
  type Delivery,
  MESSAGE_KINDS,
  type MessageRecord,
  type Unsent,
} from './records/messages/messageRecord';
export { type Recording } from './records/recordings/recording';
export { type CheckRecord, type CheckRole } from './records/checks/checkRecord';
export { type Clearance, type ClientRecord } from './records/clients/clientRecord';
export { type ClientFile } from './records/clientFile';
export {
  type DrillForm,
  type DrillRecord,
  type SetClock,
  type SetLog,
} from './records/drills/drillRecord';
export { type HomePlanRecord } from './records/homePlans/homePlanRecord';
export { type ImageRecord } from './records/images/imageRecord';
export {
  type KindInFile,
  KINDS_IN_FILE,
  KINDS_OF_PRACTICE,
  RECORD_KINDS,
  type RecordKind,
} from './records/recordKinds';
export { type LookRecord, type LookRole, type Rep } from './records/looks/lookRecord';
export { type OwnDrillRecord } from './records/ownDrills/ownDrillRecord';
export { type PictureRecord } from './records/pictures/pictureRecord';
export { type PracticeFile } from './records/practiceFile';
export { type ProbeRecord } from './records/probes/probeRecord';
export { type RoomRecord } from './records/rooms/roomRecord';
export { type Step, STEPS, type VisitRecord } from './records/visits/visitRecord';
export { NO_WISH, type SessionWish } from './records/visits/sessionWish';

export { emailSchema } from './records/schemas/emailSchema';
export { homeEntrySchema } from './records/homeEntries/homeEntrySchema';
export {
  day as daySchema,
  id as idSchema,
  instant as instantSchema,
  J,
} from './records/schemas/joi';
export { parse, type Parsed } from './records/schemas/problems';
export { RECORD_SCHEMAS } from './records/recordSchemas';
export { settingsSchema, wordingSchema } from './records/wire/settingsSchema';

export {
  type FactorShown,
  LEAST_PASSWORD,
  type NewFactor,
  type PasskeyShown,
  type SessionShown,
} from './records/wire/account';
export { type Deed, DEEDS, type DeedShown, READ_EVERY_MIN } from './records/wire/audit';
export { CHANGE_EVENTS, type ChangeTold } from './records/wire/changeTold';
export { type JobShown, type JobsShown } from './records/wire/jobsShown';
export {
  INVITE_DAYS,
  type KeeperShown,
  type PersonShown,
  RESET_MINUTES,
  type Role,
  ROLES,
  type WelcomeShown,
} from './records/wire/people';
export { type RestoreProblem, type RestoreShown } from './records/wire/restoreShown';
export {
  type ConsentWording,
  type PracticeSettings,
  SHIPPED_WORDING,
  USUAL_SETTINGS,
} from './records/wire/settings';
export { waitBefore } from './records/wire/waitBefore';

// Inference: what was found, and what it means
export { compareGrades } from './inference/change/compareGrades';
export { compareSeries } from './inference/change/compareSeries';
export { isUnsteady, ownSem } from './inference/change/ownSem';
export { permutationTest } from './inference/change/permutationTest';
export { retention } from './inference/change/retention';
export { setupDifferences } from './inference/change/setupDifferences';
export { signTest } from './inference/change/signTest';
export { smallestRealChange } from './inference/change/smallestRealChange';
export { stepGains } from './inference/change/stepGains';
export { compareMeasures } from './inference/change/verdict';

export { attribute, type AttributionInput } from './inference/depth/attribute';
export { attributeWithErrors } from './inference/depth/attributeWithErrors';
export { reachErrorDeg, whatIf } from './inference/depth/whatIf';

export { type CareFor, careOf } from './inference/safety/careOf';
export { type CutQuestion, maybeDepthCut } from './inference/safety/depthCut';
export { depthCutOf } from './inference/safety/depthCutOf';
export { FLAG_RULES, flagEffects, maybeForbidden } from './inference/safety/flagRules';
export { type Gate, gateOf, hasConsent, openReferrals } from './inference/safety/gate';
export { isHelp } from './inference/safety/isHelp';
export { type Helped, helpedBy, maybeKeptHelp } from './inference/safety/keptHelp';
export { maybeBarred } from './inference/safety/maybeBarred';
export { painRule } from './inference/safety/painRule';
export { painEffects } from './inference/safety/painRules';
export {
  type MissingLimb,
  type ReplacedJoint,
  type Standing,
  standingOf,
} from './inference/safety/standing';

export { maybeDepthQuestion } from './inference/trace/depthShares';
export { disagreementsFor } from './inference/trace/disagreementsFor';
export { leavableFindings, withoutFindings } from './inference/trace/leaveOut';
export { maybeTrace } from './inference/trace/maybeTrace';
export { reasonsOf } from './inference/trace/reasons';
export { type Trace, trace, type TracedCause } from './inference/trace/trace';

export { faultTally } from './inference/visit/faultTally';
export { painsOf } from './inference/visit/painsOf';
export { ownNorm, repeatsIn } from './inference/visit/repeatsIn';
export { levelIn, verdictsOf, withheldBecause } from './inference/visit/verdicts';
export { visitPart } from './inference/visit/visitPart';

export { checkSeries } from './inference/trend/checkSeries';
export { doneBetween } from './inference/trend/doneBetween';
export { faultSeries } from './inference/trend/faultSeries';
export { keptBetween } from './inference/trend/keptBetween';
export { GAINS_SHAPE, type KeptGain, keptGains } from './inference/trend/keptGains';
export { localTrend, type TrendReading } from './inference/trend/localTrend';
export { mixtureCdf, mixtureMean, mixtureQuantile, mixtureSd } from './inference/trend/mixture';
export { maybeSideTrend } from './inference/trend/outlook';
export {
  type CheckRetention,
  LEAST_CLIENTS,
  LEAST_GAINS,
  rollUpGains,
} from './inference/trend/rollUpGains';

export { caseFileOf } from './inference/case/caseFileOf';
export { lessonsOf } from './inference/case/lessons';
export { maybeVisitFile, type VisitFile } from './inference/case/visitFile';

// Planning: what to ask, do and take home
export { type PlannedCause } from './planning/session/candidates';
export { gaugeOf, withWarmUp } from './planning/session/gauge';
export { limitsOf } from './planning/session/limitsOf';
export { plannedCauses } from './planning/session/plannedCauses';
export { planSession } from './planning/session/planSession';
export { type SessionLimits } from './planning/session/sessionLimits';
export { swapsFor } from './planning/session/swapsFor';
export {
  chooseRung,
  doseDrill,
  dropDrill,
  isWished,
  letGo,
  lockDrill,
  movedTo,
  swapDrill,
} from './planning/session/wish';

export { type NextCheck, nextChecks } from './planning/asking/nextChecks';
export { rivalsOf } from './planning/asking/rivals';

export { maybeRungVerdict } from './planning/ladder/judgeRung';
export { givenSides, loadToday } from './planning/ladder/loadToday';
export { maybeRungAgainst } from './planning/ladder/rungAgainst';
export { maybeLowered, rungToday } from './planning/ladder/rungToday';
export { standingsOf } from './planning/ladder/standings';

export {
  endedLog,
  isBegun,
  momentOf,
  nextSet,
  paused,
  resumed,
  setBack,
  workDone,
} from './planning/player/timeline';

export { adherence, nextReview } from './planning/home/adherence';
export { type DoseToday } from './planning/home/asTheyMayBe';
export { careAtHome } from './planning/home/careAtHome';
export { careButDepth } from './planning/home/careButDepth';
export { courseWeeks, reviewDays, weekOf } from './planning/home/course';
export { type Handout, type HandoutDrill, handoutOf } from './planning/home/handout';
export { homeDay } from './planning/home/homeDay';
export { heldFromHome, homeDrillsOf } from './planning/home/homeDrills';
export { homePage, type HomePage } from './planning/home/homePage';
export { openReports } from './planning/home/homeReports';
export { drillState, halvedDose } from './planning/home/homeState';
export { newHomePlan } from './planning/home/newHomePlan';
export { maybeCurrentPlan, maybeOpenPlan, type PlanAtHome } from './planning/home/planAtHome';
export { planWeek, type WeekPlan } from './planning/home/planWeek';
export { stepAdvice, withStep } from './planning/home/stepAdvice';
export { type WeekInput, type WeekStage } from './planning/home/weekInput';
export { brokenWeekRules } from './planning/home/weekRules';
export { moveDose, putOn, setOften, takeAway } from './planning/home/weekWish';

// Media: pictures and recordings
export { pictureMeasures } from './media/picture/pictureMeasures';
export { plumbFromPhone } from './media/picture/plumbFromPhone';

export { analyse, type Analysis } from './media/recording/analyse';
export { readKeypoints } from './media/recording/readKeypoints';
export { type ColumnMap, POINT_COLUMNS } from './media/recording/readTable';

export { record, type RecordedDocument } from './media/recorder/record';
export { PLAYED_FAULTS, type PlayedFault } from './media/recorder/recorderInput';

// Exchange: what leaves and comes in
export { type CaseDocument } from './exchange/case/caseDocument';
export { caseDocumentOf } from './exchange/case/caseDocumentOf';
export { caseFileFrom } from './exchange/case/caseFileFrom';
export { caseJsonSchema, parseCase } from './exchange/case/caseSchema';
export { compareReport, type LookComparison } from './exchange/case/compareReport';
export { parsePlanInput } from './exchange/case/planInput';
export { NO_PLAN, planReport, type ReportedPlan } from './exchange/case/planReport';
export { type CaseRecords, recordsFromCase } from './exchange/case/recordsFromCase';
export { traceReport, type TraceReport } from './exchange/case/traceReport';

export {
  type ReportLine,
  sessionReport,
  type SessionReport,
} from './exchange/report/sessionReport';

export { fhirBundle } from './exchange/export/fhirBundle';
export { MEASURE_COLUMNS, measuresCsv } from './exchange/export/measuresCsv';

export { parsePostureInput, type PostureInput } from './exchange/parse/postureInput';
export { readRecording } from './exchange/parse/readRecording';
export { parseRecorderInput } from './exchange/parse/recorderSchema';

export { letterOf } from './exchange/letters/letterOf';
export { linkDays } from './exchange/letters/linkDays';

// Reading: what screens and lists are made of
export { checksOfDrill } from './reading/visit/checksOfDrill';
export { heldSeconds, holdBegun, holdStopped } from './reading/visit/hold';
export { keepAdvice } from './reading/visit/keepAdvice';
export { maybeLookProblem } from './reading/visit/maybeLookProblem';
export { sessionSteps } from './reading/visit/sessionSteps';
export { setupFor } from './reading/visit/setupFor';
export { suspectChecks, suspectProbes } from './reading/visit/suspects';
export { tempoOf } from './reading/visit/tempoOf';
export { boardOf, threadThrough } from './reading/visit/threads';
export { traceSnapshot } from './reading/visit/traceSnapshot';
export { visitLooseEnds } from './reading/visit/visitLooseEnds';
export { withNorms } from './reading/visit/withNorms';

export { maybeFeltSpot } from './reading/figure/feltSpots';
export { firstMarks } from './reading/figure/firstMarks';
export { lookSkeleton } from './reading/figure/lookSkeleton';
export { observedAim } from './reading/figure/observedAim';

export { clientTrends } from './reading/trends/clientTrends';

export { maybeReminder, REMIND_DAYS_BEFORE, REMIND_UNTIL_DAYS } from './reading/due/maybeReminder';
export { whyUnsent } from './reading/due/whyUnsent';

export { type ClientLine, clientLine } from './reading/today/clientLine';
export {
  clientSummary,
  type ClientSummary,
  SUMMARY_READS,
  SUMMARY_SHAPE,
} from './reading/today/clientSummary';
export { maybeLeadingReport, QUIET_RANK, rankOf } from './reading/today/rankOf';
export { reportsToSee } from './reading/today/reportsToSee';
