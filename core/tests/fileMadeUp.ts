import { USUAL_SETUP, type CaseFile } from '../src';

type Part = Partial<Omit<CaseFile, 'client' | 'look'>> & {
  readonly client?: Partial<CaseFile['client']>;
  readonly look?: Partial<CaseFile['look']>;
};

/** A squat in which nothing was found, but for what a test says. */
export const fileOf = ({ client, look, ...rest }: Part = {}): CaseFile => ({
  client: {
    heightM: 1.75,
    massKg: 75,
    flags: [],
    refer: [],
    history: [],
    given: [],
    ...client,
  },
  look: { pattern: 'squat', setup: USUAL_SETUP, faults: [], clear: [], pain: [], ...look },
  probes: [],
  checks: [],
  ...rest,
});
