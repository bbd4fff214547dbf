import { KIT } from '../../knowledge/kit';
import { NO_WISH } from './sessionWish';
import type { VisitRecord } from './visitRecord';

/** What a visit holds before anybody judged anything. */
export const NOTHING_HELD = {
  kit: KIT.map(({ id }) => id),
  wish: NO_WISH,
  opinions: [],
  traced: null,
  extra: null,
} satisfies Partial<VisitRecord>;
