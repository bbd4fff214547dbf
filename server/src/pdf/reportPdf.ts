import {
  bodyOf,
  cameraOf,
  clockWords,
  drawFigure,
  lookSkeleton,
  maybeTrace,
  caseFileOf,
  sessionReport,
  withheldBecause,
  dayIn,
  inUnits,
  type ReportLine,
  type SessionReport,
  type UnitSystem,
  type VisitFile,
} from '@taxikine/core';
import { drawFigureOn } from './drawFigureOn';
import { REPORT_WORDS as W } from './reportWords';
import { INK, Sheet, type Cell } from './Sheet';

export interface ReportAbout {
  readonly practice: string;
  readonly visit: VisitFile;
  readonly units: UnitSystem;
  /** IANA name of the zone whose days are printed. */
  readonly timeZone: string;
}

/** Sizes of plain text that are tried, the largest first, until all is on one page. */
const SIZES = [11, 10, 9, 8, 7] as const;
const FIGURE_PT = 120;

const cells = ({ what, before, after, word, sure }: ReportLine, units: UnitSystem): Cell[] => [
  { text: what, face: 'bold' },
  { text: inUnits(before, units) },
  { text: after === null ? W.notAgain : inUnits(after, units), colour: after ? INK.ink : INK.soft },
  { text: word && sure ? W.sure(W.verdicts[word], sure) : '' },
];

const HEAD: Cell[] = W.head.map((text) => ({ text, size: 0.85, colour: INK.soft }));

function heading(sheet: Sheet, text: string): void {
  sheet.gap(0.7).line(text, { face: 'heading', size: 1.25 }).gap(0.2);
}

interface Part {
  readonly title: string;
  readonly lines: readonly ReportLine[];
  readonly units: UnitSystem;
  /** Said where there is none of them. */
  readonly none?: string;
}

function linesPart(sheet: Sheet, { title, lines, units, none = '' }: Part): void {
  heading(sheet, title);
  if (lines.length === 0) sheet.line(none, { colour: INK.soft });
  else sheet.table([HEAD, ...lines.map((line) => cells(line, units))], [34, 18, 20, 28]);
}

/** Both looks on one figure, or why they are not compared. */
function figurePart(sheet: Sheet, visit: VisitFile, units: UnitSystem): void {
  const { first, again, client } = visit;
  if (!first || !again) return;
  const withheld = withheldBecause(visit);
  if (withheld.length > 0) {
    sheet.gap(0.5).line(inUnits([W.withheld, ...withheld].join(' '), units), { face: 'bold' });
    return;
  }
  const { pattern } = visit.visit;
  const body = bodyOf(client.heightM, client.massKg, client.segments);
  const camera = cameraOf(pattern === 'squat' ? 'back' : 'side', pattern, first.setup);
  const drawn = (faults: typeof first.faults) =>
    drawFigure(camera, lookSkeleton(body, first.setup, { pattern, phase: 'bottom', faults }));
  const stand = {
    x: sheet.doc.page.width / 2,
    y: sheet.doc.y + FIGURE_PT,
    scale: FIGURE_PT / (client.heightM * 820),
  };
  drawFigureOn(sheet, drawn(first.faults), stand, true);
  drawFigureOn(sheet, drawn(again.faults), stand);
  sheet.doc.y += FIGURE_PT + 4;
  sheet.line(W.laidOver, { size: 0.85, colour: INK.soft });
}

const drillCells = (drill: SessionReport['drills'][number]): Cell[] => {
  const { name, side, dose, status, sets, seconds, pain, keep } = drill;
  const rest = [
    W.work(sets, clockWords(seconds)),
    pain ? W.pain(pain) : '',
    keep ? W.kept[keep] : '',
  ];
  return [
    { text: side ? `${name}, ${side}` : name, face: 'bold' },
    { text: `${dose} · ${W.status[status]}` },
    { text: rest.filter(Boolean).join(' · ') },
  ];
};

function compose(size: number, { practice, visit, units, timeZone }: ReportAbout): Sheet {
  const { pattern, openedOn } = visit.visit;
  const on = dayIn(new Date(openedOn), timeZone);
  const { name } = visit.client;
  const report = sessionReport(visit, maybeTrace(caseFileOf(visit)));
  const sheet = new Sheet(size, `${name}, ${W.patterns[pattern]}, ${on}`);
  sheet.line(name, { face: 'heading', size: 2 });
  sheet.line(`${practice} · ${W.patterns[pattern]}, ${on}`);
  figurePart(sheet, visit, units);
  linesPart(sheet, { title: W.seen, lines: report.seen, units, none: W.nothingSeen });
  if (report.measured.length > 0)
    linesPart(sheet, { title: W.measured, lines: report.measured, units });
  heading(sheet, W.causes);
  if (report.causes.length === 0) sheet.line(W.noCauses, { colour: INK.soft });
  for (const { consistentWith, p, given } of report.causes)
    sheet.line(`${consistentWith} (${given ? W.given : p})`);
  heading(sheet, W.drills);
  if (report.drills.length === 0) sheet.line(W.noDrills, { colour: INK.soft });
  else sheet.table(report.drills.map(drillCells), [34, 26, 40]);
  sheet.gap(0.6);
  for (const caution of report.cautions) sheet.line(caution, { size: 0.85, colour: INK.soft });
  return sheet;
}

/** The page in the largest of these sizes that fits, or in the last of them. */
function fitting([size, ...smaller]: readonly number[], about: ReportAbout): Sheet {
  const sheet = compose(size, about);
  return sheet.pages === 1 || smaller.length === 0 ? sheet : fitting(smaller, about);
}

/**
 * The report of a visit as a PDF: one A4 page, in smaller type where there is much to say; only what is
 * too much for the smallest goes on over a second.
 */
export function reportPdf(about: ReportAbout): Promise<Buffer> {
  return fitting(SIZES, about).finished();
}
