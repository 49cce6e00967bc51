import { describe, expect, it } from 'vitest';
import { testEngine } from '../../../circuit/testing/engine.ts';
import type { FaultDictionary } from '../../../faults/dictionary.ts';
import { faultKey } from '../../../faults/fault.ts';
import { faultsOf } from '../../../faults/kinds/index.ts';
import { dictionaryBasis, makeDictionary, subjectOf } from '../../../faults/makeDictionary.ts';
import { isLong } from '../../../testing/cases.ts';
import {
  practiceBoard,
  practiceBoardWithFaults,
  practiceCircuit,
  practiceParts,
  practiceSupply,
} from './practiceBoard.ts';

const kit = {
  board: practiceBoard,
  circuitNotes: practiceCircuit,
  parts: practiceParts,
  supplyVolt: practiceSupply,
};
const subject = () => {
  const made = subjectOf(kit);
  if (!made) throw new Error('the practice board has no supply');
  return made;
};

/** Three figures are more than a meter tells. */
const written = (dictionary: FaultDictionary): string =>
  `${JSON.stringify(dictionary, (_, value: unknown) =>
    typeof value === 'number' ? Number(value.toPrecision(3)) : value,
  )}\n`;

describe('the practice board', () => {
  it('has the faults that its parts and its pads allow, as they are worked out now', () => {
    const { faults } = practiceBoardWithFaults;
    // Otherwise: OZZET_LONG_TESTS=1 npx vitest run --project core core/learning/drills/faults --update
    expect(faults.basis).toBe(dictionaryBasis(kit));
    expect(faults.entries.map(({ fault }) => faultKey(fault))).toEqual(
      faultsOf(subject()).map(faultKey),
    );
    expect(faults.unknown).toEqual([]);
    expect(faults.signatures.filter((one) => one === null)).toEqual([]);
  });

  it.runIf(isLong)(
    'shows what the simulator makes of each',
    async () => {
      const made = await makeDictionary(testEngine, subject(), dictionaryBasis(kit));
      expect(made).not.toBeNull();
      if (made) await expect(written(made)).toMatchFileSnapshot('practiceBoard.json');
    },
    600_000,
  );
});
