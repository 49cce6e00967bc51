import type { TFunction } from 'i18next';
import { readingWords } from '#core/words/orderWords';
import { stepTitle } from '#core/words/partWords';
import { type FloorSeat, stepNumber } from './floorSeat.ts';

/** Something that was logged at a seat, in words. */
export interface SeatEntry {
  readonly eventId: string;
  readonly at: string;
  readonly text: string;
}

/** What was logged at a seat besides steps that were tapped, the newest first. */
export function seatEntries(
  t: TFunction,
  { state, steps }: Pick<FloorSeat, 'state' | 'steps'>,
): SeatEntry[] {
  return [
    ...state.mistakes.map((mistake) => ({
      eventId: mistake.eventId,
      at: mistake.foundAt,
      text: t(`workshops.seatPanel.${mistake.designator ? 'madeThereAtStep' : 'madeAtStep'}`, {
        what: t(`mistake.${mistake.mistake}.name`),
        place: mistake.designator,
        stepNumber: stepNumber(steps, mistake.madeAtStepId),
      }),
    })),
    ...state.readings.flatMap(({ eventId, at, stepId, amount }) => {
      const check = steps.find(({ id }) => id === stepId);
      if (!check) return [];
      return { eventId, at, text: `${stepTitle(t, check)}: ${readingWords(t, check, amount)}` };
    }),
    ...state.visits.map(({ eventId, at, endedAt, helper }) => ({
      eventId,
      at,
      text: [
        helper ? t('workshops.seatPanel.visitBy', { helper }) : t('workshops.seatPanel.visit'),
        endedAt !== null && minutesLong(t, at, endedAt),
      ]
        .filter(Boolean)
        .join(', '),
    })),
    ...state.releases.map(({ eventId, at, stepId }) => ({
      eventId,
      at,
      text: t('workshops.seatPanel.releasedAtStep', { stepNumber: stepNumber(steps, stepId) }),
    })),
    ...state.puts.map(({ eventId, at, stepId }) => ({
      eventId,
      at,
      text: t('workshops.putAtStep.isPut', { number: stepNumber(steps, stepId) }),
    })),
    ...state.checkedGood.map(({ eventId, at, stepId }) => ({
      eventId,
      at,
      text: t('workshops.seatPanel.checkedGoodAtStep', { stepNumber: stepNumber(steps, stepId) }),
    })),
    ...state.praises.map(({ eventId, at, stepId }) => ({
      eventId,
      at,
      text: t('workshops.seatPanel.wellDoneAtStep', { stepNumber: stepNumber(steps, stepId) }),
    })),
    ...state.missing.map(({ eventId, at, designators }) => ({
      eventId,
      at,
      text: t('workshops.seatPanel.missing', { places: designators.join(', ') }),
    })),
    ...state.notes.map(({ eventId, at, text, helper }) => ({
      eventId,
      at,
      text: helper
        ? t('workshops.seatPanel.noteBy', { text, helper })
        : t('workshops.seatPanel.note', { text }),
    })),
    ...state.replaced.map(({ eventId, at, designator }) => ({
      eventId,
      at,
      text: t('workshops.seatPanel.replaced', { designator }),
    })),
  ].sort((a, b) => b.at.localeCompare(a.at));
}

const minutesLong = (t: TFunction, from: string, to: string): string => {
  const minutes = Math.round((Date.parse(to) - Date.parse(from)) / 60_000);
  return minutes === 0
    ? t('workshops.seatPanel.underAMinute')
    : t('workshops.seatPanel.min', { minutes });
};
