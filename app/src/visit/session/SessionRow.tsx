import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { posesOfDrill } from '@taxikine/core/knowledge/posesOfDrill';
import { doseWords } from '@taxikine/core/knowledge/doseSeconds';
import type { PlannedDrill } from '@taxikine/core/planning/session/planSession';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { View } from '@tamagui/core';
import Svg, { Circle } from 'react-native-svg';
import { PoseFigure } from '../../figure/PoseFigure';
import type { ClimbedRung } from '../ladder/useRungs';
import { BARE_BUTTON } from '../../ui/bareButton';
import { Title, Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import { ours } from '../../words/units';
import { CareWords } from '../player/CareWords';

export interface SessionRowProps {
  readonly one: PlannedDrill;
  readonly client: ClientRecord;
  readonly climbed?: ClimbedRung;
  /** A rule is broken here. */
  readonly wrong: boolean;
  readonly onOpen: () => void;
}

/** One drill of the session: a grip to drag it by, and everything else opens it. */
export function SessionRow({ one, client, climbed, wrong, onOpen }: SessionRowProps) {
  const t = useText();
  const { drill, side, dose, minutes, why, care, locked, key } = one;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: key,
  });
  const name = side ? `${drill.name}, ${t(side)}` : drill.name;
  return (
    <div
      ref={setNodeRef}
      style={{
        transform: CSS.Transform.toString(transform),
        transition,
        position: 'relative',
        zIndex: isDragging ? 2 : undefined,
      }}
    >
      <View
        flexDirection="row"
        alignItems="center"
        gap="$1"
        borderTopWidth={1}
        borderColor="$rule"
        backgroundColor={isDragging ? '$raised' : '$paper'}
        paddingVertical="$2"
        data-drill={key}
      >
        <button
          type="button"
          {...attributes}
          {...listeners}
          aria-label={t('work.grip', { drill: name })}
          style={{
            ...BARE_BUTTON,
            width: 30,
            height: 64,
            cursor: 'grab',
            touchAction: 'none',
            flexShrink: 0,
          }}
        >
          <Grip />
        </button>
        <button
          type="button"
          onClick={onOpen}
          aria-label={t('work.open', { drill: name })}
          style={{ ...BARE_BUTTON, flex: 1, minWidth: 0, textAlign: 'left' }}
        >
          <View flexDirection="row" alignItems="center" gap="$2" flex={1} minWidth={0}>
            <PoseFigure
              client={client}
              poses={posesOfDrill(drill)}
              side={side}
              view="quarter"
              moving={false}
              width={76}
              height={72}
            />
            <View flex={1} minWidth={0} gap="$1">
              <Title small aria-level={3}>
                {name}
              </Title>
              <Words small soft>
                {doseWords(dose)} · {t('work.minutes', { count: Math.max(1, Math.round(minutes)) })}
                {locked ? ` · ${t('work.locked')}` : ''}
              </Words>
              {climbed ? <RungLine climbed={climbed} /> : null}
              <Words small accent={wrong}>
                {why}
              </Words>
              <CareWords care={care} size="small" />
            </View>
          </View>
        </button>
      </View>
    </div>
  );
}

function RungLine({ climbed: { ladder, today, kg } }: { climbed: ClimbedRung }) {
  const t = useText();
  const { rung, place } = today;
  const held = kg?.status === 'found' ? ` · ${ours(`${kg.kg} kg`)}` : '';
  return (
    <Words small bold>
      {t('ladder.now', { place: place + 1, of: ladder.rungs.length, name: rung.name })}
      {held}
    </Words>
  );
}

/** Six dots: here it is taken hold of. */
function Grip() {
  const palette = usePalette();
  return (
    <Svg width={18} height={30} aria-hidden>
      {[6, 15, 24].flatMap((y) =>
        [5, 13].map((x) => <Circle key={`${x} ${y}`} cx={x} cy={y} r={2.2} fill={palette.soft} />),
      )}
    </Svg>
  );
}
