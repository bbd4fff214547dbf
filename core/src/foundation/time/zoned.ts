import type { Day } from './instant';

/** Made once a zone: making one takes longer than all it is then asked. */
const formats = new Map<string, Intl.DateTimeFormat>();

/** ISO 8601 is how dates are written in Swedish; hours from 00 to 23. */
function formatIn(zone: string | undefined): Intl.DateTimeFormat {
  const known = formats.get(zone ?? '');
  if (known) return known;
  const made = new Intl.DateTimeFormat('sv-SE', {
    timeZone: zone,
    dateStyle: 'short',
    timeStyle: 'short',
  });
  formats.set(zone ?? '', made);
  return made;
}

const parts = (moment: Date, zone: string | undefined): string[] =>
  formatIn(zone).format(moment).split(' ');

/**
 * The calendar day that a moment is in.
 *
 * @param zone IANA name; undefined: the machine's own
 */
export const dayIn = (moment: Date, zone: string | undefined): Day => parts(moment, zone)[0];

/** "14:05" */
export const timeIn = (moment: Date, zone: string | undefined): string => parts(moment, zone)[1];
