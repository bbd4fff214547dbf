import type { NotYetId } from '@taxikine/core/knowledge/notYet';
import type { Clearance } from '@taxikine/core/records/clients/clientRecord';
import { useState } from 'react';
import { useUpdate } from '../../data/useFile';
import type { OpenVisit } from '../../data/useVisit';
import { toggled } from '../../ui/Many';
import { useText } from '../../words/useText';
import { today } from '../../words/when';
import type { Place } from './PlaceChoice';

/** A question that was answered with yes, and where. */
export type Cleared = Pick<Clearance, 'question' | 'reportedIn'>;

interface Typed {
  readonly by: string;
  readonly on: string;
  readonly scope: string;
  readonly not: readonly NotYetId[];
  readonly place: Place | null;
}

type Problems = Partial<Record<'by' | 'on' | 'scope', string>>;

const withoutOf = ({ not, place }: Typed): Pick<Clearance, 'without'> =>
  not.length > 0 ? { without: { not: [...not], ...place } } : {};

/** What is typed of a clinician's word, and its way into the client's record. */
export function useClearing({ visit: { client, visit } }: OpenVisit, cleared: Cleared) {
  const t = useText();
  const update = useUpdate();
  const [typed, setTyped] = useState<Typed>({
    by: '',
    on: today(),
    scope: '',
    not: [],
    place: null,
  });
  const [problems, setProblems] = useState<Problems>({});

  const problemsOf = ({ by, on, scope }: Typed): Problems => ({
    ...(by.trim().length < 2 ? { by: t('ask.needed') } : {}),
    ...(!/^\d{4}-\d{2}-\d{2}$/.test(on) || on > today() ? { on: t('ask.dayBad') } : {}),
    ...(scope.trim().length < 2 ? { scope: t('ask.needed') } : {}),
  });
  const type = (part: Partial<Typed>) => setTyped((was) => ({ ...was, ...part }));
  const toggle = (one: NotYetId) => setTyped((was) => ({ ...was, not: toggled(was.not, one) }));

  /** Whether it was kept; when not, what is wrong stands beside its field. */
  const save = (): boolean => {
    const found = problemsOf(typed);
    setProblems(found);
    if (Object.keys(found).length > 0) return false;
    const clearance: Clearance = {
      question: cleared.question,
      reportedIn: cleared.reportedIn,
      recordedIn: visit.id,
      by: typed.by.trim(),
      on: typed.on,
      scope: typed.scope.trim(),
      ...withoutOf(typed),
    };
    update('clients', client, (latest) => ({
      ...latest,
      clearances: [...latest.clearances, clearance],
    }));
    return true;
  };
  return { typed, problems, type, toggle, save };
}
