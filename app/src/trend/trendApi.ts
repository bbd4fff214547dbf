import { clientTrends } from '@taxikine/core/trend/clientTrends';

/** What the page asks the worker of trends. */
export const trendApi = { trends: clientTrends };

export type TrendApi = typeof trendApi;
