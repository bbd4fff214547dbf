import { oneCheck } from '@taxikine/core/knowledge/checks';
import {
  GAUGE_CHECK,
  gaugeOf,
  withWarmUp,
  type GaugeReading,
} from '@taxikine/core/planning/session/gauge';
import { SIDES, type Side } from '@taxikine/core/foundation/sides/side';
import { withUnit } from '@taxikine/core/foundation/words/units';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { CheckCard } from '../check/CheckCard';
import type { OpenVisit } from '../../data/useVisit';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText, type TextOf } from '../../words/useText';
import type { SessionOf } from './useSessionPlan';

export interface GaugePanelProps {
  readonly open: OpenVisit;
  readonly session: SessionOf;
  readonly width: number;
}

const degrees = (value: number): string => withUnit(Math.round(value), 'deg');

/** What one side says, with how far off ordinary it is. */
function told(side: Side, reading: GaugeReading, t: TextOf): string {
  const name = t(side);
  if (reading.status === 'unread') return t('gauge.unread', { side: name });
  const { today, earlier, minutes } = reading;
  if (reading.status === 'learning')
    return t('gauge.learning', { side: name, today: degrees(today), count: 3 - earlier });
  return t('gauge.read', {
    side: name,
    today: degrees(today),
    normal: degrees(reading.normal),
    ordinary: degrees(reading.ordinary),
    count: minutes,
  });
}

/** Two minutes before training: the floor sit against the client's own normal, and the warm-up that follows. */
export function GaugePanel({ open, session, width }: GaugePanelProps) {
  const t = useText();
  const { file, visit } = open;
  const readings = useMemo(
    () => SIDES.map((side) => [side, gaugeOf(file, visit.visit, side)] as const),
    [file, visit],
  );
  const read = readings.filter(([, { status }]) => status !== 'unread');
  const [opened, setOpened] = useState(read.length > 0);
  if (!opened)
    return (
      <View flexDirection="row">
        <Button kind="quiet" tight label={t('gauge.open')} onPress={() => setOpened(true)} />
      </View>
    );
  const minutes = Object.fromEntries(
    read.flatMap(([side, one]) => (one.status === 'unread' ? [] : [[side, one.minutes]])),
  );
  return (
    <View gap="$3" role="group" aria-label={t('gauge.title')}>
      <Title small aria-level={3}>
        {t('gauge.title')}
      </Title>
      <Words small soft>
        {t('gauge.lead')}
      </Words>
      <CheckCard row={oneCheck(GAUGE_CHECK)} visit={visit} role="first" width={width} bare />
      {readings.map(([side, one]) => (
        <Words key={side} bold={one.status === 'read'} aria-live="polite">
          {told(side, one, t)}
        </Words>
      ))}
      {read.length > 0 ? (
        <Button
          label={t('gauge.put')}
          onPress={() => session.wishes((wish) => withWarmUp(wish, minutes))}
        />
      ) : null}
    </View>
  );
}
