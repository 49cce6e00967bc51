import type { Part, PartValue } from '../../parts/part.ts';
import { withDevices } from '../change.ts';
import type { Faultable, FaultKind } from '../fault.ts';
import { alikePairs } from './exchanged.ts';

/** A multiplier that is read one too high or one too low (common practice). */
const decades = [0.1, 10] as const;

function valuesInstead({ value }: Part): PartValue[] {
  if (value.kind !== 'amount' || (value.unit !== 'ohm' && value.unit !== 'farad')) return [];
  return decades.map((factor) => ({
    ...value,
    amount: Number((value.amount * factor).toPrecision(4)),
  }));
}

/** One of another value: a decade off, or what looks like it in this kit. */
export const otherValue: FaultKind<'other-value'> = {
  id: 'other-value',
  of: (subject) =>
    subject.circuit.devices.flatMap(({ place, part }) =>
      uniqueValues([...valuesInstead(part), ...lookAlikes(subject, part)]).map((value) => ({
        kind: 'other-value' as const,
        at: [place],
        value,
      })),
    ),
  make: (subject, { at: [place], value }) =>
    withDevices(subject, (device) =>
      device.place === place && value ? { ...device, part: { ...device.part, value } } : device,
    ),
};

const lookAlikes = (subject: Faultable, part: Part): PartValue[] =>
  alikePairs(subject).flatMap(({ a, b }) => {
    const isA = a.designators[0] === part.designators[0];
    const isB = b.designators[0] === part.designators[0];
    if (a.family !== b.family || (!isA && !isB)) return [];
    return [isA ? b.value : a.value];
  });

const uniqueValues = (values: readonly PartValue[]): PartValue[] => [
  ...new Map(values.map((value) => [JSON.stringify(value), value])).values(),
];
