import { bodyOf } from './bodyOf.ts';
import { familyOf } from './families/index.ts';
import type { OrderRole, PartFamily } from './family.ts';
import type { Mounting } from './mounting.ts';
import type { Part } from './part.ts';

/** What stands up of a wire’s end in the board. */
const wireHeightMm = 2;

const hangs = ({ mounting }: Pick<Part, 'mounting'>): boolean => mounting?.kind === 'on-wires';

/** Where a part of the list is fitted: as its kind usually is, or off the board on wires. */
export const mountOf = (part: Pick<Part, 'family' | 'mounting'>): PartFamily['mount'] =>
  hangs(part) ? 'off-board' : familyOf(part).mount;

/** What it is for in the order of the work: a cell on wires still brings power, so it comes last. */
export function roleOf(part: Pick<Part, 'family' | 'mounting'>): OrderRole {
  const { role } = familyOf(part);
  return hangs(part) && role !== 'battery' ? 'off-board' : role;
}

/** A cell whose wires are soldered to the board: from the first of them on, the other is live. */
export const isCellOnWires = (part: Pick<Part, 'family' | 'mounting'>): boolean =>
  hangs(part) && familyOf(part).role === 'battery';

/** What of a part is above the board, in mm, as it is mounted. */
export function heightOnBoard(part: Part): number {
  const { mounting } = part;
  const body = bodyOf(familyOf(part), part);
  if (mounting?.kind === 'raised') return body.heightMm + mounting.mm;
  if (mounting?.kind === 'on-wires') return wireHeightMm;
  return mounting?.kind === 'bent-over' ? Math.min(body.heightMm, body.widthMm) : body.heightMm;
}

/** Whether a kind of part can be bent over or stand off: it has leads through the board. */
export function canBeMounted(part: Pick<Part, 'family'>): boolean {
  const { mount, role } = familyOf(part);
  return mount === 'through' && role === 'board-part';
}

/** Whether a kind of part can hang on wires: it has leads or tags that wires are soldered to. */
export function canHang(
  part: Pick<Part, 'family'>,
  wires?: Extract<Mounting, { kind: 'on-wires' }>,
): boolean {
  const { mount, role, joints } = familyOf(part);
  if (mount === 'through') return role === 'board-part' || role === 'holder';
  if (role === 'battery') return true;
  // What comes on wires of its own has some to be cut only where their length is said.
  return mount === 'off-board' && joints({}) > 1 && wires?.mm !== undefined;
}

/** Joints of one piece on the board: its leads, or its wires where it hangs on them. */
export function jointsOfPiece(part: Part): number {
  const { joints, pads } = familyOf(part);
  if (part.mounting?.kind !== 'on-wires') return joints(part);
  const { colours } = part.mounting;
  // Four legs in the corners are two contacts, each of them twice (common practice of push-buttons).
  if (colours && colours.length > 1) return colours.length;
  return pads === 'corners' || isCellOnWires(part) ? 2 : joints(part);
}
