import type { PracticeSettings } from '@taxikine/core/records/wire/settings';
import { useQueryClient } from '@tanstack/react-query';
import { call, Refused } from './api';
import { confirmed } from './confirming';
import { takeSettings } from './session';
import { useServerAsk } from './useServerAsk';
import { problemWords } from './problemWords';
import { useText } from '../words/useText';

/** What is left out stays as it is. */
export type ChangedSettings = Pick<PracticeSettings, 'name' | 'idleMin'> &
  Partial<PracticeSettings>;

const WITH_A_FIELD: readonly string[] = ['name', 'timeZone'];

/** Changes what holds for the practice, and takes it over here. */
export function useSettings() {
  const t = useText();
  const client = useQueryClient();
  const saving = useServerAsk(
    (settings: ChangedSettings) =>
      confirmed(() => call<PracticeSettings>('PUT', '/practice/settings', settings)),
    { onSuccess: (settings) => takeSettings(client, settings) },
  );
  const { error } = saving;
  const path = error instanceof Refused ? (error.body.path ?? null) : null;
  const words = problemWords(error, t);
  return {
    save: saving.mutate,
    busy: saving.isPending,
    isSaved: saving.isSuccess,
    problemOf: (field: keyof PracticeSettings) => (path === field ? words! : undefined),
    /** What is of no field. */
    problem: path !== null && WITH_A_FIELD.includes(path) ? null : words,
  };
}
