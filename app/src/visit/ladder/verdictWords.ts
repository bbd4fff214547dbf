import { oneCriterion } from '@taxikine/core/knowledge/ladders/criteria';
import { maybeRungVerdict, type RungVerdict } from '@taxikine/core/planning/ladder/judgeRung';
import type { Ladder } from '@taxikine/core/knowledge/ladders/ladder';
import { maybeLadder, placeOfRung } from '@taxikine/core/knowledge/ladders/ladders';
import { givenSides } from '@taxikine/core/planning/ladder/loadToday';
import { standingsOf } from '@taxikine/core/planning/ladder/standings';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import type { TextOf } from '../../words/useText';

const missedWords = (verdict: Extract<RungVerdict, { missed: unknown }>): string =>
  verdict.missed.map((id) => oneCriterion(id).missed).join(', ');

function passWords(
  ladder: Ladder,
  place: number,
  drill: DrillRecord,
  file: ClientFile,
  t: TextOf,
): string {
  if (place === ladder.rungs.length - 1) return t('ladder.verdicts.top');
  const standing = standingsOf(file.drills, ladder, givenSides(file)).find(
    ({ side }) => side === drill.side,
  );
  return standing?.waits
    ? t('ladder.verdicts.passWaits')
    : t('ladder.verdicts.pass', { next: ladder.rungs[place + 1].name });
}

/**
 * What a try says of its rung, in a sentence; null while it is not judged.
 *
 * @param file the other side may have to come after
 */
export function maybeVerdictWords(drill: DrillRecord, file: ClientFile, t: TextOf): string | null {
  const ladder = maybeLadder(drill.drill);
  const verdict = ladder && maybeRungVerdict(ladder, drill);
  if (!ladder || !verdict) return null;
  const place = placeOfRung(ladder, drill.rung!.rung);
  if (verdict.word === 'pass') return passWords(ladder, place, drill, file, t);
  const missed = missedWords(verdict);
  if (verdict.word === 'stay')
    return missed ? t('ladder.verdicts.stay', { why: missed }) : t('ladder.verdicts.short');
  const why = verdict.because === 'pain' ? t('ladder.pain') : `${t('ladder.hardly')} (${missed})`;
  return t(place === 0 ? 'ladder.verdicts.bottom' : 'ladder.verdicts.back', { why });
}
