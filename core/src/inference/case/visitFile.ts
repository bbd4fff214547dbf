import { lessonsBefore, type VisitLesson } from './lessons';
import type { ClientFile } from '../../records/clientFile';
import { trendLessons } from './trendLessons';
import { visitPart, type VisitPart } from '../visit/visitPart';

/** A visit, and what the ones before it and the weeks between them taught. */
export interface VisitFile extends VisitPart {
  readonly lessons: readonly VisitLesson[];
}

/** The part of a client's file that belongs to one visit, or null when there is no such visit. */
export function maybeVisitFile(file: ClientFile, visitId: string): VisitFile | null {
  const visit = file.visits.find((one) => one.id === visitId);
  if (!visit) return null;
  // What the weeks taught speaks last, and so for the visits that it is made of.
  const lessons = [...lessonsBefore(file, visit), ...trendLessons(file, visit)];
  return { ...visitPart(file, visit), lessons };
}
