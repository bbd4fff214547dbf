import { SIDES } from '@taxikine/core/foundation/sides/side';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { TAPED_LIMBS } from './clientForm';
import type { ClientFormState } from './useClientForm';

/** Lengths from a tape, folded away until somebody has one; a field that is folded is still part of the form. */
export function TapePart({ form: { known, units, field } }: { form: ClientFormState }) {
  const t = useText();
  const [open, setOpen] = useState(Object.keys(known?.segments ?? {}).length > 0);
  return (
    <>
      {open ? null : (
        <View flexDirection="row">
          <Button label={t('meet.tapeOpen')} onPress={() => setOpen(true)} />
        </View>
      )}
      <View gap="$2" display={open ? 'flex' : 'none'}>
        <Words small soft>
          {t(`client.tape.${units}`)}
        </Words>
        {TAPED_LIMBS.map((limb) => (
          <View key={limb} flexDirection="row" gap="$3">
            {SIDES.map((side) => (
              <View key={side} flex={1}>
                {field(`tape.${limb}.${side}`, `${t(`client.lengths.${limb}`)}, ${t(side)}`, {
                  inputMode: 'decimal',
                })}
              </View>
            ))}
          </View>
        ))}
        {field('trunk', t('client.lengths.trunkM'), { inputMode: 'decimal' })}
      </View>
    </>
  );
}
