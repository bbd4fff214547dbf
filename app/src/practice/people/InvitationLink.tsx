import { INVITE_DAYS } from '@taxikine/core/records/wire/people';
import { View } from '@tamagui/core';
import { AddressOnce } from '../../frame/AddressOnce';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';

/** Where an invitation leads: the token stands behind a #, which no server is sent. */
const addressOf = (token: string): string => `${window.location.origin}/welcome#${token}`;

export function InvitationLink({ name, token }: { name: string; token: string }) {
  const t = useText();
  return (
    <View gap="$2" role="status">
      <Words>{t('people.linkHint', { name, days: INVITE_DAYS })}</Words>
      <AddressOnce label={t('people.link')} address={addressOf(token)} />
    </View>
  );
}
