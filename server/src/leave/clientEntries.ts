import {
  caseDocumentOf,
  doseWords,
  drillOf,
  fhirBundle,
  keyOf,
  maybeVisitFile,
  measuresCsv,
  visitPart,
  type ClientFile,
  type HomeEntry,
} from '@taxikine/core';
import { strToU8 } from 'fflate';
import Papa from 'papaparse';
import type { Image } from '../database/entities/Image';
import type { ZipEntry } from './zipped';

const README = (
  name: string,
  on: string,
): string => `Everything that was kept about ${name}, written on ${on}.

client.json        all records, as the application keeps them
cases/             one case file for each visit, in the open exchange format; it names nobody
fhir/              the same visits as HL7 FHIR R4 bundles
measures.csv       every fault and every measure, oldest first
home/plans.csv     what was planned for home
home/said.csv      what was said from home
pictures/          pictures that were kept, as JPEG
`;

const json = (value: unknown): Uint8Array => strToU8(`${JSON.stringify(value, null, 2)}\n`);

/** Signs with which a table program would begin a formula are told apart from it. */
const csv = (rows: readonly object[]): Uint8Array =>
  strToU8(Papa.unparse(rows as object[], { escapeFormulae: true }));

function visitEntries(file: ClientFile, on: string): ZipEntry[] {
  return file.visits.flatMap((visit): ZipEntry[] => {
    const name = `${visit.openedOn.slice(0, 10)}-${visit.pattern}-${visit.id.slice(0, 8)}.json`;
    const part = visitPart(file, visit);
    if (!part.first) return [];
    const found = maybeVisitFile(file, visit.id)!;
    return [
      { name: `cases/${name}`, bytes: json(caseDocumentOf(found)) },
      { name: `fhir/${name}`, bytes: json(fhirBundle(part, on)) },
    ];
  });
}

const plansOf = ({ homePlans }: ClientFile): object[] =>
  homePlans.flatMap((plan) =>
    plan.drills.map((one) => ({
      plan: plan.id,
      from: plan.startsOn,
      weeks: plan.weeks,
      drill: drillOf(one).name,
      side: one.side ?? '',
      dose: doseWords(one.dose),
      key: keyOf(one),
    })),
  );

const saidOf = (entry: HomeEntry): object => {
  const { planId: plan, on, said, kind } = entry;
  const all = {
    plan,
    on,
    said,
    kind,
    drill: '',
    at: '',
    done: '',
    why: '',
    pain: '',
    sharp: '',
    yes: '',
  };
  if (entry.kind === 'morning') return { ...all, yes: entry.worse ? 'worse' : 'not worse' };
  if (entry.kind === 'safety') return { ...all, yes: entry.positives.join(' ') };
  const { name: drill, at, done, why, pain, sharp } = entry;
  return { ...all, drill, at, done, why: why ?? '', pain: pain ?? '', sharp };
};

const pictureEntries = (images: readonly Image[]): ZipEntry[] =>
  images.flatMap(({ id, jpeg }) =>
    jpeg ? [{ name: `pictures/${id}.jpg`, bytes: Buffer.from(jpeg, 'base64'), stored: true }] : [],
  );

/**
 * Everything kept about one client, file by file, in open formats.
 *
 * @param on instant at which it is written, ISO 8601
 */
export const clientEntries = (
  file: ClientFile,
  images: readonly Image[],
  on: string,
): ZipEntry[] => [
  { name: 'README.txt', bytes: strToU8(README(file.client.name, on)) },
  { name: 'client.json', bytes: json(file) },
  { name: 'measures.csv', bytes: strToU8(measuresCsv(file)) },
  { name: 'home/plans.csv', bytes: csv(plansOf(file)) },
  { name: 'home/said.csv', bytes: csv(file.homeEntries.map(saidOf)) },
  ...visitEntries(file, on),
  ...pictureEntries(images),
];
