import type { Dose } from '@taxikine/core/knowledge/drillRow';
import { momentOf, type PlayerMoment } from '@taxikine/core/planning/player/timeline';
import type { SetClock } from '@taxikine/core/records/drills/drillRecord';
import { useEffect, useState } from 'react';

/** Often enough for a second hand; the clock itself is in the record. */
const EVERY_MS = 200;

/** Where the drill is now, by the clock. */
export function useMoment(clock: SetClock, dose: Dose): PlayerMoment {
  const running = clock.runningSince !== null;
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!running) return;
    const tell = () => setNow(Date.now());
    const timer = setInterval(tell, EVERY_MS);
    // A tab that comes back shows the right time at once, not at the next tick.
    document.addEventListener('visibilitychange', tell);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tell);
    };
  }, [running, clock]);
  return momentOf(clock, dose, now);
}
