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
import { strToU8, zip, type AsyncZippable } from 'fflate';
import Papa from 'papaparse';
import type { Image } from '../database/entities/Image';

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

function visitsOf(file: ClientFile, on: string): AsyncZippable {
  const entries = file.visits.flatMap((visit): [string, Uint8Array][] => {
    const name = `${visit.openedOn.slice(0, 10)}-${visit.pattern}-${visit.id.slice(0, 8)}.json`;
    const part = visitPart(file, visit);
    if (!part.first) return [];
    const found = maybeVisitFile(file, visit.id)!;
    return [
      [`cases/${name}`, json(caseDocumentOf(found))],
      [`fhir/${name}`, json(fhirBundle(part, on))],
    ];
  });
  return Object.fromEntries(entries);
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

const picturesOf = (images: readonly Image[]): AsyncZippable =>
  Object.fromEntries(
    images.flatMap(({ id, jpeg }) =>
      jpeg ? [[`pictures/${id}.jpg`, [Buffer.from(jpeg, 'base64'), { level: 0 }] as const]] : [],
    ),
  ) as AsyncZippable;

/**
 * Everything kept about one client, as a zip of open formats.
 *
 * @param on instant at which it is written, ISO 8601
 */
export function clientZip(
  file: ClientFile,
  images: readonly Image[],
  on: string,
): Promise<Uint8Array> {
  const files: AsyncZippable = {
    'README.txt': strToU8(README(file.client.name, on)),
    'client.json': json(file),
    'measures.csv': strToU8(measuresCsv(file)),
    'home/plans.csv': csv(plansOf(file)),
    'home/said.csv': csv(file.homeEntries.map(saidOf)),
    ...visitsOf(file, on),
    ...picturesOf(images),
  };
  return new Promise((resolve, reject) => {
    zip(files, (error, bytes) => (error ? reject(error) : resolve(bytes)));
  });
}
