import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { LinkPage } from './LinkPage';

/** A link that opens nothing: that it does not, whom to ask, and the way to the door. */
export function NoLink({ title, children }: { title: string; children: string }) {
  const t = useText();
  return (
    <LinkPage title={title}>
      <Words>{children}</Words>
      <View flexDirection="row">
        <Button label={t('welcome.toDoor')} onPress={() => window.location.replace('/')} />
      </View>
    </LinkPage>
  );
}
