import { normal, seeded } from '@taxikine/core/foundation/numeric/random';
import type { AngleSource } from './AngleSource';

/** How a real one errs: from reading to reading, and slowly over time. */
const NOISE_DEG = 0.35;
const DRIFT_DEG_PER_S = 0.02;
const EVERY_MS = 40;

/** How the limb really lies, in degrees. */
export interface LimbAt {
  readonly deg: number;
  /** How far the instrument on it is rolled out of its plane. */
  readonly rollDeg: number;
}

/** A hand that pulls the limb; the limb stays where it was let go. */
export interface LimbHand {
  readonly at: () => LimbAt;
  readonly put: (part: Partial<LimbAt>) => void;
}

export function limbHand(begins: LimbAt = { deg: 0, rollDeg: 0 }): LimbHand {
  let now = begins;
  return { at: () => now, put: (part) => (now = { ...now, ...part }) };
}

/** An inclinometer on a limb that is pulled about on the screen, with noise and drift of its own. */
export function simulatedSource(hand: LimbHand, seed: number): AngleSource {
  const random = seeded(seed);
  return {
    device: 'simulated',
    listen(onReading) {
      const began = performance.now();
      const timer = setInterval(() => {
        const atMs = performance.now();
        const drift = (DRIFT_DEG_PER_S * (atMs - began)) / 1000;
        const { deg, rollDeg } = hand.at();
        onReading({ atMs, deg: deg + drift + normal(random) * NOISE_DEG, rollDeg });
      }, EVERY_MS);
      return () => clearInterval(timer);
    },
  };
}
