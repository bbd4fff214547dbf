import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { Button } from '../ui/Button';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { useJobs } from './useJobs';

const EVERY_MS = 60_000;

/** On the coach's day, only when something in the background needs a hand. */
export function StuckNotice() {
  const t = useText();
  const { jobs } = useJobs(EVERY_MS);
  if (!jobs || jobs.stuck.length === 0) return null;
  return (
    <View role="status" flexDirection="row" alignItems="center" gap="$2">
      {/* Red is for people: this can wait until they were seen. */}
      <View flex={1} minWidth={0}>
        <Words small bold>
          {t('outbox.stuck', { count: jobs.stuck.length })}
        </Words>
      </View>
      <Button tight small label={t('outbox.see')} onPress={() => router.push('/outbox')} />
    </View>
  );
}
