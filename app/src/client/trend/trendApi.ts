import { clientTrends } from '@taxikine/core/reading/trends/clientTrends';

/** What the page asks the worker of trends. */
export const trendApi = { trends: clientTrends };

export type TrendApi = typeof trendApi;
