import type { AngleSource } from './AngleSource';

/** Safari asks before it tells where the phone points. */
interface AskingEvent {
  requestPermission?: () => Promise<'granted' | 'denied'>;
}

export const hasOrientation = (): boolean =>
  typeof window !== 'undefined' &&
  'DeviceOrientationEvent' in window &&
  navigator.maxTouchPoints > 0;

/** Asks for the sensor where the browser wants to be asked; false when the answer is no. */
export async function maySense(): Promise<boolean> {
  const ask = (DeviceOrientationEvent as unknown as AskingEvent).requestPermission;
  return ask ? (await ask()) === 'granted' : true;
}

/**
 * The phone laid along a limb: how far its long side tips (beta), or how far it turns lying flat
 * (alpha); rolled out of that by gamma. W3C Device Orientation, intrinsic Z-X'-Y'' in degrees.
 */
export const phoneSource = (reads: 'tilt' | 'turn'): AngleSource => ({
  device: 'phone inclinometer',
  listen(onReading) {
    const hear = ({ alpha, beta, gamma }: DeviceOrientationEvent) => {
      const deg = reads === 'tilt' ? beta : alpha;
      if (deg === null) return;
      const rollDeg = reads === 'tilt' ? (gamma ?? 0) : 0;
      onReading({ atMs: performance.now(), deg, rollDeg });
    };
    window.addEventListener('deviceorientation', hear);
    return () => window.removeEventListener('deviceorientation', hear);
  },
});
