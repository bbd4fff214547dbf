/** Every zone that the browser knows; where it tells none, only its own can be chosen. */
export const ZONES: readonly string[] = Intl.supportedValuesOf?.('timeZone') ?? [];

export const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
