import { measuresCsv } from '@taxikine/core/exchange/export/measuresCsv';
import type { ClientTrends } from '@taxikine/core/reading/trends/clientTrends';
import type { SessionMark } from '@taxikine/core/inference/trend/doneBetween';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useFile } from '../../data/useFile';
import { saveFile } from '../../data/saveFile';
import { PRINT_RULES } from '../../visit/report/printRules';
import { CheckTrend } from './CheckTrend';
import { onWords } from './dayWords';
import { FaultTrend } from './FaultTrend';
import { LadderTrend } from './LadderTrend';
import { useTrends } from './useTrends';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Title, Words } from '../../ui/text';
import { useWide } from '../../ui/useWide';
import { useText } from '../../words/useText';
import { Header } from '../../frame/Header';
import { Waiting } from '../../frame/Waiting';

/** Everything that was measured, seen or climbed of one client, over time. */
export function TrendsScreen({ clientId }: { clientId: string }) {
  const file = useFile(clientId);
  const { trends, error, again } = useTrends(file.data);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  if (!trends) return <Waiting error={error} onRetry={again} />;
  return <KnownTrends file={file.data} trends={trends} />;
}

const KINDS = ['all', 'checks', 'faults', 'ladders'] as const;
type Kind = (typeof KINDS)[number];

interface KnownTrendsProps {
  readonly file: ClientFile;
  readonly trends: ClientTrends;
}

function KnownTrends({ file, trends }: KnownTrendsProps) {
  const t = useText();
  const { width, wide } = useWide();
  const [kind, setKind] = useState<Kind>('all');
  const { checks, faults, ladders, sessions } = trends;
  const chartWidth = wide ? 560 : width - 32;
  const shows = (one: Kind) => kind === 'all' || kind === one;
  const { client } = file;
  const nothing = checks.length + faults.length + ladders.length === 0;
  return (
    <View flex={1} minHeight={0} height="100%">
      <style>{PRINT_RULES}</style>
      <View data-screen-only>
        <Header title={t('trend.title')} note={client.name} back={`/clients/${client.id}`} />
        <View flexDirection="row" flexWrap="wrap" gap="$3" padding="$3" alignItems="flex-end">
          <Choice
            label={t('trend.show')}
            hideLabel
            options={KINDS.map((value) => ({ value, label: t(`trend.kinds.${value}`) }))}
            value={kind}
            onChange={setKind}
          />
          <Button tight small label={t('trend.print')} onPress={() => window.print()} />
          <Button
            tight
            small
            label={t('trend.csv')}
            onPress={() => saveFile('measures.csv', 'text/csv', measuresCsv(file))}
          />
        </View>
      </View>
      <View flex={1} minHeight={0} role="main" tabIndex={0} style={{ overflowY: 'auto' }}>
        <View data-report gap="$5" padding="$4" $wide={{ padding: '$6' }}>
          <Words soft>{nothing ? t('trend.none') : t('trend.lead')}</Words>
          <View flexDirection="row" flexWrap="wrap" gap="$6">
            {shows('checks')
              ? checks.map((course) => (
                  <CheckTrend
                    key={course.series.check}
                    course={course}
                    file={file}
                    sessions={sessions}
                    width={chartWidth}
                  />
                ))
              : null}
            {shows('faults')
              ? faults.map((series) => (
                  <FaultTrend
                    key={`${series.pattern} ${series.fault}`}
                    series={series}
                    sessions={sessions}
                    width={chartWidth}
                  />
                ))
              : null}
            {shows('ladders')
              ? ladders.map((one) => (
                  <LadderTrend
                    key={one.ladder.drill}
                    {...one}
                    sessions={sessions}
                    width={chartWidth}
                  />
                ))
              : null}
          </View>
          <Sessions sessions={sessions} />
        </View>
      </View>
    </View>
  );
}

/** What the marks on the axes stand for. */
function Sessions({ sessions }: { sessions: readonly SessionMark[] }) {
  const t = useText();
  if (sessions.length === 0) return null;
  return (
    <View gap="$1">
      <Title small aria-level={2}>
        {t('trend.between')}
      </Title>
      {sessions.map(({ visitId, on, drills }) => (
        <Words key={visitId} small>
          {t('trend.session', { on: onWords(on), drills: drills.join(' · ') })}
        </Words>
      ))}
    </View>
  );
}
