// A week at home: what goes into it, what goes where, and what the coach holds on to
export {
  ANSWERS,
  COURSE_WEEKS,
  MOST_MOMENTS,
  NO_WEEK_WISH,
  USUAL_MOMENTS,
  type DoseAt,
  type HomeAnswer,
  type HomeDrill,
  type HomePlan,
  type Training,
  type WeekWish,
} from './homePlan';
export { addDays, daysFrom, weekdayOf, weekFrom } from './calendarDay';
export { minutesOf, type ClockTime } from './clockTime';
export { RHYTHM_OF_FAMILY, rhythmOf, type Rhythm } from './rhythm';
export { type WeekDrill, type WeekInput, type WeekStage } from './weekInput';
export { planWeek, type FullDay, type WeekPlan } from './planWeek';
export type { DroppedDoses } from './droppedDoses';
export type { PlacedDose } from './placedDoses';
export { brokenWeekRules, WEEK_RULES, type BrokenWeekRule, type WeekRule } from './weekRules';
export { CALM_BEFORE_TRAINING_MIN } from './momentsFor';
export { ENOUGH_IN_POSITION_MIN, PARTS, type Part, type TimeInPosition } from './threeParts';
export { isWeekWished, moveDose, putOn, setOften, takeAway } from './weekWish';

// A course of weeks, what is said from home, and what follows from it
export {
  courseWeeks,
  reviewDays,
  stageOf,
  weekOf,
  type CourseWeek,
  type WhichWeek,
} from './course';
export {
  DOSE_DONE,
  maybeDoseLog,
  WHY_NOT,
  type DoseDone,
  type DoseEntry,
  type DoseLog,
  type HomeEntry,
  type MorningEntry,
  type SafetyEntry,
  type WhyNot,
} from './homeEntry';
export {
  keyOfReport,
  maybeReport,
  openReports,
  type HomeReport,
  type ReportKind,
} from './homeReports';
export { drillState, halvedDose, type DrillState } from './homeState';
export { asTheyMayBe, type DoseToday } from './asTheyMayBe';
export { homeDay, type HomeDay } from './homeDay';
export { adherence, nextReview } from './adherence';
export { tallied, tallyOf, type DoseTally } from './doseTally';
export { stepAdvice, withStep, type StepAdvice } from './stepAdvice';
export { heldFromHome, homeDrillsOf, type HeldFromHome } from './homeDrills';
export { newHomePlan, type Here } from './newHomePlan';
export { careAtHome } from './careAtHome';
export { careButDepth } from './careButDepth';
export { homePage, type HomePage, type PageDay, type PageDrill, type PagePlan } from './homePage';
export { handoutOf, type Handout, type HandoutDrill } from './handout';
export { entriesOf, maybeCurrentPlan, maybeOpenPlan, type PlanAtHome } from './planAtHome';
export { minutesOfPage } from './minutesOfPage';
