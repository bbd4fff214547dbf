import {
  DRILL_CHAINS,
  DRILL_POSES,
  doseWords,
  fillSide,
  LIKELY_ENOUGH,
  lockDrill,
  oneCause,
  POSITIONS,
  searchDrills,
  type CauseId,
  type DrillId,
  type DrillRow,
  type MaybeSide,
  type Position,
  type Trace,
  type VisitFile,
} from '@taxikine/core';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { PoseFigure } from '../figure/PoseFigure';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Sheet } from '../ui/Sheet';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import type { SessionOf } from './useSessionPlan';

export interface LibrarySheetProps {
  readonly session: SessionOf;
  readonly visit: VisitFile;
  readonly found: Trace;
  readonly onClose: () => void;
}

const MINUTES = [1.5, 2, 3] as const;

/** What is looked for, and what is found. */
function useSearch(found: Trace, { limits }: SessionOf) {
  const [text, setText] = useState('');
  const [traced, setTraced] = useState(true);
  const [position, setPosition] = useState<Position | null>(null);
  const [minutes, setMinutes] = useState<number | null>(null);
  const [room, setRoom] = useState(true);
  const causes = useMemo(
    () => found.causes.filter(({ p }) => p >= LIKELY_ENOUGH).map(({ cause }) => cause as CauseId),
    [found],
  );
  const drills = useMemo(
    () =>
      searchDrills({
        text,
        causes: traced ? causes : undefined,
        position: position ?? undefined,
        minutes: minutes ?? undefined,
        kit: room ? limits.kit : undefined,
      }).filter(({ patterns }) => !patterns || patterns.includes(limits.pattern)),
    [text, traced, causes, position, minutes, room, limits],
  );
  return {
    drills,
    text,
    setText,
    traced,
    setTraced,
    position,
    setPosition,
    minutes,
    setMinutes,
    room,
    setRoom,
  };
}

/** The library: searched by words, cause, position, minutes and what is in the room; one tap takes a drill in. */
export function LibrarySheet({ session, visit, found, onClose }: LibrarySheetProps) {
  const t = useText();
  const search = useSearch(found, session);
  const take = (drill: DrillRow, side: MaybeSide) => {
    session.wishes((wish) => lockDrill(wish, { drill: drill.id, side }));
    onClose();
  };
  return (
    <Sheet title={t('library.title')} open onClose={onClose}>
      <Field label={t('library.search')} value={search.text} onChange={search.setText} />
      <Choice
        label={t('library.cause')}
        options={[
          { value: true, label: t('library.traced') },
          { value: false, label: t('library.anyCause') },
        ]}
        value={search.traced}
        onChange={search.setTraced}
      />
      <Choice
        label={t('library.position')}
        options={[
          { value: null, label: t('library.any') },
          ...POSITIONS.map((value) => ({ value, label: t(`library.positions.${value}`) })),
        ]}
        value={search.position}
        onChange={search.setPosition}
      />
      <Choice
        label={t('library.minutes')}
        options={[
          { value: null, label: t('library.any') },
          ...MINUTES.map((value) => ({ value, label: `${value} min` })),
        ]}
        value={search.minutes}
        onChange={search.setMinutes}
      />
      <Button
        label={t('library.room')}
        chosen={search.room}
        onPress={() => search.setRoom(!search.room)}
        tight
        small
      />
      <Words small soft aria-live="polite">
        {search.drills.length === 0
          ? t('library.none')
          : t('library.lead', { count: search.drills.length })}
      </Words>
      {search.drills.map((drill) => (
        <LibraryRow
          key={drill.id}
          drill={drill}
          visit={visit}
          onTake={(side) => take(drill, side)}
        />
      ))}
    </Sheet>
  );
}

interface LibraryRowProps {
  readonly drill: DrillRow;
  readonly visit: VisitFile;
  readonly onTake: (side: MaybeSide) => void;
}

function LibraryRow({ drill, visit, onTake }: LibraryRowProps) {
  const t = useText();
  const chain = DRILL_CHAINS.find(({ drills }) => drills.includes(drill.id as DrillId));
  const aims = drill.targets.map(({ cause }) => fillSide(oneCause(cause).sentence, null));
  return (
    <View borderTopWidth={1} borderColor="$rule" paddingTop="$2" gap="$2">
      <View flexDirection="row" gap="$3" alignItems="center">
        <PoseFigure
          client={visit.client}
          poses={DRILL_POSES[drill.id as DrillId]}
          side={null}
          view="quarter"
          moving={false}
          width={84}
          height={72}
        />
        <View flex={1} gap="$1">
          <Title small aria-level={3}>
            {drill.name}
          </Title>
          <Words small soft>
            {doseWords(drill.dose)} · {t(`library.positions.${drill.position}`)}
            {chain ? ` · ${t('library.chain', { name: chain.name })}` : ''}
          </Words>
          <Words small>
            {t('library.aims')}: {aims.join(', ')}
          </Words>
        </View>
      </View>
      <View flexDirection="row" gap="$2">
        {(drill.oneSided ? (['left', 'right'] as const) : [null]).map((side) => (
          <Button
            key={side ?? 'both'}
            tight
            small
            label={side ? `${t('library.take')}, ${t(side)}` : t('library.take')}
            says={`${t('library.take')}: ${drill.name}${side ? `, ${t(side)}` : ''}`}
            onPress={() => onTake(side)}
          />
        ))}
      </View>
    </View>
  );
}
