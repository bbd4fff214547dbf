import type { ClientFile } from './clientFile';

/** The lists of a client's file before anything was kept; new ones each time, to be added to. */
export const noRecords = (): Omit<ClientFile, 'client'> => ({
  visits: [],
  looks: [],
  probes: [],
  checks: [],
  drills: [],
  pictures: [],
  homePlans: [],
  messages: [],
  homeEntries: [],
});
