export { localTrend, type LocalTrend, type TrendLevel, type TrendReading } from './localTrend';
export { mixtureCdf, mixtureMean, mixtureQuantile, mixtureSd, type Mixture } from './mixture';
export { checkSeries, type CheckSeries, type SeriesOfSide, type SeriesPoint } from './checkSeries';
export { faultSeries, type FaultSeries, type GradePoint } from './faultSeries';
export { dayOf } from './dayOf';
export { doneBetween, type SessionMark } from './doneBetween';
export { keptBetween, type KeptBetween } from './keptBetween';
export { GAINS_SHAPE, keptGains, type KeptGain } from './keptGains';
export {
  LEAST_CLIENTS,
  LEAST_GAINS,
  rollUpGains,
  type CheckRetention,
  type ClientGains,
} from './rollUpGains';
export { maybeSideTrend, type Outlook, type SideTrend } from './outlook';
export { clientTrends, type CheckCourse, type ClientTrends, type SideCourse } from './clientTrends';
