import type { Problem } from '../../records/schemas/problems';

/** Slower than this, nothing of a repetition can be followed. */
const LEAST_FPS = 10;
/** Shorter than this, in seconds, there is no repetition in it. */
const LEAST_SECONDS = 1;
/** Two hours at sixty frames a second. */
const MOST_FRAMES = 432_000;
/** A file larger than this is refused before it is read. */
const MOST_BYTES = 200 * 1024 * 1024;

export const tooLarge = (bytes: number): Problem | null =>
  bytes > MOST_BYTES
    ? {
        path: '',
        message: `${Math.round(bytes / 1048576)} MB is more than the 200 MB that can be read: cut the recording into shorter ones`,
      }
    : null;

/**
 * What is wrong with the times of a recording.
 *
 * @param times seconds
 * @param pathOf names the place of a frame in the file
 */
export function timeProblems(
  times: Float64Array,
  pathOf: (frame: number) => string,
): readonly Problem[] {
  if (times.length === 0) return [{ path: 'frames', message: 'there are no frames' }];
  if (times.length > MOST_FRAMES)
    return [{ path: 'frames', message: `more than ${MOST_FRAMES} frames` }];
  for (let i = 0; i < times.length; i++)
    if (!Number.isFinite(times[i])) return [{ path: pathOf(i), message: 'the time is no number' }];
  for (let i = 1; i < times.length; i++)
    if (times[i] <= times[i - 1])
      return [
        {
          path: pathOf(i),
          message: `time does not go forward: ${times[i]} s after ${times[i - 1]} s`,
        },
      ];
  const seconds = times[times.length - 1] - times[0];
  if (seconds < LEAST_SECONDS)
    return [{ path: 'frames', message: `${seconds.toFixed(2)} s is too short for a repetition` }];
  const fps = frameRate(times);
  if (fps < LEAST_FPS)
    return [
      {
        path: 'frames',
        message: `${fps.toFixed(1)} frames a second are too few: at least ${LEAST_FPS} are needed`,
      },
    ];
  return [];
}

/** Frames a second from the middle gap between frames, so that dropped ones do not count. */
export function frameRate(times: Float64Array): number {
  const gaps = new Float64Array(Math.min(times.length - 1, 2000));
  for (let i = 0; i < gaps.length; i++) gaps[i] = times[i + 1] - times[i];
  gaps.sort();
  return gaps.length === 0 ? 0 : 1 / gaps[gaps.length >> 1];
}
