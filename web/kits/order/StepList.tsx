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
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import Box from '@mui/material/Box';
import { useTranslation } from 'react-i18next';
import type { BrokenRule } from '#core/order/arrangement';
import { mayMerge, mergeWithNext, moveStep, partsToSplit, splitStep } from '#core/order/rearrange';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { stepTitle } from '#core/words/partWords';
import { OwnDeeds } from './OwnDeeds.tsx';
import type { OrderDraft } from './orderDraft.ts';
import { StepRow } from './StepRow.tsx';

interface StepListProps {
  readonly steps: readonly PlannedStep[];
  readonly draft: OrderDraft;
}

/** The steps, to be dragged, split and merged; what a move breaks is said at once. */
export function StepList({ steps, draft }: StepListProps) {
  const { t } = useTranslation();
  const { plan, settings, change } = draft;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const arrange = (arrangement: typeof plan.arrangement) => change({ arrangement });
  const indexOf = (id: unknown) => steps.findIndex((step) => step.id === id);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over) arrange(moveStep(plan.arrangement, indexOf(active.id), indexOf(over.id)));
  };
  const nameAt = (id: unknown) => {
    const index = indexOf(id);
    const step = steps[index];
    return step ? t('kits.stepList.step', { index: index + 1, stepTitle: stepTitle(t, step) }) : '';
  };
  const say = (rule: BrokenRule, reason: string) => {
    const others = settings.exceptions.filter(
      (one) =>
        one.rule !== rule.rule || one.before !== rule.beforeKey || one.after !== rule.afterKey,
    );
    const said = reason.trim();
    const mine = {
      rule: rule.rule,
      before: rule.beforeKey,
      after: rule.afterKey,
      reason: said,
    };
    change({ exceptions: said === '' ? others : [...others, mine] });
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{
        screenReaderInstructions: {
          draggable: t('kits.stepList.toMoveTheStepPressSpace'),
        },
        announcements: {
          onDragStart: ({ active }) => t('kits.stepList.pickedUp', { nameAt: nameAt(active.id) }),
          onDragOver: ({ over }) =>
            over ? t('kits.stepList.atThePlaceOf', { nameAt: nameAt(over.id) }) : undefined,
          onDragEnd: ({ over }) =>
            over ? t('kits.stepList.putDownAtThePlaceOf', { nameAt: nameAt(over.id) }) : undefined,
          onDragCancel: () => t('kits.stepList.leftWhereItWas'),
        },
      }}
    >
      <SortableContext items={steps.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
        <Box
          component="ol"
          aria-label={t('kits.stepList.steps')}
          sx={{ m: 0, p: 0, listStyle: 'none' }}
        >
          {steps.map((step, index) => (
            <StepRow
              key={step.id}
              step={step}
              number={index + 1}
              broken={plan.broken.filter(
                ({ beforeStep, afterStep }) =>
                  // Said where the hand was: at the step that stands too early.
                  Math.min(beforeStep, afterStep) === index,
              )}
              say={say}
              deeds={
                <OwnDeeds
                  step={step}
                  number={index + 1}
                  keys={plan.arrangement[index] ?? []}
                  draft={draft}
                />
              }
              {...(mayMerge(step, steps[index + 1]) && {
                merge: () => arrange(mergeWithNext(plan.arrangement, index)),
              })}
              {...(partsToSplit(step).length > 1 && {
                split: () => arrange(splitStep(plan.arrangement, index, partsToSplit(step))),
              })}
            />
          ))}
        </Box>
      </SortableContext>
    </DndContext>
  );
}
