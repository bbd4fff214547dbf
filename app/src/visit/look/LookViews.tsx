import { VIEWS } from '@taxikine/core/body/stance/patterns';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { useText } from '../../words/useText';
import type { LiveLookState } from './useLiveLook';

/** From where it is looked at, and the way back from the last tap. */
export function LookViews({ state: { view, setView, undo, canUndo } }: { state: LiveLookState }) {
  const t = useText();
  return (
    <View flexDirection="row" justifyContent="space-between" paddingHorizontal="$3" paddingTop="$2">
      <View flexDirection="row" gap="$1" role="group" aria-label="view">
        {VIEWS.map((name) => (
          <ViewTab
            key={name}
            label={t(`views.${name}`)}
            on={name === view}
            onPress={() => setView(name)}
          />
        ))}
      </View>
      <Button kind="quiet" label={t('undo')} off={!canUndo} tight small onPress={undo} />
    </View>
  );
}

/** A view as a tab with a rule under the one in force. */
function ViewTab({ label, on, onPress }: { label: string; on: boolean; onPress: () => void }) {
  return (
    <View borderBottomWidth={3} borderColor={on ? '$accent' : 'transparent'}>
      <Button
        kind="quiet"
        label={label}
        tight
        onPress={onPress}
        says={`view: ${label}${on ? ', chosen' : ''}`}
      />
    </View>
  );
}
