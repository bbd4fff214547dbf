import {
  bodyOf,
  doseWords,
  drawFigure,
  extentOf,
  FIGURE_CAMERAS,
  handoutOf,
  mirroredPose,
  posesOfDrill,
  poseSkeleton,
  type Body,
  type CareFor,
  type ClientRecord,
  type Handout,
  type HandoutDrill,
  type HomeEntry,
  type HomePlan,
  type Pose,
  type Weekday,
} from '@taxikine/core';
import { drawFigureOn } from './drawFigureOn';
import { HANDOUT_WORDS as W } from './handoutWords';
import { INK, Sheet } from './Sheet';

export interface HandoutAbout {
  readonly practice: string;
  readonly client: Pick<ClientRecord, 'name' | 'heightM' | 'massKg' | 'segments'>;
  readonly plan: HomePlan;
  readonly entries: readonly HomeEntry[];
  /** What is looked out for at home. */
  readonly known: CareFor;
  /** The day that weeks begin with. */
  readonly begins: Weekday;
  /** For eyes that want it large. */
  readonly large: boolean;
}

/** Plain text, points: of the usual print and of the large. */
const TEXT_PT = { usual: 10.5, large: 16 } as const;
const CAMERA = FIGURE_CAMERAS.quarter;

/** Both poses of a drill side by side, in a box of so many points. */
function drawPoses(sheet: Sheet, body: Body, poses: readonly Pose[], x: number, box: number): void {
  const skeletons = poses.map((pose) => poseSkeleton(body, pose));
  const { left, right, top } = extentOf(CAMERA, skeletons);
  const scale = Math.min(box / (1000 * (right - left)), box / (1000 * Math.max(0.6, top)));
  const floor = sheet.doc.y + box;
  skeletons.forEach((skeleton, i) => {
    const middle = x + box * (i + 0.5) - (scale * 1000 * (left + right)) / 2;
    drawFigureOn(sheet, drawFigure(CAMERA, skeleton), { x: middle, y: floor, scale });
  });
}

function drillPart(sheet: Sheet, body: Body, one: HandoutDrill): void {
  const { row, side, number, dose, timesAWeek, care } = one;
  const poses = posesOfDrill(row).map((pose) => (side === 'right' ? mirroredPose(pose) : pose));
  const box = sheet.textPt * 7;
  const top = sheet.roomForBlock(box + sheet.textPt * 2);
  drawPoses(sheet, body, poses, sheet.left, box);
  const indent = 2 * box + 10;
  sheet.doc.y = top;
  sheet.line(`${number}  ${side ? `${row.name}, ${side}` : row.name}`, {
    face: 'heading',
    size: 1.25,
    indent,
  });
  sheet.line(W.dose(doseWords(dose), timesAWeek), { face: 'bold', indent });
  sheet.line(row.how, { indent });
  sheet.line(W.feel + row.feel, { indent });
  for (const says of care) sheet.line(says, { face: 'bold', indent });
  sheet.line(W.stopIf + row.stopIf, { face: 'bold', colour: INK.accent, indent });
  sheet.line(W.easier + row.easier, { indent, colour: INK.soft });
  sheet.doc.y = Math.max(sheet.doc.y, top + box) + sheet.textPt * 0.8;
}

function weekPart(sheet: Sheet, { grid, reviews }: Handout): void {
  sheet.roomForBlock(sheet.textPt * 12);
  sheet.line(W.week, { face: 'heading', size: 1.25 }).gap(0.3);
  const lines = grid.map(({ day, sittings }) => [
    { text: W.days[day], face: 'bold' as const },
    {
      text:
        sittings.map(({ at, numbers }) => `${at}: ${numbers.join(', ')}`).join('     ') ||
        W.nothing,
    },
  ]);
  sheet.table(lines, [12, 88]).gap(0.5);
  sheet.line(W.reviews(reviews.join(', ')));
}

/**
 * The home plan on one or two pages of paper: each drill with its figures, dose, what to feel and when to
 * stop, and the week as a grid of their numbers; in large print as many pages as it takes.
 */
export function handoutPdf({
  practice,
  client,
  plan,
  entries,
  known,
  large,
  begins,
}: HandoutAbout): Promise<Buffer> {
  const sheet = new Sheet(large ? TEXT_PT.large : TEXT_PT.usual, W.title(client.name));
  const handout = handoutOf(plan, entries, known, begins);
  const body = bodyOf(client.heightM, client.massKg, client.segments);
  sheet.line(W.title(client.name), { face: 'heading', size: 1.8 });
  sheet.line(practice, { colour: INK.soft });
  if (plan.note) sheet.gap(0.3).line(`“${plan.note}”`);
  sheet.gap(0.8);
  for (const one of handout.drills) drillPart(sheet, body, one);
  weekPart(sheet, handout);
  sheet
    .gap(0.5)
    .line(W.pain, { face: 'bold' })
    .gap(0.3)
    .line(W.caution, { size: 0.85, colour: INK.soft });
  return sheet.finished();
}
