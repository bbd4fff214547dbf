import { SHIPPED_WORDING } from '@taxikine/core/records/wire/settings';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { useCoach } from '../../data/session';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { today } from '../../words/when';

export interface ConsentPartProps {
  /** As it stands in the form; null: they have not agreed. */
  readonly consent: Pick<NonNullable<ClientRecord['consent']>, 'on' | 'wording'> | null;
  readonly onConsent: (on: string, wording: string) => void;
  /** The name of a guardian, where one has to agree. */
  readonly guardian: ReactNode;
}

/** What a client is asked to agree to, in the practice's words, and to which version of them they did. */
export function ConsentPart({ consent, onConsent, guardian }: ConsentPartProps) {
  const t = useText();
  const { version, text } = useCoach().practice.wording ?? SHIPPED_WORDING;
  const isOfThis = consent?.wording === version;
  return (
    <View gap="$2" role="group" aria-label={t('client.consent')}>
      <Title small aria-level={2}>
        {t('client.consent')}
      </Title>
      <Words small>{text}</Words>
      <Words tiny soft>
        {t('client.wording', { wording: version })}
      </Words>
      {consent && !isOfThis ? (
        <Words small role="status">
          {t('client.consentToOther', { on: consent.on, wording: consent.wording })}
        </Words>
      ) : null}
      <View flexDirection="row">
        <Button
          label={isOfThis ? t('client.consentOn', { on: consent.on }) : t('client.consentYes')}
          chosen={isOfThis}
          onPress={() => (isOfThis ? onConsent('', '') : onConsent(today(), version))}
        />
      </View>
      {guardian}
    </View>
  );
}
