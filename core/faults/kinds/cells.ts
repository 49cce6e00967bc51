import { asMeant } from '../change.ts';
import type { Faultable, FaultKind, Faulty, Subject } from '../fault.ts';

const where = ({ at }: Pick<Faultable, 'at'>) => (at.place === undefined ? [] : [at.place]);

const fedBy = (subject: Subject, factor: number): Faulty => {
  const { stage, extra } = asMeant(subject);
  const { volt, freshVolt, tiredVolt, ohm } = stage.feed;
  return {
    stage: {
      ...stage,
      feed: {
        volt: volt * factor,
        freshVolt: freshVolt * factor,
        tiredVolt: tiredVolt * factor,
        ohm,
      },
    },
    extra,
  };
};

/** Plus and minus of the supply exchanged. */
export const cellsReversed: FaultKind<'cells-reversed'> = {
  id: 'cells-reversed',
  of: (subject) => [{ kind: 'cells-reversed', at: where(subject) }],
  make: (subject) => fedBy(subject, -1),
};

/** Under load an empty cell has some half of what it had (common practice). */
const flat = 0.5;

export const cellsFlat: FaultKind<'cells-flat'> = {
  id: 'cells-flat',
  of: (subject) => [{ kind: 'cells-flat', at: where(subject) }],
  make: (subject) => fedBy(subject, flat),
};
