import type { Ladder } from '@taxikine/core/knowledge/ladders/ladder';
import type { Standing } from '@taxikine/core/planning/ladder/standings';
import { dayOf } from '@taxikine/core/inference/trend/dayOf';
import type { SessionMark } from '@taxikine/core/inference/trend/doneBetween';
import { capital } from '@taxikine/core/foundation/words/fill';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { onWords } from './dayWords';
import { StepChart } from './StepChart';
import { TrendPart } from './TrendPart';

export interface LadderTrendProps {
  readonly ladder: Ladder;
  readonly standings: readonly Standing[];
  readonly sessions: readonly SessionMark[];
  readonly width: number;
}

/** The rungs that were tried, drawn and told. */
export function LadderTrend({ ladder, standings, sessions, width }: LadderTrendProps) {
  const t = useText();
  const sides = standings
    .filter(({ tries }) => tries.length > 0)
    .map(({ side, tries }) => ({
      side,
      points: tries.map(({ drill, place }) => ({
        on: drill.doneOn ?? '',
        day: dayOf(drill.doneOn ?? ''),
        step: place,
      })),
    }));
  const words = sides.map(({ side, points }) => {
    const list = points.map(({ step, on }) =>
      t('trend.rung', { place: step + 1, on: onWords(on) }),
    );
    return t('trend.grades', {
      side: capital(side ? t(side) : t('trend.whole')),
      list: list.join(', '),
    });
  });
  return (
    <TrendPart title={ladder.name} width={width}>
      <StepChart
        sides={sides}
        stepWords={ladder.rungs.map((_, i) => String(i + 1))}
        sessions={sessions}
        width={width}
        label={t('trend.chart', { name: ladder.name, words: words.join(' ') })}
      />
      {words.map((one) => (
        <Words key={one} small>
          {one}
        </Words>
      ))}
    </TrendPart>
  );
}
