import { createHash } from 'node:crypto';
import {
  bodyOf,
  caseDocumentOf,
  caseFileOf,
  caseJsonSchema,
  clientSummary,
  clientTrends,
  DRILLS,
  fhirBundle,
  homePage,
  maybeTrace,
  maybeVisitFile,
  measuresCsv,
  posesOfDrill,
  poseSkeleton,
  sessionReport,
  traceReport,
  visitPart,
  type ClientFile,
} from '@taxikine/core';
import { openapi } from '@taxikine/server';
import { demoFiles } from '../src';

const NOW = new Date('2026-11-23T18:00:00.000Z');

/** The same for the same content, a dozen letters long. */
const printOf = (value: unknown): string =>
  createHash('sha256').update(JSON.stringify(value)).digest('hex').slice(0, 12);

/** What is made of one visit: the case that leaves, the judgement on it, the report and the bundle. */
function ofVisit(file: ClientFile, { id }: ClientFile['visits'][number]): [string, unknown][] {
  const visit = maybeVisitFile(file, id)!;
  const document = caseDocumentOf(visit);
  return [
    ['case', document],
    ['judgement', traceReport(document)],
    ['report', sessionReport(visit, maybeTrace(caseFileOf(visit)))],
    ['bundle', fhirBundle(visitPart(file, visit.visit), NOW.toISOString())],
  ];
}

const ofClient = (file: ClientFile): [string, unknown][] => [
  ['measures', measuresCsv(file)],
  ['line', clientSummary(file)],
  ['trends', clientTrends(file)],
  ['page', homePage(file, 'Saltreach', '2026-11-24')],
  ...file.visits.flatMap((visit, i) =>
    ofVisit(file, visit).map(([what, made]): [string, unknown] => [`visit ${i + 1} ${what}`, made]),
  ),
];

/**
 * Prints what the code makes of the demo's practice, of its library and of itself as an interface, a line each: run it
 * before and after a change that should change nothing, and compare. `npm run -s fingerprint > before.txt`
 */
async function main(): Promise<void> {
  const body = bodyOf(1.75, 75);
  const skeletons = DRILLS.map((drill) =>
    posesOfDrill(drill).map((pose) => poseSkeleton(body, pose)),
  );
  const all: [string, unknown][] = [
    ['interface', await openapi()],
    ['case file', caseJsonSchema()],
    ['library', DRILLS],
    ['poses', skeletons],
    ...demoFiles(NOW).flatMap((file) =>
      ofClient(file).map(([what, made]): [string, unknown] => [
        `${file.client.name}: ${what}`,
        made,
      ]),
    ),
  ];
  for (const [what, made] of all) console.log(`${printOf(made)}  ${what}`);
}

await main();
