import { startTransition, useEffect, useState } from 'react';

/** A value as it was when it last rested for so many milliseconds: it skips what a hand drags past. */
export function useRested<T>(value: T, restMs: number): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setRested(() => value)), restMs);
    return () => clearTimeout(timer);
  }, [value, restMs]);
  return rested;
}
