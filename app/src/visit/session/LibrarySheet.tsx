import type { CauseId } from '@taxikine/core/knowledge/causes';
import { POSITIONS, type DrillRow, type Position } from '@taxikine/core/knowledge/drillRow';
import { searchDrills } from '@taxikine/core/knowledge/searchDrills';
import { lockDrill } from '@taxikine/core/planning/session/wish';
import { SIDES, type MaybeSide } from '@taxikine/core/foundation/sides/side';
import { LIKELY_ENOUGH } from '@taxikine/core/inference/trace/likelyEnough';
import type { Trace } from '@taxikine/core/inference/trace/trace';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { useMemo, useState } from 'react';
import { LibraryRow } from '../../library/LibraryRow';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { GrowingRows } from '../../ui/GrowingRows';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import type { SessionOf } from './useSessionPlan';

export interface LibrarySheetProps {
  readonly session: SessionOf;
  readonly visit: VisitFile;
  readonly found: Trace;
  readonly onClose: () => void;
}

const MINUTES = [1.5, 2, 3] as const;

/** What is looked for, and what is found. */
function useSearch(found: Trace, { limits, library }: SessionOf) {
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
      searchDrills(
        {
          text,
          causes: traced ? causes : undefined,
          position: position ?? undefined,
          minutes: minutes ?? undefined,
          kit: room ? limits.kit : undefined,
        },
        library,
      ).filter(({ patterns }) => !patterns || patterns.includes(limits.pattern)),
    [text, traced, causes, position, minutes, room, limits, library],
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
      <Choice
        label={t('library.kit')}
        options={[
          { value: true, label: t('library.room') },
          { value: false, label: t('library.any') },
        ]}
        value={search.room}
        onChange={search.setRoom}
      />
      <Words small soft aria-live="polite">
        {search.drills.length === 0
          ? t('library.none')
          : t('library.lead', { count: search.drills.length })}
      </Words>
      <GrowingRows
        items={search.drills}
        list={`${search.traced} ${search.position} ${search.minutes} ${search.room} ${search.text}`}
        keyOf={({ id }) => id}
        render={(drill) => (
          <LibraryRow drill={drill} client={visit.client}>
            {(drill.oneSided ? SIDES : [null]).map((side) => (
              <Button
                key={side ?? 'both'}
                tight
                small
                label={side ? `${t('library.take')}, ${t(side)}` : t('library.take')}
                says={`${t('library.take')}: ${drill.name}${side ? `, ${t(side)}` : ''}`}
                onPress={() => take(drill, side)}
              />
            ))}
          </LibraryRow>
        )}
      />
    </Sheet>
  );
}
