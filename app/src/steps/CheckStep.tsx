import { CHECKS, type CheckRow } from '@taxikine/core';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { CheckCard } from './CheckCard';
import { StepFrame } from './StepFrame';
import type { StepProps } from './StepProps';

const table: readonly CheckRow[] = CHECKS;

/** Each suspect joint, one at a time, both sides. */
export function CheckStep({ open, onStep, width }: StepProps) {
  const t = useText();
  const done = new Set(
    open.visit.checks.filter((one) => one.role === 'first').map((one) => one.check as string),
  );
  const [opened, setOpened] = useState<string | null>(
    table.find((row) => !done.has(row.id))?.id ?? null,
  );
  return (
    <StepFrame
      title={t('check.title')}
      lead={t('check.lead')}
      foot={<Button kind="main" flex={1} label={t('check.go')} onPress={() => onStep('trace')} />}
    >
      {table.map((row) => (
        <View key={row.id} borderTopWidth={1} borderColor="$rule" paddingTop="$2" gap="$2">
          <button
            type="button"
            aria-expanded={opened === row.id}
            onClick={() => setOpened(opened === row.id ? null : row.id)}
            style={{
              background: 'transparent',
              border: 'none',
              padding: 0,
              minHeight: 48,
              textAlign: 'left',
              cursor: 'pointer',
              display: 'flex',
              justifyContent: 'space-between',
              alignItems: 'center',
              gap: 12,
              width: '100%',
            }}
          >
            <Title small aria-level={3}>
              {row.name}
            </Title>
            <Words small soft>
              {done.has(row.id) ? t('check.measured') : ''}
            </Words>
          </button>
          {opened === row.id ? (
            <CheckCard row={row} visit={open.visit} role="first" width={width - 40} />
          ) : null}
        </View>
      ))}
    </StepFrame>
  );
}
