import { heldSeconds, holdBegun } from '@taxikine/core/reading/visit/hold';
import type { HoldClock } from '@taxikine/core/records/looks/lookRecord';
import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { Numeral, Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface CounterSheetProps {
  readonly title: string;
  readonly most: number;
  readonly onReading: (value: number) => void;
  readonly onClose: () => void;
}

const TICK_MS = 100;

/** Seconds of a hold, from the clock: one big button, under the thumb. */
export function StopwatchSheet({ title, most, onReading, onClose }: CounterSheetProps) {
  const t = useText();
  const [clock, setClock] = useState<HoldClock | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (!clock) return undefined;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [clock]);
  const seconds = clock ? heldSeconds(clock, now) : 0;
  const stop = () => {
    onReading(Math.min(most, Math.round(heldSeconds(clock!, Date.now()))));
    onClose();
  };
  return (
    <Sheet title={title} open onClose={onClose}>
      <View alignItems="center">
        <Numeral fontSize="$8" lineHeight="$8" role="timer">
          {seconds.toFixed(1)}
        </Numeral>
        <Words soft>s</Words>
      </View>
      <Button
        kind="main"
        label={t(clock ? 'instrument.stop' : 'instrument.start')}
        onPress={() => {
          if (clock) return stop();
          setNow(Date.now());
          setClock(holdBegun(Date.now()));
        }}
      />
    </Sheet>
  );
}

/** Clean repetitions, a tap each. */
export function RepetitionSheet({ title, most, onReading, onClose }: CounterSheetProps) {
  const t = useText();
  const [count, setCount] = useState(0);
  return (
    <Sheet title={title} open onClose={onClose}>
      <View alignItems="center">
        <Numeral fontSize="$8" lineHeight="$8" role="status">
          {count}
        </Numeral>
      </View>
      <Button
        kind="main"
        label={t('instrument.plusOne')}
        onPress={() => setCount(Math.min(most, count + 1))}
      />
      <View flexDirection="row" gap="$2">
        <Button
          label={t('instrument.minusOne')}
          off={count === 0}
          onPress={() => setCount(count - 1)}
        />
        <Button
          flex={1}
          label={t('instrument.keep')}
          onPress={() => {
            onReading(count);
            onClose();
          }}
        />
      </View>
    </Sheet>
  );
}
