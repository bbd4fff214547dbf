/** Every zone that the browser knows; where it tells none, only the one that is said can be chosen. */
const ZONES: readonly string[] = Intl.supportedValuesOf?.('timeZone') ?? [];

/** The zones to choose from, as they are read; `said` is among them though this browser may not know it. */
export const zoneOptions = (said: string) =>
  (said === '' || ZONES.includes(said) ? ZONES : [said, ...ZONES]).map((value) => ({
    value,
    label: value.replaceAll('_', ' '),
  }));

export const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
