import { oneReferQuestion } from '@taxikine/core/knowledge/refer';
import type { HomeReport } from '@taxikine/core/planning/home/homeReports';
import type { TextOf } from '../words/useText';

/** What a client said, in one sentence. */
export function reportWords({ entry }: Pick<HomeReport, 'entry'>, t: TextOf): string {
  if (entry.kind === 'safety')
    return t('week.saidRefer', {
      questions: entry.positives.map((one) => oneReferQuestion(one).question).join(' · '),
    });
  if (entry.kind === 'morning') return t('week.saidMorning');
  const { name, pain, sharp } = entry;
  const much = pain === null ? t('week.painNoNumber') : t('week.painOf', { pain });
  return t('week.saidPain', { drill: name, pain: sharp ? t('week.painSharp', { much }) : much });
}
