import { IDLE_MINUTES, type PracticeSettings } from '@taxikine/core/records/wire/settings';
import { WEEK_STARTS } from '@taxikine/core/foundation/words/ways';
import { UNIT_SYSTEMS } from '@taxikine/core/foundation/words/unitSystem';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { useCoach } from '../../data/session';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Pick } from '../../ui/Pick';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { ownZone, zoneOptions } from '../../words/zones';
import { useSettings } from '../../data/useSettings';

/** What an owner decides for the practice: its name, how things are said in it, and when a screen locks. */
export function Settings() {
  const t = useText();
  const { practice } = useCoach();
  const [said, setSaid] = useState<Omit<PracticeSettings, 'norms'>>(() => ({
    name: practice.name,
    idleMin: practice.idleMin ?? null,
    units: practice.units ?? 'metric',
    timeZone: practice.timeZone ?? null,
    weekStart: practice.weekStart ?? 'mon',
  }));
  const set = (part: Partial<typeof said>) => setSaid((was) => ({ ...was, ...part }));
  const { save, busy, isSaved, problemOf, problem } = useSettings();
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!busy) save(said);
      }}
    >
      <View gap="$3">
        <Title aria-level={2}>{t('settings.title')}</Title>
        <Field
          label={t('settings.name')}
          value={said.name}
          onChange={(name) => set({ name })}
          problem={problemOf('name')}
        />
        <Choice
          label={t('settings.units')}
          options={UNIT_SYSTEMS.map((value) => ({ value, label: t(`settings.unitsOf.${value}`) }))}
          value={said.units}
          onChange={(units) => set({ units })}
        />
        <Choice
          label={t('settings.weekStart')}
          options={WEEK_STARTS.map((value) => ({ value, label: t(`weekdaysLong.${value}`) }))}
          value={said.weekStart}
          onChange={(weekStart) => set({ weekStart })}
        />
        <Pick
          label={t('settings.timeZone')}
          options={[
            { value: '', label: t('settings.zoneOfDevice', { zone: ownZone() }) },
            ...zoneOptions(said.timeZone ?? ''),
          ]}
          value={said.timeZone ?? ''}
          onChange={(zone) => set({ timeZone: zone || null })}
          problem={problemOf('timeZone')}
        />
        <Words small soft>
          {t('settings.zoneHint')}
        </Words>
        <Choice
          label={t('settings.idle')}
          options={[null, ...IDLE_MINUTES].map((value) => ({
            value,
            label: value === null ? t('settings.never') : t('settings.minutes', { count: value }),
          }))}
          value={said.idleMin}
          onChange={(idleMin) => set({ idleMin })}
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
