import { CHECK_GUIDES, type Device } from '@taxikine/core/knowledge/checkGuides';
import type { CheckId, RangeCheck } from '@taxikine/core/knowledge/checks';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Sheet } from '../../ui/Sheet';
import { Numeral, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import type { AngleSource } from './AngleSource';
import { hasOrientation, maySense, phoneSource } from './phoneSource';
import { SimulatedLimb } from './SimulatedLimb';
import { limbHand, simulatedSource } from './simulatedSource';
import { useInclinometer } from './useInclinometer';

export interface InclinometerSheetProps {
  readonly row: RangeCheck;
  /** "Hip bend, left, passive" */
  readonly title: string;
  readonly onReading: (deg: number, device: Device) => void;
  readonly onClose: () => void;
}

const SEED = 20;
const REACH = { least: -30, most: 175 } as const;

/** An inclinometer, the phone's or the simulated one: nought, hold, taken. */
export function InclinometerSheet({ row, title, onReading, onClose }: InclinometerSheetProps) {
  const t = useText();
  const guide = CHECK_GUIDES[row.id as CheckId];
  const [which, setWhich] = useState<'phone' | 'simulated'>(
    hasOrientation() ? 'phone' : 'simulated',
  );
  const [hand] = useState(() => limbHand());
  const source = useMemo(
    () => (which === 'phone' ? phoneSource(guide.reads) : simulatedSource(hand, SEED)),
    [which, guide, hand],
  );
  const choose = async (next: 'phone' | 'simulated') => {
    if (next === 'phone' && !(await maySense())) return;
    setWhich(next);
  };
  return (
    <Sheet title={title} open onClose={onClose}>
      {guide.lay ? <Words small>{guide.lay}</Words> : null}
      {hasOrientation() ? (
        <Choice
          label={t('instrument.with')}
          options={[
            { value: 'phone', label: t('instrument.phone') },
            { value: 'simulated', label: t('instrument.simulated') },
          ]}
          value={which}
          onChange={(next) => void choose(next)}
        />
      ) : (
        <Words small soft>
          {t('instrument.noSensor')}
        </Words>
      )}
      {which === 'simulated' ? <SimulatedLimb hand={hand} {...REACH} /> : null}
      <Taking key={which} source={source} row={row} onReading={onReading} />
      <Button label={t('done')} onPress={onClose} />
    </Sheet>
  );
}

function Taking({
  source,
  row,
  onReading,
}: {
  source: AngleSource;
  row: RangeCheck;
  onReading: InclinometerSheetProps['onReading'];
}) {
  const t = useText();
  const [taken, setTaken] = useState<string | null>(null);
  const { least, most } = row.norm;
  const level = useInclinometer(source, (deg) => {
    const value = Math.round(Math.abs(deg) * 10) / 10;
    if (value < least || value > most)
      return setTaken(t('instrument.beyond', { value, least, most }));
    onReading(value, source.device);
    setTaken(t('instrument.taken', { value, error: row.norm.sem }));
  });
  const { hold } = level;
  const share = hold?.status === 'holding' ? hold.share : 0;
  const word =
    hold?.status === 'moved'
      ? t('instrument.moved')
      : hold?.status === 'rolled' || level.rolled
        ? t('instrument.rolled')
        : (taken ?? t('instrument.hint'));
  return (
    <View gap="$3" alignItems="center">
      <Numeral fontSize="$7" lineHeight="$7" role="status" aria-label={t('instrument.reads')}>
        {level.deg === null ? '–' : `${Math.round(level.deg)}°`}
      </Numeral>
      <Words
        small
        accent={level.rolled || hold?.status === 'moved'}
        role="status"
        textAlign="center"
      >
        {word}
      </Words>
      <View alignSelf="stretch" height={6} borderRadius={3} backgroundColor="$rule">
        <View height={6} borderRadius={3} backgroundColor="$accent" width={`${share * 100}%`} />
      </View>
      <View flexDirection="row" gap="$2" alignSelf="stretch">
        <Button label={t('instrument.nought')} onPress={level.setNought} />
        <HoldButton label={t('instrument.hold')} onPress={level.press} onRelease={level.release} />
      </View>
    </View>
  );
}

/** A button that counts while it is held, with a finger or with the space bar. */
function HoldButton({
  label,
  onPress,
  onRelease,
}: {
  label: string;
  onPress: () => void;
  onRelease: () => void;
}) {
  return (
    <View
      flex={1}
      render="button"
      minHeight={48}
      borderRadius="$2"
      alignItems="center"
      justifyContent="center"
      backgroundColor="$ink"
      cursor="pointer"
      userSelect="none"
      style={{ touchAction: 'none' } as object}
      {...({
        onPointerDown: onPress,
        onPointerUp: onRelease,
        onPointerLeave: onRelease,
        onPointerCancel: onRelease,
        onContextMenu: (event: Event) => event.preventDefault(),
        onKeyDown: (event: KeyboardEvent) =>
          event.key === ' ' && !event.repeat ? onPress() : undefined,
        onKeyUp: (event: KeyboardEvent) => (event.key === ' ' ? onRelease() : undefined),
      } as object)}
    >
      <Words bold color="$onInk">
        {label}
      </Words>
    </View>
  );
}
