import { describe, expect, it } from 'vitest';
import { wireLengthOf } from './lengths.ts';
import { line } from './testing/kits.ts';

// Common practice: how lists write wire. What is thin is how thick it is.
describe('the length of a wire', () => {
  it.each([
    ['hookup wire red 20 cm', 200],
    ['Litze 150 mm schwarz', 150],
    ['antenna wire 0.75 m', 750],
    ['enamelled wire 0.3mm, 2 m', 2000],
    ['wire 0.5mm² 1 m', 1000],
    ['hilo de 0,5 mm, 12 cm', 120],
    ['0.8mm enamelled wire on 5mm drill', undefined],
    ['wire 0.14 mm2', undefined],
    ['hookup wire', undefined],
  ])('of “%s” is %s mm', (description, mm) => {
    expect(wireLengthOf({ ...line('wire', 'W1'), description })).toBe(mm);
  });

  it('of what hangs on wires is that of its wires, and not how wide it is', () => {
    const disc = { ...line('piezo-disc', 'BZ1'), mounting: { kind: 'on-wires' as const } };
    expect(wireLengthOf({ ...disc, description: 'piezo disc 27 mm' })).toBeUndefined();
    expect(wireLengthOf({ ...disc, description: 'piezo disc 27 mm, wires 100 mm' })).toBe(100);
  });
});
