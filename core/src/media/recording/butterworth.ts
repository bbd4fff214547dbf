/** Two passes widen the pass band; this takes it back (D. A. Winter 2009, 2.2.4.4). */
const TWO_PASSES = (Math.SQRT2 - 1) ** 0.25;

/** Coefficients of a second-order low-pass: b0·(x + 2x₁ + x₂) − a1·y₁ − a2·y₂. */
interface LowPass {
  readonly b0: number;
  readonly a1: number;
  readonly a2: number;
}

function lowPass(cutoffHz: number, rate: number): LowPass {
  const w = Math.tan((Math.PI * Math.min(cutoffHz, 0.4 * rate)) / rate) / TWO_PASSES;
  const d = 1 + Math.SQRT2 * w + w * w;
  return { b0: (w * w) / d, a1: (2 * (w * w - 1)) / d, a2: (1 - Math.SQRT2 * w + w * w) / d };
}

/**
 * Zero-lag Butterworth low-pass: second order, once forward and once back, so that nothing is
 * delayed. The ends are continued by their own reflection.
 *
 * @param cutoffHz of both passes together; at most 40 % of the rate
 * @returns a new series of the same length
 */
export function smoothed(values: Float32Array, cutoffHz: number, rate: number): Float32Array {
  const count = values.length;
  const pad = Math.min(count - 1, Math.ceil(rate / cutoffHz));
  const padded = new Float32Array(count + 2 * pad);
  padded.set(values, pad);
  for (let i = 1; i <= pad; i++) {
    padded[pad - i] = 2 * values[0] - values[i];
    padded[pad + count - 1 + i] = 2 * values[count - 1] - values[count - 1 - i];
  }
  const filter = lowPass(cutoffHz, rate);
  pass(padded, filter, 0, 1);
  pass(padded, filter, padded.length - 1, -1);
  return padded.subarray(pad, pad + count);
}

/** Filters in place, from one end to the other. */
function pass(values: Float32Array, { b0, a1, a2 }: LowPass, first: number, step: 1 | -1): void {
  let x1 = values[first];
  let x2 = x1;
  let y1 = x1;
  let y2 = x1;
  for (let i = first; i >= 0 && i < values.length; i += step) {
    const x = values[i];
    const y = b0 * (x + 2 * x1 + x2) - a1 * y1 - a2 * y2;
    x2 = x1;
    x1 = x;
    y2 = y1;
    y1 = y;
    values[i] = y;
  }
}
