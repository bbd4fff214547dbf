import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import { SessionRow } from './SessionRow';
import type { SessionOf } from './useSessionPlan';

export interface SessionListProps {
  readonly session: SessionOf;
  readonly client: ClientRecord;
  readonly onOpen: (key: string) => void;
}

/** The drills in order: dragged by the grip, or moved with space and the arrow keys. */
export function SessionList({ session, client, onOpen }: SessionListProps) {
  const { plan, move } = session;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const keys = plan.drills.map(({ key }) => key);
  const wrong = new Set(plan.broken.map(({ key }) => key));
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) move(String(active.id), keys.indexOf(String(over.id)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={keys} strategy={verticalListSortingStrategy}>
        {plan.drills.map((one) => (
          <SessionRow
            key={one.key}
            one={one}
            client={client}
            climbed={session.rungs.get(one.key)}
            wrong={wrong.has(one.key)}
            onOpen={() => onOpen(one.key)}
          />
        ))}
      </SortableContext>
    </DndContext>
  );
}
