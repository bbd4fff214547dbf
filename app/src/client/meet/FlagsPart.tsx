import { FLAGS } from '@taxikine/core/knowledge/flags';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import type { ClientFormState } from './useClientForm';

/** What is known of them that changes what may be done; asks which joint where a flag is about one. */
export function FlagsPart({ form }: { form: ClientFormState }) {
  const t = useText();
  const { flags, history, given, toggleFlag } = form;
  const asksWhich = [
    flags.includes('joint-replacement') && !history.some(({ replaced }) => replaced)
      ? t('meet.replacedWhich')
      : null,
    flags.includes('prosthesis') && !given.some(({ cause }) => cause === 'prosthesis')
      ? t('meet.prosthesisWhich')
      : null,
  ].filter((words) => words !== null);
  return (
    <View gap="$2" role="group" aria-label={t('client.flags')}>
      <Title small aria-level={2}>
        {t('client.flags')}
      </Title>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {FLAGS.map((flag) => (
          <Button
            key={flag.id}
            tight
            small
            label={flag.name}
            chosen={flags.includes(flag.id)}
            onPress={() => toggleFlag(flag.id)}
          />
        ))}
      </View>
      {asksWhich.map((words) => (
        <Words key={words} small accent role="status">
          {words}
        </Words>
      ))}
    </View>
  );
}
