/** The value below which a part of all values lies (0 to 1); of the values in place order. */
export const quantile = (values: Float32Array, part: number): number =>
  Float32Array.from(values).sort()[Math.floor(part * (values.length - 1))];
