const DAY_MS = 86_400_000;

/** Days since 1970 of an instant, with their fraction. */
export const dayOf = (instant: string): number => Date.parse(instant) / DAY_MS;
