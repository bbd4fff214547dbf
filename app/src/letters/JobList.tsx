import type { JobShown } from '@taxikine/core/records/wire/jobsShown';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { whenAt } from '../words/when';
import { useJobs } from './useJobs';

const EVERY_MS = 5000;

/** What the worker does, what is stuck and why, and another try. */
export function JobList() {
  const t = useText();
  const { jobs, again } = useJobs(EVERY_MS);
  const [failed, setFailed] = useState(false);
  const retry = (id: string) => {
    setFailed(false);
    again(id).catch(() => setFailed(true));
  };
  return (
    <View gap="$2">
      <Title aria-level={2}>{t('outbox.work')}</Title>
      <Words small soft>
        {t('outbox.workLead')}
      </Words>
      {jobs ? (
        <View role="status" gap="$1">
          <Words bold={!jobs.working} accent={!jobs.working}>
            {t(jobs.working ? 'outbox.working' : 'outbox.away')}{' '}
            {jobs.underWay > 0 ? t('outbox.underWay', { count: jobs.underWay }) : t('outbox.idle')}
          </Words>
          {jobs.stuck.length === 0 ? <Words>{t('outbox.nothingStuck')}</Words> : null}
        </View>
      ) : null}
      {failed ? (
        <Words accent role="alert">
          {t('outbox.failedToAsk')}
        </Words>
      ) : null}
      {jobs && jobs.stuck.length > 0 ? (
        <View role="list" aria-label={t('outbox.work')}>
          {jobs.stuck.map((job) => (
            <JobLine
              key={job.id}
              job={job}
              name={job.clientId ? jobs.names[job.clientId] : undefined}
              onAgain={() => retry(job.id)}
            />
          ))}
        </View>
      ) : null}
    </View>
  );
}

interface JobLineProps {
  readonly job: JobShown;
  readonly name: string | undefined;
  readonly onAgain: () => void;
}

function JobLine({ job, name, onAgain }: JobLineProps) {
  const t = useText();
  const { queue, state, tries, since, problem } = job;
  const what = t(`outbox.queues.${queue}`);
  const title = name ? t('outbox.jobOf', { job: what, name }) : what;
  return (
    <View role="listitem" gap="$1" borderTopWidth={1} borderColor="$rule" paddingVertical="$2">
      <Words bold>{title}</Words>
      <Words small accent={state === 'failed'}>
        {t(`outbox.jobStates.${state}`, { count: tries, when: whenAt(since) })}
      </Words>
      {problem ? (
        <Words small soft style={{ overflowWrap: 'anywhere' }}>
          {t('outbox.problem', { problem })}
        </Words>
      ) : null}
      {state === 'failed' ? (
        <View flexDirection="row">
          <Button
            tight
            small
            label={t('outbox.again')}
            says={t('outbox.againOf', { job: title })}
            onPress={onAgain}
          />
        </View>
      ) : null}
    </View>
  );
}
