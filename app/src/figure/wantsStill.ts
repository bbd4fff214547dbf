/** Whether the person asked the system for no motion. */
export const wantsStill = (): boolean =>
  typeof matchMedia === 'function' && matchMedia('(prefers-reduced-motion: reduce)').matches;
