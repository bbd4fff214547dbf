import {
  bodyOf,
  drawFigure,
  FIGURE_CAMERAS,
  lookSkeleton,
  usualSetup,
  type SeenFault,
} from '@taxikine/core';
import type { Page } from '@playwright/test';

const SIZE = { width: 900, height: 1200 } as const;
/** As large, and standing as low, as the marks begin: see `firstMarks` in core. */
const FILLS = 0.62;
const FEET_AT = 0.88;
const FOLDED: SeenFault = { fault: 'trunk-folds', phase: 'bottom', grade: 'plain', value: 50 };

/** Made up: the lay figure in a room, as a photo would show somebody. */
export async function drawnPhoto(page: Page): Promise<Buffer> {
  const body = bodyOf(1.72, 71);
  const moment = { pattern: 'squat', phase: 'bottom', faults: [FOLDED] } as const;
  const skeleton = lookSkeleton(body, usualSetup('squat', 1.72), moment);
  const scale = (FILLS * SIZE.height) / (skeleton.headTop[2] * 1000);
  const parts = drawFigure(FIGURE_CAMERAS.right, skeleton).parts.map(
    ({ path }) => `<path d="${path}" fill="#c79a78" stroke="#4d3426" stroke-width="9"/>`,
  );
  const floor = FEET_AT * SIZE.height;
  await page.setViewportSize(SIZE);
  await page.setContent(
    `<body style="margin:0"><svg width="${SIZE.width}" height="${SIZE.height}">
      <rect width="100%" height="100%" fill="#a9b3ac"/>
      <rect y="${floor - 8}" width="100%" height="100%" fill="#84705a"/>
      <rect x="760" width="30" height="${floor - 8}" fill="#dfe3dd"/>
      <g transform="translate(${SIZE.width / 2},${floor}) scale(${scale})">${parts.join('')}</g>
    </svg></body>`,
  );
  return page.screenshot({ type: 'jpeg', quality: 90 });
}
