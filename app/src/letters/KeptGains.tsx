import { oneCheck } from '@taxikine/core/knowledge/checks';
import type { CheckRetention } from '@taxikine/core/inference/trend/rollUpGains';
import { useQuery } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { call } from '../data/api';
import { Title, Words } from '../ui/text';
import { useText, type TextOf } from '../words/useText';
import { when } from '../words/when';
import { ShareBar } from './ShareBar';

interface Retention {
  readonly checks: readonly CheckRetention[];
  readonly madeOn: string | null;
}

const BAR_WIDTH = 320;
const percent = (share: number): number => Math.round(100 * share);

/** How well the gains of this practice last until the next session, check by check. */
export function KeptGains() {
  const t = useText();
  const query = useQuery({
    queryKey: ['retention'],
    queryFn: () => call<Retention>('GET', '/practice/retention'),
    staleTime: 0,
  });
  const { checks = [], madeOn = null } = query.data ?? {};
  return (
    <View gap="$2">
      <Title aria-level={2}>{t('outbox.retention')}</Title>
      <Words>{t('outbox.retentionLead')}</Words>
      {query.data && checks.length === 0 ? <Words soft>{t('outbox.noRetention')}</Words> : null}
      {checks.length > 0 ? (
        <View role="list" aria-label={t('outbox.retention')}>
          {checks.map((one) => (
            <CheckLine key={one.check} of={one} />
          ))}
        </View>
      ) : null}
      {madeOn ? (
        <Words small soft>
          {t('outbox.retentionOn', { when: when(madeOn) })}
        </Words>
      ) : null}
    </View>
  );
}

function countWords({ gains, clients, days, within, share }: CheckRetention, t: TextOf): string {
  if (gains === 0) return t('outbox.onlyWithin', { count: within });
  const who = t('outbox.who', { count: clients });
  const counted = t('outbox.gains', { count: gains, who, days: Math.round(days) });
  const others = within > 0 ? `; ${t('outbox.within', { count: within })}` : '';
  return `${share ? counted : t('outbox.tooFew', { counted })}${others}`;
}

function CheckLine({ of }: { of: CheckRetention }) {
  const t = useText();
  const { name } = oneCheck(of.check);
  const { share } = of;
  const numbers = share && {
    share: percent(share.middle),
    low: percent(share.low),
    high: percent(share.high),
  };
  return (
    <View role="listitem" gap="$1" borderTopWidth={1} borderColor="$rule" paddingVertical="$2">
      <View flexDirection="row" justifyContent="space-between" gap="$3" flexWrap="wrap">
        <Words bold>{name}</Words>
        {numbers ? <Words bold>{t('outbox.share', numbers)}</Words> : null}
      </View>
      {share && numbers ? (
        <ShareBar
          share={share}
          width={BAR_WIDTH}
          label={t('outbox.shareSays', { check: name, ...numbers })}
        />
      ) : null}
      <Words small soft>
        {countWords(of, t)}
      </Words>
    </View>
  );
}
