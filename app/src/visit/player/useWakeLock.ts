import { useEffect } from 'react';

/** Keeps the screen awake while `on`, where the browser can; it lets go by itself when the tab is hidden. */
export function useWakeLock(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async () => {
      if (gone || document.visibilityState !== 'visible') return;
      // Refused on a low battery: the drill goes on by the clock all the same.
      const got = await navigator.wakeLock.request('screen').catch(() => null);
      if (gone) void got?.release();
      else lock = got;
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [on]);
}
