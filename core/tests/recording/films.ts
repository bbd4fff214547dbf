import { parseRecorderInput, record, type RecordedDocument } from '../../src';
import { analyse, readKeypoints, type Analysis } from '../../src';

export const BODY = { heightM: 1.75, massKg: 75 };

/** A simulated recording; what is not said is usual. */
export function film(input: object = {}): RecordedDocument {
  const read = parseRecorderInput({ body: BODY, ...input });
  if (read.status === 'bad') throw new Error(JSON.stringify(read.problems));
  const played = record(read.value);
  if (played.status !== 'recorded') throw new Error(played.why);
  return played.document;
}

export function analysed(document: unknown): Analysis {
  const read = readKeypoints(document);
  if (read.status === 'bad') throw new Error(JSON.stringify(read.problems));
  const answer = analyse(read.value);
  if (answer.status !== 'analysed') throw new Error(answer.why);
  return answer.analysis;
}
