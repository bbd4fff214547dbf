import { useDraggable } from '@dnd-kit/core';
import { CSS } from '@dnd-kit/utilities';
import { posesOfDrill } from '@taxikine/core/knowledge/posesOfDrill';
import { doseWords } from '@taxikine/core/knowledge/doseSeconds';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import type { DrillState } from '@taxikine/core/planning/home/homeState';
import type { PlacedDose } from '@taxikine/core/planning/home/placedDoses';
import type { WeekDrill } from '@taxikine/core/planning/home/weekInput';
import { View } from '@tamagui/core';
import { PoseFigure } from '../figure/PoseFigure';
import { BARE_BUTTON } from '../ui/bareButton';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { nameOf } from './nameOf';

export interface DoseChipProps {
  readonly dose: PlacedDose;
  readonly drill: WeekDrill;
  /** Whose body shows it; null where there is no room for a figure. */
  readonly client: ClientRecord | null;
  readonly state: DrillState;
  /** A rule is broken here. */
  readonly wrong: boolean;
  readonly onOpen: () => void;
}

/** One dose in the week: dragged anywhere, or opened with a tap. */
export function DoseChip({ dose, drill, client, state, wrong, onOpen }: DoseChipProps) {
  const t = useText();
  const { key, day, at, pinned, first } = dose;
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${key} ${day} ${at}`,
    data: { key, day, at },
  });
  const name = nameOf(drill, t);
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      onClick={onOpen}
      aria-label={t('week.dose', { drill: name, day: t(`weekdays.${day}`), at })}
      style={{
        ...BARE_BUTTON,
        display: 'block',
        width: '100%',
        textAlign: 'left',
        touchAction: 'manipulation',
        // A finger that rests takes hold of the dose, not of its words.
        userSelect: 'none',
        WebkitUserSelect: 'none',
        WebkitTouchCallout: 'none',
        cursor: 'grab',
        position: 'relative',
        zIndex: isDragging ? 5 : undefined,
        transform: CSS.Translate.toString(transform),
      }}
    >
      <View
        flexDirection="row"
        alignItems="center"
        gap="$1"
        minHeight={48}
        paddingHorizontal={client ? '$1' : '$2'}
        paddingVertical="$1"
        borderRadius="$1"
        borderWidth={pinned ? 2 : 1}
        borderStyle={first ? 'dashed' : 'solid'}
        borderColor={wrong ? '$accent' : pinned ? '$ink' : '$rule'}
        backgroundColor={isDragging ? '$skin' : '$raised'}
      >
        {client ? (
          <PoseFigure
            client={client}
            poses={posesOfDrill(drill.row)}
            side={drill.side}
            view="quarter"
            moving={false}
            width={46}
            height={52}
          />
        ) : null}
        <View flex={1} minWidth={0}>
          <Words small={!client} tiny={Boolean(client)} bold accent={wrong}>
            {name}
          </Words>
          <Words tiny soft>
            {doseWords(dose.dose)}
            {first ? ` · ${t('week.new')}` : ''}
            {pinned ? ` · ${t('week.pinned')}` : ''}
          </Words>
          {state === 'go' ? null : (
            <Words tiny bold accent={state === 'stopped' || state === 'out'}>
              {t(`week.states.${state}`)}
            </Words>
          )}
        </View>
      </View>
    </button>
  );
}
