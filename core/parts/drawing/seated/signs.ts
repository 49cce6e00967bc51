import type { PartFamily } from '../../family.ts';
import { isTurned } from '../../lotNote.ts';
import type { Part } from '../../part.ts';
import type { SignMark } from '../../sign.ts';
import type { SeenBody } from '../../signs/definition.ts';
import { signOf } from '../../signs/index.ts';
import type { Shape } from '../drawing.ts';

/** Marks stand at the end that the family's rule says, unless this lot has them turned. */
export const endOf = (part: Part, mark: SignMark): 1 | -1 => (isTurned(part, mark) ? -1 : 1);

/** The marks of a part that are drawn on its body, seen from one side. */
export const drawnSigns = (
  view: 'above' | 'side',
  family: PartFamily,
  part: Part,
  body: SeenBody,
): Shape[] =>
  family.signs.flatMap(({ mark }) => {
    const draw = signOf(mark)[view];
    return typeof draw === 'string' ? [] : draw(body, endOf(part, mark));
  });
