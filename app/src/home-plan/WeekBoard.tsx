import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useDroppable,
  useSensor,
  useSensors,
  type CollisionDetection,
  type DragEndEvent,
} from '@dnd-kit/core';
import type { Weekday } from '@taxikine/core/foundation/time/weekdays';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { weekFrom } from '@taxikine/core/foundation/time/calendarDay';
import type { DoseAt, HomePlan } from '@taxikine/core/records/homePlans/homePlan';
import type { DrillState } from '@taxikine/core/planning/home/homeState';
import type { WeekPlan } from '@taxikine/core/planning/home/planWeek';
import type { WeekStage } from '@taxikine/core/planning/home/weekInput';
import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { cellId, placeOfCell, stepToCell } from './cells';
import { DoseChip } from './DoseChip';
import { useDragWords } from './useDragWords';
import { useWeekdays } from '../words/useWeekdays';

export type PlannedWeek = Extract<WeekPlan, { status: 'planned' }>;

export interface WeekBoardProps {
  readonly plan: HomePlan;
  readonly week: PlannedWeek;
  readonly stage: WeekStage;
  readonly client: ClientRecord;
  /** How pain from home lets a drill be done now. */
  readonly stateOf: (key: string) => DrillState;
  readonly wide: boolean;
  readonly onMove: (from: DoseAt, to: Omit<DoseAt, 'key'>) => void;
  readonly onOpen: (dose: DoseAt) => void;
}

/** The place under the finger; with the keyboard, and beside every place, the nearest. */
const placeMeant: CollisionDetection = (drag) => {
  const under = pointerWithin(drag);
  return under.length > 0 ? under : closestCenter(drag);
};

/** The week: a column a day at the desk, a day under the other on the phone, a place for each time. */
export function WeekBoard({
  plan,
  week,
  stage,
  client,
  stateOf,
  wide,
  onMove,
  onOpen,
}: WeekBoardProps) {
  const [first] = useWeekdays();
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    // A finger that scrolls drags nothing; one that rests takes hold.
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: stepToCell,
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space', 'Enter'] },
    }),
  );
  const accessibility = useDragWords(week);
  const dropped = ({ active, over }: DragEndEvent) => {
    const from = active.data.current as DoseAt | undefined;
    if (!from || !over) return;
    const to = placeOfCell(String(over.id));
    if (to.day !== from.day || to.at !== from.at) onMove(from, to);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={placeMeant}
      accessibility={accessibility}
      onDragEnd={dropped}
    >
      <View flexDirection={wide ? 'row' : 'column'} gap={wide ? '$2' : '$3'}>
        {/* Only the first week has a first day; any other is read as the practice counts. */}
        {weekFrom(stage.introduces ? stage.begins : first).map((day) => (
          <DayColumn
            key={day}
            day={day}
            plan={plan}
            week={week}
            client={client}
            stateOf={stateOf}
            wide={wide}
            onOpen={onOpen}
          />
        ))}
      </View>
    </DndContext>
  );
}

/** "12 of 15 min", or that there is no time. */
function useMinutesWords(day: Weekday, plan: HomePlan, week: PlannedWeek): string {
  const t = useText();
  const asked = week.doses
    .filter((one) => one.day === day)
    .reduce((sum, { minutes }) => sum + minutes, 0);
  if (!plan.days.includes(day) && asked === 0) return t('week.free');
  const there = plan.days.includes(day) ? plan.minutes : 0;
  return t('week.minutesOf', { asked: Math.ceil(asked - 1e-6), there });
}

function DayColumn({
  day,
  plan,
  week,
  client,
  stateOf,
  wide,
  onOpen,
}: Pick<WeekBoardProps, 'plan' | 'week' | 'client' | 'stateOf' | 'wide' | 'onOpen'> & {
  day: Weekday;
}) {
  const t = useText();
  const words = useMinutesWords(day, plan, week);
  const wrong = new Set(
    week.broken.filter((one) => one.day === day).map(({ key }) => key ?? 'all'),
  );
  const trainings = plan.trainings.filter((one) => one.day === day);
  return (
    <View
      flex={wide ? 1 : undefined}
      minWidth={0}
      gap="$1"
      borderTopWidth={2}
      borderColor={wrong.has('all') ? '$accent' : '$ink'}
      paddingTop="$1"
      role="group"
      aria-label={t(`weekdaysLong.${day}`)}
    >
      <View
        flexDirection="row"
        justifyContent="space-between"
        alignItems="baseline"
        flexWrap="wrap"
      >
        <Title small aria-level={3}>
          {t(wide ? `weekdays.${day}` : `weekdaysLong.${day}`)}
        </Title>
        <Words tiny soft={!wrong.has('all')} accent={wrong.has('all')}>
          {words}
        </Words>
      </View>
      {/* Days side by side keep their times in line, with or without training. */}
      {plan.trainings.length > 0 && (wide || trainings.length > 0) ? (
        <View minHeight={20}>
          {trainings.map(({ at, minutes }) => (
            <Words key={at} tiny soft>
              {t('week.training', { at, minutes })}
            </Words>
          ))}
        </View>
      ) : null}
      {plan.moments.map((at) => (
        <Cell key={at} day={day} at={at} wide={wide}>
          {week.doses
            .filter((one) => one.day === day && one.at === at)
            .map((dose, i) => (
              <DoseChip
                key={`${dose.key} ${i}`}
                dose={dose}
                drill={week.drills.find(({ key }) => key === dose.key)!}
                client={wide ? client : null}
                state={stateOf(dose.key)}
                wrong={wrong.has(dose.key)}
                onOpen={() => onOpen(dose)}
              />
            ))}
        </Cell>
      ))}
    </View>
  );
}

/** One time of one day: doses are dropped here. */
function Cell({
  day,
  at,
  wide,
  children,
}: Omit<DoseAt, 'key'> & { wide: boolean; children: ReactNode[] }) {
  const { setNodeRef, isOver } = useDroppable({ id: cellId({ day, at }) });
  return (
    <div
      ref={setNodeRef}
      data-cell={cellId({ day, at })}
      style={{ display: 'flex', flexDirection: wide ? 'column' : 'row', gap: wide ? 4 : 10 }}
    >
      <View width={wide ? undefined : 44} paddingTop={wide ? 0 : '$2'}>
        <Words tiny soft>
          {at}
        </Words>
      </View>
      <View
        flex={wide ? undefined : 1}
        gap="$1"
        minHeight={wide ? 72 : 36}
        borderRadius="$1"
        borderWidth={1}
        borderStyle={isOver ? 'solid' : 'dashed'}
        borderColor={isOver ? '$accent' : children.length > 0 ? 'transparent' : '$rule'}
      >
        {children}
      </View>
    </div>
  );
}
