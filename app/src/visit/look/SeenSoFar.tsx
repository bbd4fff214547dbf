import { oneFault } from '@taxikine/core/knowledge/faults';
import { onePhrase } from '@taxikine/core/knowledge/phrases';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { faultKey } from '@taxikine/core/knowledge/keys';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { withUnit } from '@taxikine/core/foundation/words/units';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { ours } from '../../words/units';
import { useText } from '../../words/useText';

/** What was logged, each a way to its number and to taking it back. */
export function SeenSoFar({ look, onOpen }: { look: LookRecord; onOpen: (key: string) => void }) {
  const t = useText();
  if (look.faults.length + look.notes.length + look.pain.length === 0) return null;
  return (
    <View paddingHorizontal="$3" paddingTop="$3" gap="$1">
      <Words small soft>
        {t('look.kept')}
      </Words>
      {look.faults.map((fault) => {
        const { sentence, unit } = oneFault(fault.fault);
        const number =
          fault.value !== undefined && unit ? ` · ${ours(withUnit(fault.value, unit))}` : '';
        return (
          <Button
            key={faultKey(fault)}
            left
            kind="quiet"
            label={fillSide(sentence, fault.side)}
            note={`${t(`phases.${fault.phase}`)} · ${t(`grades.${fault.grade}`)}${number}`}
            onPress={() => onOpen(faultKey(fault))}
          />
        );
      })}
      {look.pain.map(({ region, side, score, kind, on }) => (
        <Words key={on} small>
          {`${t('look.pain')}: ${side ? `${t(side)} ` : ''}${t(`regions.${region}`)}, ${t(`pain.kinds.${kind}`)} ${score}`}
        </Words>
      ))}
      {look.notes.map(({ phrase, phase }) => (
        <Words key={`${phrase}${phase}`} small soft>
          {`${onePhrase(phrase).words} · ${t(`phases.${phase}`)}`}
        </Words>
      ))}
    </View>
  );
}
