import {
  bodyOf,
  drawFigure,
  facePath,
  FIGURE_CAMERAS,
  FIGURE_VIEWS,
  maybeSceneryOf,
  POSES,
  poseSkeleton,
  type DrawnFigure,
  type Pose,
} from '@taxikine/core';

const CELL = { width: 150, height: 160 };
const ACROSS = 10;
const PER_MM = 0.074;
const JOINTS = /^(shoulder|elbow|hip|knee|ankle)/;

const drawn = ({ parts, faceLines, rings }: DrawnFigure): string => {
  const flesh = parts.map(
    ({ path }) =>
      `<path d="${path}" fill="none" stroke="#1D2B36" stroke-width="22" stroke-linejoin="round"/>` +
      `<path d="${path}" fill="#EFE6D2" stroke="#EFE6D2" stroke-width="5"/>`,
  );
  const face = faceLines.map(
    (path) => `<path d="${path}" fill="none" stroke="#1D2B36" stroke-width="10"/>`,
  );
  const joints = Object.entries(rings)
    .filter(([id]) => JOINTS.test(id))
    .map(
      ([, [x, y]]) =>
        `<circle cx="${x}" cy="${y}" r="20" fill="#FFFBF1" stroke="#1D2B36" stroke-width="10"/>`,
    );
  return [...flesh, ...face, ...joints].join('');
};

/** Every pose in every view, as one page of SVG. */
export function contactSheet(): { html: string; width: number; height: number } {
  const body = bodyOf(1.75, 75);
  const perRow = ACROSS / FIGURE_VIEWS.length;
  const cells = (POSES as readonly Pose[]).flatMap((pose, i) =>
    FIGURE_VIEWS.map((view, j) => {
      const skeleton = poseSkeleton(body, pose);
      const figure = drawFigure(FIGURE_CAMERAS[view], skeleton);
      const face = maybeSceneryOf(pose, skeleton);
      const scenery = face
        ? `<path d="${facePath(FIGURE_CAMERAS[view], face)}" fill="none" stroke="#5C6770" stroke-width="12"/>`
        : '';
      const column = (i % perRow) * FIGURE_VIEWS.length + j;
      const x = (column + 0.5) * CELL.width;
      const y = (Math.floor(i / perRow) + 1) * CELL.height - 14;
      const name =
        j === 0 ? `<text x="${x - 70}" y="${y - 128}" font-size="13">${pose.id}</text>` : '';
      const middle = (figure.rings.pelvis[0] + figure.rings.chest[0]) / 2;
      return (
        `${name}<g transform="translate(${x},${y}) scale(${PER_MM}) translate(${-middle},0)">` +
        `<line x1="-900" x2="900" y1="6" y2="6" stroke="#CFC5AE" stroke-width="10"/>${scenery}${drawn(figure)}</g>`
      );
    }),
  );
  const width = ACROSS * CELL.width;
  const height = Math.ceil(POSES.length / perRow) * CELL.height;
  const svg = `<svg width="${width}" height="${height}" font-family="Besley, serif">${cells.join('')}</svg>`;
  return { html: `<body style="margin:0;background:#F5EFE2">${svg}</body>`, width, height };
}
