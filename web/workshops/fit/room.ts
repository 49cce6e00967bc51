import type { Workshop } from '#contract/workshops';
import { type Experience, experiences } from '#core/pace/evening/seatWork';
import type { Evening } from '#core/pace/evening/willItFit';

export interface RoomField {
  readonly name: string;
  readonly label: string;
  readonly most: number;
  readonly least: number;
  readonly usual: (seats: number) => number;
}

/** What is asked of a room; each stands in the address. */
export const roomFields: readonly RoomField[] = [
  { name: 'irons', label: 'Irons', least: 1, most: 60, usual: (seats) => seats },
  { name: 'meters', label: 'Meters', least: 1, most: 60, usual: (seats) => Math.ceil(seats / 4) },
  { name: 'desoldering', label: 'Desoldering tools', least: 1, most: 60, usual: () => 1 },
  { name: 'helpers', label: 'People who help', least: 1, most: 20, usual: () => 1 },
  { name: 'welcome', label: 'Welcome, in min', least: 0, most: 120, usual: () => 10 },
  { name: 'break', label: 'Break, in min', least: 0, most: 60, usual: () => 0 },
  { name: 'late', label: 'Come late, in %', least: 0, most: 100, usual: () => 0 },
];

export const isExperience = (text: string | null): text is Experience =>
  experiences.some((one) => one === text);

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

/** How late those come who come late, at the most. */
const lateMinutes = 20;

/** The evening of a workshop in such a room; undefined where a field is wrong. */
export function eveningOf(
  { steps, seats, lengthMinutes }: Pick<Workshop, 'steps' | 'seats' | 'lengthMinutes'>,
  search: URLSearchParams,
): Evening | undefined {
  const values = new Map<string, number>();
  for (const field of roomFields) {
    const value = fieldValue(field, search.get(field.name), seats.length);
    if (value === undefined) return undefined;
    values.set(field.name, value);
  }
  const asked = search.get('people');
  const experience = isExperience(asked) ? asked : 'new';
  const of = (name: string) => values.get(name) ?? 0;
  return {
    steps,
    lengthMinutes,
    seats: seats.map(() => experience),
    capacity: {
      iron: of('irons'),
      meter: of('meters'),
      desoldering: of('desoldering'),
      helper: of('helpers'),
    },
    welcomeMinutes: of('welcome'),
    breaks: of('break') > 0 ? [{ at: lengthMinutes / 2, minutes: of('break') }] : [],
    late: { share: of('late') / 100, minutes: lateMinutes },
  };
}
