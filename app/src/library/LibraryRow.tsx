import { oneCause } from '@taxikine/core/knowledge/causes';
import { DRILL_CHAINS } from '@taxikine/core/knowledge/drillChains';
import type { DrillRow } from '@taxikine/core/knowledge/drillRow';
import type { DrillId } from '@taxikine/core/knowledge/drills';
import { posesOfDrill } from '@taxikine/core/knowledge/posesOfDrill';
import { doseWords } from '@taxikine/core/knowledge/doseSeconds';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { memo, useDeferredValue, useMemo, type ReactNode } from 'react';
import { PoseFigure } from '../figure/PoseFigure';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';

export interface LibraryRowProps {
  readonly drill: DrillRow;
  /** Whose body shows it. */
  readonly client: Pick<ClientRecord, 'heightM' | 'massKg' | 'segments'>;
  /** What can be done with it. */
  readonly children?: ReactNode;
}

/** A drill of the library: what it looks like, how much of it, and what it is for. */
export function LibraryRow({ drill, client, children }: LibraryRowProps) {
  const t = useText();
  const chain = DRILL_CHAINS.find(({ drills }) => drills.includes(drill.id as DrillId));
  const aims = drill.targets.map(({ cause }) => fillSide(oneCause(cause).sentence, null));
  return (
    <View borderTopWidth={1} borderColor="$rule" paddingTop="$2" gap="$2">
      <View flexDirection="row" gap="$3" alignItems="center">
        <Thumb drill={drill} client={client} />
        <View flex={1} gap="$1">
          <Title small aria-level={3}>
            {drill.name}
          </Title>
          <Words small soft>
            {doseWords(drill.dose)} · {t(`library.positions.${drill.position}`)}
            {chain ? ` · ${t('library.chain', { name: chain.name })}` : ''}
          </Words>
          {aims.length > 0 ? (
            <Words small>
              {t('library.aims')}: {aims.join(', ')}
            </Words>
          ) : null}
        </View>
      </View>
      {children ? (
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {children}
        </View>
      ) : null}
    </View>
  );
}

const THUMB = { width: 84, height: 72 };

/** Where it goes to: the end says more of a drill than its start. Its room at once, itself after the words. */
const Thumb = memo(function Thumb({ drill, client }: Omit<LibraryRowProps, 'children'>) {
  const isLater = useDeferredValue(true, false);
  const poses = useMemo(() => {
    const [, end] = posesOfDrill(drill);
    return [end, end] as const;
  }, [drill]);
  if (!isLater) return <View {...THUMB} />;
  return (
    <PoseFigure
      client={client}
      poses={poses}
      side={null}
      view="quarter"
      moving={false}
      {...THUMB}
    />
  );
});
