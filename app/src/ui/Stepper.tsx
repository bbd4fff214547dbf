import { clamp } from '@taxikine/core/foundation/numeric/safety';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { HEADING_FAMILY } from './families';
import { Button } from './Button';
import { usePalette } from './usePalette';
import { Words } from './text';
import { useShownUnit } from '../words/units';

export interface StepperProps {
  readonly label: string;
  /** What a screen reader says, when the label is short because the page says the rest. */
  readonly says?: string;
  /** null: nothing entered yet. */
  readonly value: number | null;
  /** Where the first tap starts from. */
  readonly from: number;
  /** As it is kept, and what `value` and its limits are in; lengths and masses are shown as the practice says them. */
  readonly unit: string;
  readonly least: number;
  readonly most: number;
  readonly step?: number;
  readonly onChange: (value: number) => void;
  readonly hideLabel?: boolean;
}

/** A number without typing: big steps either way; a keyboard can still type it. */
export function Stepper({
  label,
  says = label,
  value,
  from,
  unit,
  least,
  most,
  step = 1,
  onChange,
  hideLabel,
}: StepperProps) {
  const palette = usePalette();
  const { sign, shown, kept, step: stepOf } = useShownUnit(unit);
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const go = (by: -1 | 1) => {
    setProblem(null);
    const next = value === null ? from : kept(shown(value) + by * stepOf(step));
    onChange(clamp(next, least, most));
  };
  const commit = () => {
    if (typed === null || typed.trim() === '') return setTyped(null);
    const number = Number(typed.replace(',', '.'));
    setTyped(null);
    const isWithin = number >= shown(least) && number <= shown(most);
    if (!isWithin) return setProblem(`${label}: ${shown(least)} to ${shown(most)} ${sign}`);
    setProblem(null);
    // What rounds to a limit as it is shown is that limit.
    onChange(clamp(kept(number), least, most));
  };
  return (
    <View gap="$1">
      {hideLabel ? null : (
        <Words small soft>
          {label}
        </Words>
      )}
      <View flexDirection="row" alignItems="center" gap="$2">
        <Button label="−" says={`${says}: less`} onPress={() => go(-1)} tight />
        <View
          flexDirection="row"
          alignItems="baseline"
          gap="$1"
          minWidth={84}
          justifyContent="center"
        >
          <input
            aria-label={says}
            aria-invalid={problem !== null}
            inputMode="decimal"
            value={typed ?? (value === null ? '' : String(shown(value)))}
            placeholder="–"
            onChange={(event) => setTyped(event.target.value)}
            onBlur={commit}
            onKeyDown={(event) => event.key === 'Enter' && commit()}
            style={{
              width: 58,
              height: 44,
              textAlign: 'right',
              font: `600 22px ${HEADING_FAMILY}`,
              color: palette.ink,
              background: 'transparent',
              border: 'none',
              borderBottom: `1.5px solid ${palette.rule}`,
              borderRadius: 0,
            }}
          />
          <Words small soft>
            {sign}
          </Words>
        </View>
        <Button label="+" says={`${says}: more`} onPress={() => go(1)} tight />
      </View>
      {problem ? (
        <Words small accent role="alert">
          {problem}
        </Words>
      ) : null}
    </View>
  );
}
