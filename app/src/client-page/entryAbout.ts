import type { PagePlan } from '@taxikine/core/planning/home/homePage';

/** What every entry carries. */
export const entryAbout = (plan: PagePlan, on: string) => ({
  id: crypto.randomUUID(),
  planId: plan.id,
  planVersion: plan.version,
  on,
  said: new Date().toISOString(),
});
