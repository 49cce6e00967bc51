import type { Fault, Faultable, FaultKind } from '../fault.ts';
import { backwards } from './backwards.ts';
import { bentPin } from './bentPin.ts';
import { bridge } from './bridge.ts';
import { brokenOpen, brokenShort } from './broken.ts';
import { cellsFlat, cellsReversed } from './cells.ts';
import { exchanged } from './exchanged.ts';
import { type FaultKindId, faultKindIds } from './ids.ts';
import { missing } from './missing.ts';
import { oneHoleOff } from './oneHoleOff.ts';
import { cutNotMade, linkForgotten, stripsBridged } from './onStrips.ts';
import { openJoint } from './openJoint.ts';
import { otherLeads } from './otherLeads.ts';
import { otherValue } from './otherValue.ts';
import { wrongPad } from './wrongPad.ts';

const byId: { readonly [Id in FaultKindId]: FaultKind<Id> } = {
  backwards,
  missing,
  exchanged,
  'other-value': otherValue,
  'other-leads': otherLeads,
  'open-joint': openJoint,
  'pin-bent': bentPin,
  bridge,
  'strips-bridged': stripsBridged,
  'cut-not-made': cutNotMade,
  'link-forgotten': linkForgotten,
  'one-hole-off': oneHoleOff,
  'wrong-pad': wrongPad,
  'cells-reversed': cellsReversed,
  'cells-flat': cellsFlat,
  'broken-open': brokenOpen,
  'broken-short': brokenShort,
};

export const faultKindOf = (id: FaultKindId): FaultKind => byId[id];

/** Every single fault that a board may have. */
export const faultsOf = (board: Faultable): Fault[] =>
  faultKindIds.flatMap((id) => byId[id].of(board));
