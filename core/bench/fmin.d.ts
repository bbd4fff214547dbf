declare module 'fmin/index.js' {
  export function nelderMead(
    f: (x: number[]) => number,
    start: readonly number[],
    options: { maxIterations: number; minErrorDelta: number; minTolerance: number },
  ): { x: number[]; fx: number };
}
