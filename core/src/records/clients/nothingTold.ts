import { DEFAULT_APPROACH } from '../../knowledge/approaches';
import { NO_HOME, type ClientRecord } from './clientRecord';

/** What a client has told before anybody asked. */
export const NOTHING_TOLD = {
  segments: {},
  flags: [],
  history: [],
  given: [],
  consent: null,
  clearances: [],
  setups: {},
  goal: '',
  approach: DEFAULT_APPROACH,
  footwear: null,
  home: NO_HOME,
  contact: null,
  norms: {},
} satisfies Partial<ClientRecord>;
