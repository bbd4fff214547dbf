import { View } from '@tamagui/core';
import { useCoach } from '../data/session';
import { JobList } from './JobList';
import { LetterList } from './LetterList';
import { useJobs } from './useJobs';
import { useText } from '../words/useText';
import { PageFrame } from '../frame/PageFrame';

const EVERY_MS = 5000;

const PAGE = {
  gap: '$6',
  maxWidth: 1180,
  $wide: { padding: '$6', flexDirection: 'row', gap: '$7' },
} as const;

/** What goes on without a hand: the work in the background, and the letters. */
export function OutboxScreen() {
  const t = useText();
  const { practice } = useCoach();
  const { jobs } = useJobs(EVERY_MS);
  // What needs a hand comes first.
  const parts = jobs && jobs.stuck.length > 0 ? [JobList, LetterList] : [LetterList, JobList];
  return (
    <PageFrame
      title={t('outbox.title')}
      note={practice.name}
      back="/practice"
      page={PAGE}
      forReading
    >
      {parts.map((Part) => (
        <View key={Part === JobList ? 'jobs' : 'letters'} $wide={{ flex: 1 }} minWidth={0}>
          <Part />
        </View>
      ))}
    </PageFrame>
  );
}
