import type { CheckCourse } from '@taxikine/core/reading/trends/clientTrends';
import type { SessionMark } from '@taxikine/core/inference/trend/doneBetween';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { CheckChart } from './CheckChart';
import { sideSentences } from './checkWords';
import { TrendPart } from './TrendPart';

export interface CheckTrendProps {
  readonly course: CheckCourse;
  readonly file: ClientFile;
  readonly sessions: readonly SessionMark[];
  readonly width: number;
}

/** The newest visit: what is known by now goes into its trace. */
const newestVisit = ({ visits }: ClientFile): string | null =>
  [...visits].sort((a, b) => b.openedOn.localeCompare(a.openedOn))[0]?.id ?? null;

/** A range over time, drawn and told. */
export function CheckTrend({ course, file, sessions, width }: CheckTrendProps) {
  const t = useText();
  const { series, sides } = course;
  const trends = sides.flatMap(({ trend }) => (trend ? [trend] : []));
  const sentences = sides.map((side) => sideSentences(series, side, t));
  const stuck = trends.some(({ outlook }) => outlook.status === 'not-moving');
  const visit = newestVisit(file);
  return (
    <TrendPart title={series.name} width={width}>
      <CheckChart
        series={series}
        trends={trends}
        sessions={sessions}
        width={width}
        label={t('trend.chart', { name: series.name, words: sentences.flat().join(' ') })}
      />
      {sentences.map(([first, ...rest]) => (
        <View key={first} gap={0}>
          <Words small bold>
            {first}
          </Words>
          <Words small>{rest.join(' ')}</Words>
        </View>
      ))}
      {series.heldBack ? (
        <Words small soft>
          {t('trend.held', { deg: series.heldBack })}
        </Words>
      ) : null}
      {stuck && visit ? (
        <View data-screen-only>
          <Button
            kind="quiet"
            left
            tight
            small
            label={t('trend.traceAgain')}
            onPress={() => router.push(`/clients/${file.client.id}/visits/${visit}/board`)}
          />
        </View>
      ) : null}
    </TrendPart>
  );
}
