import type { RequestHandler } from 'express';
import { AppError } from '../ground/errors';
import { signedIn } from './needSession';

/** Of twelve connections that a process has. */
const AT_ONCE = 4;
/** More than any screen asks for; a device that asks for more is told to ask again. */
const MOST_WAITING = 60;

const tooMuch = new AppError(503, {
  code: 'busy',
  message: 'So much was asked for at once that this has to wait.',
  hint: 'Nothing is lost: the app sends again by itself.',
});

/** What one coach asks for: how much of it is worked on, and what waits. */
interface Lane {
  busy: number;
  readonly waiting: Set<() => void>;
}

/**
 * Lets so many requests of one coach through at once, the others in the order in which they came: whoever asks for very
 * much waits for themselves, and nobody else does. Only behind `needSession`, and before what is answered soon.
 */
export function takeTurns(): RequestHandler {
  const lanes = new Map<string, Lane>();
  const done = (coachId: string, lane: Lane) => {
    const [next] = lane.waiting;
    if (next) {
      lane.waiting.delete(next);
      return next();
    }
    lane.busy -= 1;
    if (lane.busy === 0) lanes.delete(coachId);
  };
  return (_request, response, next) => {
    const { id } = signedIn(response).coach;
    const lane = lanes.get(id) ?? { busy: 0, waiting: new Set() };
    lanes.set(id, lane);
    if (lane.waiting.size >= MOST_WAITING) throw tooMuch;
    let isTurn = lane.busy < AT_ONCE;
    const begin = () => {
      isTurn = true;
      next();
    };
    // Answered, or nobody waits for it any more.
    response.once('close', () => (isTurn ? done(id, lane) : lane.waiting.delete(begin)));
    if (!isTurn) return void lane.waiting.add(begin);
    lane.busy += 1;
    next();
  };
}
