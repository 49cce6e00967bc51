import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useTranslation } from 'react-i18next';
import { StepRow, type StepRowProps, type StepsProps } from './StepRow.tsx';

/** Steps that are dragged into their order, or moved with keys or buttons. */
export function DraggableSteps({ rows, place }: StepsProps) {
  const { t } = useTranslation();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const keys = rows.map(({ card }) => card.key);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over) place(keys.indexOf(String(active.id)), keys.indexOf(String(over.id)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={keys} strategy={verticalListSortingStrategy}>
        <ol className="drill-steps" aria-label={t('drill.order.first.list')}>
          {rows.map((row) => (
            <DraggableStep key={row.card.key} {...row} />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function DraggableStep(step: Omit<StepRowProps, 'row' | 'grip'>) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({
    id: step.card.key,
    disabled: !step.isOpen,
  });
  return (
    <StepRow
      {...step}
      row={{ ref: setNodeRef, style: { transform: CSS.Transform.toString(transform), transition } }}
      grip={step.isOpen ? { ...attributes, ...listeners } : {}}
    />
  );
}
