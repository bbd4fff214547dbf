import {
  caseDocumentOf,
  doseWords,
  drillOf,
  fhirBundle,
  drillKey,
  maybeVisitFile,
  measuresCsv,
  visitPart,
  withNorms,
  type ClientFile,
  type ConsentWording,
  type HomeEntry,
  type Norms,
} from '@taxikine/core';
import { strToU8 } from 'fflate';
import Papa from 'papaparse';
import type { Image } from '../database/entities/Image';
import type { ZipEntry } from './zipped';

type Worded = Omit<ConsentWording, 'madeOn'>;

const README = (
  name: string,
  on: string,
): string => `Everything that was kept about ${name}, written on ${on}.

client.json        all records, as the application keeps them
consent.txt        what was agreed to, and when
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
      key: drillKey(one),
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

/** What they agreed to, in the words they were asked with; nothing where they have not, or those words are lost. */
function consentEntries(
  { client: { consent } }: ClientFile,
  wordings: readonly Worded[],
): ZipEntry[] {
  const worded = consent && wordings.find(({ version }) => version === consent.wording);
  if (!worded) return [];
  const guardian = consent.guardian ? `, by ${consent.guardian}` : '';
  const text = `${worded.text}\n\nAgreed on ${consent.on}${guardian} (wording ${worded.version}).\n`;
  return [{ name: 'consent.txt', bytes: strToU8(text) }];
}

const pictureEntries = (images: readonly Image[]): ZipEntry[] =>
  images.flatMap(({ id, jpeg }) =>
    jpeg ? [{ name: `pictures/${id}.jpg`, bytes: Buffer.from(jpeg, 'base64'), stored: true }] : [],
  );

export interface ClientLeaving {
  readonly file: ClientFile;
  readonly images: readonly Image[];
  /** All that the practice ever asked clients to agree to, and what it holds usual. */
  readonly wordings: readonly Worded[];
  readonly norms: Norms;
  /** Instant at which it is written, ISO 8601. */
  readonly on: string;
}

/** Everything kept about one client, file by file, in open formats. */
export const clientEntries = ({ file, images, wordings, norms, on }: ClientLeaving): ZipEntry[] => [
  { name: 'README.txt', bytes: strToU8(README(file.client.name, on)) },
  { name: 'client.json', bytes: json(file) },
  ...consentEntries(file, wordings),
  { name: 'measures.csv', bytes: strToU8(measuresCsv(withNorms(file, norms))) },
  { name: 'home/plans.csv', bytes: csv(plansOf(file)) },
  { name: 'home/said.csv', bytes: csv(file.homeEntries.map(saidOf)) },
  ...visitEntries(file, on),
  ...pictureEntries(images),
];
