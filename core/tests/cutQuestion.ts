import { maybeDepthCut, USUAL_SETUP, type CutQuestion, type Pain } from '../src';
import { painAt } from './painAt';

/** What a usual body in a usual squat is asked, where these hurt. */
export const cutQuestion = (pains: Pain[], part: Partial<CutQuestion> = {}): CutQuestion => ({
  pattern: 'squat',
  client: { heightM: 1.75, massKg: 75 },
  setup: USUAL_SETUP,
  limits: {},
  seenDeg: null,
  pains,
  ...part,
});

/** How deep one pain lets it be. */
export const cutDegOf = (part: Partial<Pain>, more: Partial<CutQuestion> = {}) =>
  maybeDepthCut(cutQuestion([painAt(part)], more))?.deg ?? null;
