import type { PersonShown } from '@taxikine/core/records/wire/people';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { usePeople } from '../../data/usePeople';

export interface EndPersonProps {
  readonly person: PersonShown;
  readonly busy: boolean;
  readonly onEnd: (handTo?: string) => void;
  readonly onComeBack: () => void;
}

/** Lets somebody in no more, and asks first who has their clients from now on; or lets them in again. */
export function EndPerson({ person, busy, onEnd, onComeBack }: EndPersonProps) {
  const t = useText();
  const [handing, setHanding] = useState(false);
  const { keeps, state } = person;
  if (state === 'ended')
    return <Button label={t('people.comeBack')} off={busy} onPress={onComeBack} />;
  if (handing) return <HandOver person={person} busy={busy} onHandTo={onEnd} />;
  return (
    <View gap="$2">
      <Button
        label={t('people.end')}
        off={busy}
        onPress={() => (keeps > 0 ? setHanding(true) : onEnd())}
      />
      <Words small soft>
        {t('people.endHint')}
      </Words>
    </View>
  );
}

interface HandOverProps {
  readonly person: PersonShown;
  readonly busy: boolean;
  readonly onHandTo: (handTo: string) => void;
}

function HandOver({ person: { id, name, keeps }, busy, onHandTo }: HandOverProps) {
  const t = useText();
  const { data: people = [] } = usePeople();
  const others = people.filter((one) => one.id !== id && one.state !== 'ended');
  return (
    <View gap="$2" role="group" aria-label={t('people.handOver', { count: keeps, name })}>
      <Words>{t('people.handOver', { count: keeps, name })}</Words>
      <Button left label={t('people.handToAll')} off={busy} onPress={() => onHandTo('all')} />
      {others.map((one) => (
        <Button
          key={one.id}
          left
          label={t('people.handTo', { name: one.name })}
          off={busy}
          onPress={() => onHandTo(one.id)}
        />
      ))}
      <Words small soft>
        {t('people.endHint')}
      </Words>
    </View>
  );
}
