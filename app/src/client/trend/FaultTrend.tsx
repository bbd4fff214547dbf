import { oneFault } from '@taxikine/core/knowledge/faults';
import { GRADES } from '@taxikine/core/body/stance/patterns';
import type { SessionMark } from '@taxikine/core/inference/trend/doneBetween';
import type { FaultSeries } from '@taxikine/core/inference/trend/faultSeries';
import { capital, fillSide } from '@taxikine/core/foundation/words/fill';
import { withUnit } from '@taxikine/core/foundation/words/units';
import { Words } from '../../ui/text';
import { useText, type TextOf } from '../../words/useText';
import { onWords } from './dayWords';
import { StepChart } from './StepChart';
import { TrendPart } from './TrendPart';
import { ours } from '../../words/units';

const LEVELS = ['clear', ...GRADES] as const;

function gradeWords({ sides, fault }: FaultSeries, t: TextOf): string[] {
  const { unit } = oneFault(fault);
  return sides.map(({ side, points }) => {
    const list = points.map(({ level, value, on }) =>
      value !== null && unit
        ? t('trend.gradeValue', {
            level: t(`trend.levels.${level}`),
            value: ours(withUnit(value, unit)),
            on: onWords(on),
          })
        : t('trend.grade', { level: t(`trend.levels.${level}`), on: onWords(on) }),
    );
    const name = capital(side ? t(side) : t('trend.whole'));
    return t('trend.grades', { side: name, list: list.join(', ') });
  });
}

export interface FaultTrendProps {
  readonly series: FaultSeries;
  readonly sessions: readonly SessionMark[];
  readonly width: number;
}

/** A fault's grades over time, drawn and told. */
export function FaultTrend({ series, sessions, width }: FaultTrendProps) {
  const t = useText();
  const name = t('trend.fault', {
    pattern: t(`patterns.${series.pattern}`),
    fault: fillSide(oneFault(series.fault).sentence, null).toLowerCase(),
  });
  const words = gradeWords(series, t);
  return (
    <TrendPart title={name} width={width}>
      <StepChart
        sides={series.sides.map(({ side, points }) => ({
          side,
          points: points.map(({ on, day, level }) => ({ on, day, step: LEVELS.indexOf(level) })),
        }))}
        stepWords={LEVELS.map((level) => t(`trend.levels.${level}`))}
        sessions={sessions}
        width={width}
        label={t('trend.chart', { name, words: words.join(' ') })}
      />
      {words.map((one) => (
        <Words key={one} small>
          {one}
        </Words>
      ))}
    </TrendPart>
  );
}
