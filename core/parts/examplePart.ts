import type { UnitId } from '../quantity/unit.ts';
import type { PartFamily } from './family.ts';
import type { Part, PartValue } from './part.ts';

// Values that kits hold many of (common practice).
const usualAmount: Readonly<Record<UnitId, number>> = {
  ohm: 4700,
  farad: 100e-9,
  henry: 100e-6,
  volt: 5.1,
  hertz: 16e6,
};

/** A part of the family as it often lies in a bag: for pages that show the family and not a kit. */
export function examplePart(family: PartFamily): Part {
  return {
    designators: [],
    quantity: 1,
    family: family.id,
    value: family.example?.value ?? usualValue(family.valueKind),
    description: family.words.one,
    supply: 'in-kit',
    ...(usesPins(family) ? { pins: family.example?.pins ?? 8 } : {}),
  };
}

function usualValue(valueKind: PartFamily['valueKind']): PartValue {
  if (typeof valueKind === 'object') {
    return { kind: 'amount', unit: valueKind.unit, amount: usualAmount[valueKind.unit] };
  }
  return valueKind === 'colour' ? { kind: 'colour', colour: 'red' } : { kind: 'none' };
}

/** Whether the number of pins changes what is soldered: chips, sockets, headers. */
export const usesPins = ({ joints }: Pick<PartFamily, 'joints'>): boolean =>
  joints({ pins: 8 }) !== joints({ pins: 6 });
