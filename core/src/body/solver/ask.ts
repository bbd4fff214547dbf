import { degOfRad, radOfDeg } from '../../foundation/numeric/angle';
import type { Binding } from './binding';
import { deepest, type Deepest } from './deepest';
import { patternDepth } from './depth';
import { fit, type Fit, type FitAim } from './fit';
import type { Excess } from './excess';
import { capacitiesOf, type Strength } from './capacities';
import { limitsOf, type LimitsDeg } from './limits';
import { postureReport, type PostureReport } from './postureReport';
import { problemOf, type PostureProblem } from './problem';
import { settle, type DepthAim, type Settled } from './settle';
import { stanceOf, type StanceSetup } from './stance';
import type { Body } from '../segments/body';
import type { Pattern } from '../stance/patterns';
import type { LimitId } from './condition';
import type { MaybeSide } from '../../foundation/sides/side';
import type { PostureState } from './state';

/** A question to the solver in a coach's units. */
export interface PostureQuestion {
  readonly pattern: Pattern;
  readonly body: Body;
  readonly setup: StanceSetup;
  readonly limits: LimitsDeg;
  /** Shares of usual strength; usual where nothing is said. */
  readonly strength?: Strength;
}

/** What is in the way of a posture, by how much, in its own unit. */
export interface Lack {
  readonly side: MaybeSide;
  readonly limit: LimitId;
  readonly by: number;
  readonly unit: 'deg' | 'cm' | '%';
}

export type PostureAnswer =
  | {
      readonly status: 'found';
      readonly posture: PostureReport;
      /** In the pattern's own measure: see `patternDepth`. */
      readonly depthDeg: number;
      readonly binding: readonly Binding[];
      readonly state: PostureState;
    }
  | { readonly status: 'blocked'; readonly lacks: readonly Lack[] };

const METRES: readonly LimitId[] = [
  'kneeOnFloor',
  'hipsOnFloor',
  'heelsPressed',
  'toesPressed',
  'sidePressed',
  'postReach',
  'balance',
];
const SHARES: readonly LimitId[] = ['weightShare', 'legLength'];

function lackOf({ side, limit, by }: Excess): Lack {
  if (METRES.includes(limit)) return { side, limit, by: by * 100, unit: 'cm' };
  if (SHARES.includes(limit)) return { side, limit, by: by * 100, unit: '%' };
  return { side, limit, by: degOfRad(by), unit: 'deg' };
}

/** The problem behind a question. */
export const problemFrom = (question: PostureQuestion): PostureProblem => {
  const { pattern, body, setup, limits, strength } = question;
  const stance = stanceOf(pattern, setup, body.heightM);
  return problemOf(body, stance, limitsOf(limits), capacitiesOf(body.massKg, strength));
};

const answerOf = (problem: PostureProblem, answer: Deepest | Settled): PostureAnswer =>
  'by' in answer
    ? { status: 'blocked', lacks: answer.by.map(lackOf) }
    : {
        status: 'found',
        posture: postureReport(problem, answer.state),
        depthDeg: degOfRad(patternDepth(problem).value(answer.state)),
        binding: answer.binding,
        state: answer.state,
      };

/** The deepest posture, reported. */
export function askDeepest(question: PostureQuestion): PostureAnswer {
  const problem = problemFrom(question);
  return answerOf(problem, deepest(problem));
}

/** The likely posture at a depth in degrees, reported. */
export function askSettle(
  question: PostureQuestion,
  aim: { readonly thighDeg: number } | { readonly trunkLeanDeg: number },
  from?: readonly number[],
): PostureAnswer {
  const problem = problemFrom(question);
  const depth: DepthAim =
    'thighDeg' in aim
      ? { thighRad: radOfDeg(aim.thighDeg) }
      : { leanRad: radOfDeg(aim.trunkLeanDeg) };
  return answerOf(problem, settle(problem, depth, from ? [...from] : undefined));
}

/** The set-up that fits an aim; null where none does. */
export function askFit(
  question: PostureQuestion,
  aim: FitAim,
  onTried?: (done: number, all: number) => boolean | void,
): Fit | null {
  const { limits, capacities } = problemFrom(question);
  const answer = fit({ ...question, limits, capacities }, aim, onTried);
  return answer.status === 'fitted' ? answer.fit : null;
}
