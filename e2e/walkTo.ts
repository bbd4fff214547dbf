import type { Locator, Page } from '@playwright/test';

/**
 * Goes where a link within the app would: the page stays, and is not made anew, which takes two seconds of a
 * processor. Something must be there that the view before does not have.
 */
export async function walkTo(page: Page, path: string, shows: Locator): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);
  await shows.first().waitFor();
}
