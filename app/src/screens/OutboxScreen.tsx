import { View } from '@tamagui/core';
import { useCoach } from '../data/session';
import { JobList } from '../outbox/JobList';
import { LetterList } from '../outbox/LetterList';
import { useJobs } from '../outbox/useJobs';
import { useText } from '../words/useText';
import { Header } from './Header';

const EVERY_MS = 5000;

/** What goes on without a hand: the work in the background, and the letters. */
export function OutboxScreen() {
  const t = useText();
  const { practice } = useCoach();
  const { jobs } = useJobs(EVERY_MS);
  // What needs a hand comes first.
  const parts = jobs && jobs.stuck.length > 0 ? [JobList, LetterList] : [LetterList, JobList];
  return (
    <View flex={1} minHeight={0} height="100%">
      <Header title={t('outbox.title')} note={practice.name} back="/practice" />
      <View render="main" flex={1} minHeight={0} tabIndex={0} style={{ overflowY: 'auto' }}>
        <View
          padding="$4"
          gap="$6"
          maxWidth={1180}
          $wide={{ padding: '$6', flexDirection: 'row', gap: '$7' }}
        >
          {parts.map((Part) => (
            <View key={Part === JobList ? 'jobs' : 'letters'} $wide={{ flex: 1 }} minWidth={0}>
              <Part />
            </View>
          ))}
        </View>
      </View>
    </View>
  );
}
