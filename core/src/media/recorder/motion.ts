import { within } from '../../foundation/numeric/random';

/** One repetition in time and depth. Seconds from the recording's start; depth 0 standing to 1. */
export interface Played {
  readonly start: number;
  readonly downEnd: number;
  readonly upStart: number;
  readonly end: number;
  /** How much of the asked depth this one takes. */
  readonly depth: number;
}

/** A body that begins and ends at rest (T. Flash & N. Hogan 1985). */
const minimumJerk = (t: number): number => t * t * t * (10 - 15 * t + 6 * t * t);

const REST_S = 1.2;
const HOLD_S = 0.3;
/** No repetition is quite like the last. */
const TEMPO_SPREAD = 0.12;
const DEPTH_SPREAD = 0.03;

/** Repetitions one after the other, each a little different. */
export function playedRepetitions(
  count: number,
  secondsDown: number,
  secondsUp: number,
  random: () => number,
): Played[] {
  const about = (value: number) => value * within(random, 1 - TEMPO_SPREAD, 1 + TEMPO_SPREAD);
  const played: Played[] = [];
  let now = about(REST_S);
  for (let i = 0; i < count; i++) {
    const start = now;
    const downEnd = start + about(secondsDown);
    const upStart = downEnd + about(HOLD_S);
    const end = upStart + about(secondsUp);
    played.push({ start, downEnd, upStart, end, depth: within(random, 1 - DEPTH_SPREAD, 1) });
    now = end + about(REST_S);
  }
  return played;
}

/** Where in a repetition a moment is. */
export interface Moment {
  /** 0 standing to 1, the asked depth. */
  readonly depth: number;
  /** Share of the way up that has been made; 0 before. */
  readonly risen: number;
}

export function momentAt(played: readonly Played[], time: number): Moment {
  const one = played.find(({ start, end }) => time >= start && time <= end);
  if (!one) return { depth: 0, risen: 0 };
  if (time < one.downEnd)
    return {
      depth: one.depth * minimumJerk((time - one.start) / (one.downEnd - one.start)),
      risen: 0,
    };
  if (time < one.upStart) return { depth: one.depth, risen: 0 };
  const risen = minimumJerk((time - one.upStart) / (one.end - one.upStart));
  return { depth: one.depth * (1 - risen), risen };
}

export const playedSeconds = (played: readonly Played[]): number =>
  (played[played.length - 1]?.end ?? 0) + REST_S;
