import { test } from '@playwright/test';
import { fileURLToPath } from 'node:url';
import { contactSheet } from './contactSheet';

const FILE = fileURLToPath(new URL('../../test-results/figure-poses.png', import.meta.url));

test('the figure in all poses and views', async ({ page }) => {
  const { html, width, height } = contactSheet();
  await page.setViewportSize({ width, height });
  await page.setContent(html);
  await page.screenshot({ path: FILE });
});
