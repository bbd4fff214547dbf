import { smoothed } from './butterworth';

/** Cut-offs that are compared, in hertz. */
const LOWEST = 1.5;
const HIGHEST = 12;
const STEP = 0.5;
/** Above this the movement has ended and only noise is taken away. */
const ONLY_NOISE = 7;
/** What a cut-off may be for a person who squats, whatever the residuals say. */
const LEAST = 2;
const MOST = 6;
/** So many seconds tell; a long recording is as noisy as its beginning. */
const SECONDS = 30;

/**
 * Cut-off of the low-pass by residual analysis (D. A. Winter 2009, 2.2.4.5): where only noise is left,
 * the residual falls along a straight line as the cut-off rises; that line's height at 0 Hz is what the
 * noise amounts to, and the cut-off that leaves just so much out is taken.
 *
 * @returns hertz, between 2 and 6
 */
export function residualCutoff(values: Float32Array, rate: number): number {
  const part = values.subarray(0, Math.min(values.length, Math.ceil(SECONDS * rate)));
  const cutoffs: number[] = [];
  for (let hz = LOWEST; hz <= Math.min(HIGHEST, 0.4 * rate); hz += STEP) cutoffs.push(hz);
  const residuals = cutoffs.map((hz) => residual(part, smoothed(part, hz, rate)));
  const noise = heightAtZero(cutoffs, residuals);
  const enough = residuals.findIndex((left) => left <= noise);
  const cutoff = enough < 0 ? MOST : cutoffs[enough];
  return Math.min(MOST, Math.max(LEAST, cutoff));
}

function residual(values: Float32Array, filtered: Float32Array): number {
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += (values[i] - filtered[i]) ** 2;
  return Math.sqrt(sum / values.length);
}

/** Height at 0 of the straight line through the residuals where only noise is left. */
function heightAtZero(cutoffs: readonly number[], residuals: readonly number[]): number {
  const points = cutoffs
    .map((hz, i) => [hz, residuals[i]] as const)
    .filter(([hz]) => hz >= Math.min(ONLY_NOISE, cutoffs[cutoffs.length - 1] - 2));
  const mean = (k: 0 | 1) => points.reduce((sum, point) => sum + point[k], 0) / points.length;
  const [mx, my] = [mean(0), mean(1)];
  const slope =
    points.reduce((sum, [x, y]) => sum + (x - mx) * (y - my), 0) /
    points.reduce((sum, [x]) => sum + (x - mx) ** 2, 1e-12);
  return my - slope * mx;
}
