export const RECORD_KINDS = [
  'clients',
  'visits',
  'looks',
  'probes',
  'checks',
  'drills',
  'pictures',
  'images',
  'homePlans',
  'messages',
  'ownDrills',
  'rooms',
] as const;

export type RecordKind = (typeof RECORD_KINDS)[number];

/** Kinds that a client's file holds; images are fetched one by one. */
export const KINDS_IN_FILE = [
  'visits',
  'looks',
  'probes',
  'checks',
  'drills',
  'pictures',
  'homePlans',
  'messages',
] as const;

export type KindInFile = (typeof KINDS_IN_FILE)[number];

/** Kinds that belong to the practice and to no client. */
export const KINDS_OF_PRACTICE = ['ownDrills', 'rooms'] as const;
