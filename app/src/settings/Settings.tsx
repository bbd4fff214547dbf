import { IDLE_MINUTES } from '@taxikine/core/contract/settings';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useCoach } from '../data/session';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { useSettings } from './useSettings';

/** What an owner decides for the practice: its name, and when a screen that nobody touches locks. */
export function Settings() {
  const t = useText();
  const { practice } = useCoach();
  const [name, setName] = useState(practice.name);
  const [idleMin, setIdleMin] = useState<number | null>(practice.idleMin ?? null);
  const { save, busy, isSaved, problemOf, problem } = useSettings();
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!busy) save({ name, idleMin });
      }}
    >
      <View gap="$3">
        <Title aria-level={2}>{t('settings.title')}</Title>
        <Field
          label={t('settings.name')}
          value={name}
          onChange={setName}
          problem={problemOf('name')}
        />
        <Choice
          label={t('settings.idle')}
          options={[null, ...IDLE_MINUTES].map((value) => ({
            value,
            label: value === null ? t('settings.never') : t('settings.minutes', { count: value }),
          }))}
          value={idleMin}
          onChange={setIdleMin}
        />
        <Words small soft>
          {t('settings.idleHint')}
        </Words>
        {problem ? (
          <Words accent role="alert">
            {problem}
          </Words>
        ) : null}
        <View flexDirection="row">
          <Button submits label={t('settings.save')} off={busy} />
        </View>
        <Words role="status">{isSaved ? t('settings.saved') : ''}</Words>
      </View>
    </form>
  );
}
