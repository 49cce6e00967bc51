import { t } from 'i18next';
import { longestBreak, longestWelcome, mostHelpers } from '#contract/conditions';
import { maxSeats } from '#contract/workshops';
import type { Conditions } from '#core/pace/evening/conditions';

export interface ConditionField {
  readonly name: string;
  readonly label: string;
  readonly least: number;
  readonly most: number;
  readonly of: (conditions: Conditions) => number;
}

const tool = (name: string, label: () => string, thing: keyof Conditions['capacity']) => ({
  name,
  get label() {
    return label();
  },
  least: 1,
  most: thing === 'helper' ? mostHelpers : maxSeats,
  of: ({ capacity }: Conditions) => capacity[thing],
});

const minutes = (
  name: string,
  label: () => string,
  most: number,
  of: (conditions: Conditions) => number,
) => ({
  name,
  get label() {
    return label();
  },
  least: 0,
  most,
  of,
});

/** What is asked of an evening; what is typed and not kept stands in the address. */
export const conditionFields = {
  iron: tool('irons', () => t('workshops.room.irons'), 'iron'),
  meter: tool('meters', () => t('workshops.room.meters'), 'meter'),
  desoldering: tool('desoldering', () => t('workshops.room.desolderingTools'), 'desoldering'),
  helper: tool('helpers', () => t('workshops.room.peopleWhoHelp'), 'helper'),
  welcome: minutes(
    'welcome',
    () => t('workshops.room.welcomeInMin'),
    longestWelcome,
    ({ welcomeMinutes }) => welcomeMinutes,
  ),
  breakMinutes: minutes(
    'break',
    () => t('workshops.room.breakInMin'),
    longestBreak,
    ({ breaks }) => breaks[0]?.minutes ?? 0,
  ),
  breakAt: minutes(
    'break-at',
    () => t('workshops.room.breakAfter'),
    600,
    ({ breaks }) => breaks[0]?.at ?? 60,
  ),
  late: minutes(
    'late',
    () => t('workshops.room.comeLateIn'),
    100,
    ({ late }) => late.percent,
  ),
  lateMinutes: minutes(
    'late-by',
    () => t('workshops.room.lateBy'),
    longestWelcome,
    ({ late }) => late.minutes,
  ),
} satisfies Readonly<Record<string, ConditionField>>;

type FieldId = keyof typeof conditionFields;

/** The number of a field as it is asked for; undefined where what is written is none. */
export function fieldValue(
  { least, most, of }: ConditionField,
  asked: string | null,
  kept: Conditions,
): number | undefined {
  if (asked === null) return of(kept);
  const value = Number(asked);
  return asked.trim() !== '' && Number.isInteger(value) && value >= least && value <= most
    ? value
    : undefined;
}

/** The conditions as they are typed; undefined where a field is wrong. */
export function conditionsTyped(search: URLSearchParams, kept: Conditions): Conditions | undefined {
  const value = (id: FieldId) => {
    const field = conditionFields[id];
    return fieldValue(field, search.get(field.name), kept);
  };
  const values = new Map<FieldId, number>();
  for (const id of Object.keys(conditionFields) as FieldId[]) {
    const typed = value(id);
    if (typed === undefined) return undefined;
    values.set(id, typed);
  }
  const of = (id: FieldId) => values.get(id) ?? 0;
  // Further breaks are not asked for here: they stay as they are.
  const later = kept.breaks.slice(1);
  return {
    capacity: {
      iron: of('iron'),
      meter: of('meter'),
      desoldering: of('desoldering'),
      helper: of('helper'),
    },
    welcomeMinutes: of('welcome'),
    breaks:
      of('breakMinutes') > 0
        ? [{ at: of('breakAt'), minutes: of('breakMinutes') }, ...later]
        : later,
    late: { percent: of('late'), minutes: of('lateMinutes') },
  };
}
