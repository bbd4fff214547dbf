import type { Segments } from '../trace/caseFile';
import { LENGTH_TO_HEIGHT, type SegmentName } from './segmentTable';

/** Lengths of one body in metres, mass in kilograms. */
export type Body = { readonly heightM: number; readonly massKg: number } & Readonly<
  Record<SegmentName, number>
>;

/** A body from height and mass; every segment taken with a tape replaces its share of height. */
export function bodyOf(heightM: number, massKg: number, segments: Segments = {}): Body {
  const usual = Object.fromEntries(
    Object.entries(LENGTH_TO_HEIGHT).map(([name, share]) => [name, share * heightM]),
  ) as Record<SegmentName, number>;
  const measured = Object.fromEntries(
    Object.entries(segments).filter(([, value]) => value !== undefined),
  );
  return { heightM, massKg, ...usual, ...measured };
}
