import { useCallback, useEffect, useRef, useState } from 'react';
import type { AngleSource } from './AngleSource';
import { captureOf, MOST_ROLL_DEG, turnFrom, type Capture, type Reading } from './steady';

export interface Inclinometer {
  /** Degrees from where it was set to nought; null before the first reading. */
  readonly deg: number | null;
  /** Rolled so far that it reads too little. */
  readonly rolled: boolean;
  readonly hold: Capture | null;
  readonly setNought: () => void;
  /** A finger came down: readings from now on count. */
  readonly press: () => void;
  readonly release: () => void;
}

const SHOWN_EVERY_MS = 100;

/** An inclinometer as a coach holds it: nought, hold to capture, and a word when it lies wrong. */
export function useInclinometer(
  source: AngleSource,
  onCaptured: (deg: number) => void,
): Inclinometer {
  const [shown, setShown] = useState<Reading | null>(null);
  const [nought, setNought] = useState(0);
  const [hold, setHold] = useState<Capture | null>(null);
  const held = useRef<{ sinceMs: number; readings: Reading[] } | null>(null);
  const latest = useRef<Reading | null>(null);
  /** Where nought is, for readings that come between two renders. */
  const noughtNow = useRef(0);
  const captured = useRef(onCaptured);
  useEffect(() => {
    captured.current = onCaptured;
  }, [onCaptured]);

  useEffect(() => {
    let shownAt = 0;
    return source.listen((reading) => {
      const first = latest.current;
      const deg = first ? first.deg + turnFrom(first.deg, reading.deg) : reading.deg;
      latest.current = { ...reading, deg };
      if (reading.atMs - shownAt >= SHOWN_EVERY_MS) {
        shownAt = reading.atMs;
        setShown(latest.current);
      }
      if (!held.current) return;
      held.current.readings.push(latest.current);
      const next = captureOf(held.current.readings, reading.atMs, held.current.sinceMs);
      if (next.status === 'holding') return setHold(next);
      held.current = null;
      setHold(next);
      if (next.status === 'captured') captured.current(next.deg - noughtNow.current);
    });
  }, [source]);

  const setNoughtHere = useCallback(() => {
    noughtNow.current = latest.current?.deg ?? 0;
    setNought(noughtNow.current);
    setHold(null);
  }, []);
  const press = useCallback(() => {
    held.current = { sinceMs: performance.now(), readings: [] };
    setHold({ status: 'holding', share: 0 });
  }, []);
  const release = useCallback(() => {
    if (!held.current) return;
    held.current = null;
    setHold(null);
  }, []);
  return {
    deg: shown ? shown.deg - nought : null,
    rolled: shown !== null && Math.abs(shown.rollDeg) > MOST_ROLL_DEG,
    hold,
    setNought: setNoughtHere,
    press,
    release,
  };
}
