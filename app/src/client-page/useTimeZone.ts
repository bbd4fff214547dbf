import { useEffect, useState } from 'react';

/** Where the device is; null at first: looking it up takes a slow phone longer than a frame, so the page comes before it. */
export function useTimeZone(): string | null {
  const [zone, setZone] = useState<string | null>(null);
  useEffect(() => {
    const look = () => setZone(Intl.DateTimeFormat().resolvedOptions().timeZone);
    const timer = setTimeout(look);
    return () => clearTimeout(timer);
  }, []);
  return zone;
}
