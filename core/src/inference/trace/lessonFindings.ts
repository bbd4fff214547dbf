import type { Lesson } from '../../records/case/caseFile';
import { type CauseNode, type Finding } from './inference/network';
import { causeKey } from '../../knowledge/keys';

/**
 * What the end of an earlier visit multiplies the odds of a cause by: how likely that end is if the
 * cause is behind the fault, over how likely it is if not. A joint that moves while the pattern stays
 * as it was is rare for a true cause; a drill that moved nothing says little, for it may have been too
 * little; and a pattern that got better with its cause seldom does so by itself. Ours.
 */
const ODDS: Readonly<Record<Lesson['outcome'], number>> = {
  helped: 0.6 / 0.2,
  unmoved: 0.45 / 0.75,
  'not-it': 0.2 / 0.8,
};

/** Lessons of earlier visits as findings on the odds of their causes; the newest of each speaks. */
export function lessonFindings(lessons: readonly Lesson[], nodes: readonly CauseNode[]): Finding[] {
  const newest = new Map(lessons.map((one) => [causeKey(one.cause, one.side ?? null), one]));
  return nodes.flatMap(({ key }, node): Finding[] => {
    const lesson = newest.get(key);
    if (!lesson) return [];
    return [
      {
        id: `lesson:${key}`,
        words: lesson.words,
        ratio: Infinity,
        leak: 0,
        arrows: [],
        factors: [{ node, factor: ODDS[lesson.outcome] }],
      },
    ];
  });
}
