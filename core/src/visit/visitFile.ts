import { lessonsBefore, type VisitLesson } from './lessons';
import type { ClientFile } from './records';
import { visitPart, type VisitPart } from './visitPart';

/** A visit, and what the ones before it taught. */
export interface VisitFile extends VisitPart {
  readonly lessons: readonly VisitLesson[];
}

/** The part of a client's file that belongs to one visit, or null when there is no such visit. */
export function maybeVisitFile(file: ClientFile, visitId: string): VisitFile | null {
  const visit = file.visits.find((one) => one.id === visitId);
  return visit ? { ...visitPart(file, visit), lessons: lessonsBefore(file, visit) } : null;
}
