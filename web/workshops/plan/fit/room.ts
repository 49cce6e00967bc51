import { t } from 'i18next';
import type { LearntPaces } from '#contract/pace';
import type { Workshop } from '#contract/workshops';
import { usualCapacity, usualLateMinutes, usualWelcomeMinutes } from '#core/pace/evening/usualRoom';
import type { Evening } from '#core/pace/evening/willItFit';
import { minutesOf } from '#core/pace/tonight/tonight';
import { kindsOf, paceOfSeat } from '../../learnt.ts';

export interface RoomField {
  readonly name: string;
  readonly label: string;
  readonly most: number;
  readonly least: number;
  readonly usual: (seats: number) => number;
}

/** What is asked of a room; each stands in the address. */
export const roomFields: readonly RoomField[] = [
  {
    name: 'irons',
    get label() {
      return t('workshops.room.irons');
    },
    least: 1,
    most: 60,
    usual: (n) => usualCapacity(n).iron,
  },
  {
    name: 'meters',
    get label() {
      return t('workshops.room.meters');
    },
    least: 1,
    most: 60,
    usual: (n) => usualCapacity(n).meter,
  },
  {
    name: 'desoldering',
    get label() {
      return t('workshops.room.desolderingTools');
    },
    least: 1,
    most: 60,
    usual: (n) => usualCapacity(n).desoldering,
  },
  {
    name: 'helpers',
    get label() {
      return t('workshops.room.peopleWhoHelp');
    },
    least: 1,
    most: 20,
    usual: (n) => usualCapacity(n).helper,
  },
  {
    name: 'welcome',
    get label() {
      return t('workshops.room.welcomeInMin');
    },
    least: 0,
    most: 120,
    usual: () => usualWelcomeMinutes,
  },
  {
    name: 'break',
    get label() {
      return t('workshops.room.breakInMin');
    },
    least: 0,
    most: 60,
    usual: () => 0,
  },
  {
    name: 'late',
    get label() {
      return t('workshops.room.comeLateIn');
    },
    least: 0,
    most: 100,
    usual: () => 0,
  },
];

/** The number of a field as it is asked for; undefined where what is written is none. */
export function fieldValue(
  field: RoomField,
  asked: string | null,
  seats: number,
): number | undefined {
  if (asked === null) return field.usual(seats);
  const value = Number(asked);
  return asked.trim() !== '' &&
    Number.isInteger(value) &&
    value >= field.least &&
    value <= field.most
    ? value
    : undefined;
}

/** The evening of a workshop in such a room; undefined where a field is wrong. */
export function eveningOf(
  { steps, seats, lengthMinutes }: Pick<Workshop, 'steps' | 'seats' | 'lengthMinutes'>,
  paces: LearntPaces,
  search: URLSearchParams,
): Evening | undefined {
  const values = new Map<string, number>();
  for (const field of roomFields) {
    const value = fieldValue(field, search.get(field.name), seats.length);
    if (value === undefined) return undefined;
    values.set(field.name, value);
  }
  const of = (name: string) => values.get(name) ?? 0;
  const kinds = kindsOf(paces);
  return {
    steps: steps.map((step) => ({ ...step, minutes: minutesOf(step, kinds) })),
    lengthMinutes,
    seats: seats.map((seat) => paceOfSeat(seat, paces)),
    capacity: {
      iron: of('irons'),
      meter: of('meters'),
      desoldering: of('desoldering'),
      helper: of('helpers'),
    },
    welcomeMinutes: of('welcome'),
    breaks: of('break') > 0 ? [{ at: lengthMinutes / 2, minutes: of('break') }] : [],
    late: { share: of('late') / 100, minutes: usualLateMinutes },
  };
}
