import type { Page } from '@playwright/test';

/**
 * The same view in another width, as when a phone is turned or a window pulled: what there is to look at in several
 * widths needs the app opened once. It has been drawn when the second frame comes.
 */
export async function inWidth(page: Page, width: number, height: number): Promise<void> {
  await page.setViewportSize({ width, height });
  await page.evaluate(
    () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
  );
}
