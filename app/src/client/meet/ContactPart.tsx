import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Many } from '../../ui/Many';
import { Title } from '../../ui/text';
import { useText } from '../../words/useText';

export interface ContactPartProps {
  /** The field of the address, as the form keeps it. */
  readonly email: ReactNode;
  readonly reminders: boolean;
  readonly onReminders: (reminders: boolean) => void;
}

/** How a client is written to, if at all, and about what without being asked each time. */
export function ContactPart({ email, reminders, onReminders }: ContactPartProps) {
  const t = useText();
  return (
    <View gap="$3" role="group" aria-label={t('outbox.contact')}>
      <Title small aria-level={2}>
        {t('outbox.contact')}
      </Title>
      {email}
      <Many
        label={t('outbox.reminders')}
        options={[{ value: 'due', label: t('outbox.reminderOn') }]}
        values={reminders ? ['due'] : []}
        onToggle={() => onReminders(!reminders)}
      />
    </View>
  );
}
