import { APPROACHES, type ApproachId } from '@taxikine/core/knowledge/approaches';
import { View } from '@tamagui/core';
import { Choice } from '../../ui/Choice';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface ApproachPartProps {
  readonly approach: ApproachId;
  readonly onChange: (approach: ApproachId) => void;
}

/** Which school of order is followed with this client, and what that costs. */
export function ApproachPart({ approach, onChange }: ApproachPartProps) {
  const t = useText();
  const row = APPROACHES.find(({ id }) => id === approach)!;
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('meet.approach')}
      </Title>
      <Choice
        label={t('meet.approach')}
        hideLabel
        options={APPROACHES.map(({ id, name }) => ({ value: id, label: name }))}
        value={approach}
        onChange={onChange}
      />
      <Words small>{row.believes}</Words>
      <Words small soft>
        {t('meet.givesUp')} {row.givesUp}
      </Words>
    </View>
  );
}
