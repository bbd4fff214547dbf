import type { Setup } from '@taxikine/core/body/stance/setup';
import { SIDES, type Side } from '@taxikine/core/foundation/sides/side';
import { memo } from 'react';
import { Choice } from '../../ui/Choice';
import { useText } from '../../words/useText';

export interface LegsStoodOnProps {
  /** The leg that alone is stood on. */
  readonly value: Side | undefined;
  readonly onChange: (part: Pick<Setup, 'oneLeg'>) => void;
}

/** Both legs, or one of them. */
export const LegsStoodOn = memo(function LegsStoodOn({ value, onChange }: LegsStoodOnProps) {
  const t = useText();
  return (
    <Choice<Side | null>
      label={t('setup.legs')}
      options={[
        { value: null, label: t('setup.legsWords.both') },
        ...SIDES.map((side) => ({ value: side, label: t(`setup.legsWords.${side}`) })),
      ]}
      value={value ?? null}
      onChange={(side) => onChange({ oneLeg: side ?? undefined })}
    />
  );
});
