import type { Board } from '#core/board/board';
import type { PlacementMapping } from '#core/board/placementList';
import type { KitFigures } from '#core/circuit/kitFigures';
import type { CircuitNotes } from '#core/circuit/notes';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { Iron } from '#core/joint/heat/iron';
import type { OrderSettings } from '#core/order/settings';
import type { Conditions } from '#core/pace/evening/conditions';
import type { RoomPlan } from '#core/pace/seating/roomPlan';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { led5mm } from '#core/parts/families/leds/led-5mm';
import type { LotNote, Part, PartValue } from '#core/parts/part';
import type { OwnType } from '#core/parts/types/ownType';
import type { Mapping } from '#core/partslist/guessMapping';
import type { DrawerMapping } from '#core/stores/drawerlist/columns';
import type { PriceBreak } from '#core/stores/offers';
import type { StockPart } from '#core/stores/stockPart';
import { boardSchema, placementMappingSchema } from './board.ts';
import { circuitNotesSchema } from './circuitNotes.ts';
import { conditionsSchema } from './conditions.ts';
import { faultDictionarySchema } from './faultForm.ts';
import { figuresSchema } from './figures.ts';
import { mappingSchema } from './kits.ts';
import { orderSchema } from './order.ts';
import { lotNoteSchema, ownTypeSchema, partSchema, stockPartSchema, valueSchema } from './parts.ts';
import { roomPlanSchema } from './roomPlan.ts';
import { planSchema } from './steps.ts';
import { changed, eachOf, type StoredKind } from './storedForm.ts';
import { breaksSchema, drawerMappingSchema } from './stores.ts';
import { ironSchema } from './workshops.ts';

// Everything that is kept as JSON, with the steps that older forms take. Samples of every older form are in the tests.

/** Fields of every object within a value, however deep. */
const everywhere = (
  value: unknown,
  change: (fields: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>,
): unknown => {
  if (Array.isArray(value)) return value.map((element) => everywhere(element, change));
  return changed(value, (fields) =>
    change(
      Object.fromEntries(
        Object.entries(fields).map(([key, inner]) => [key, everywhere(inner, change)]),
      ),
    ),
  );
};

/** The LED of the first versions was one of 5 mm, and a line was in the kit or not. */
const renamedParts = (fields: Readonly<Record<string, unknown>>) => {
  const { inKit, ...rest } = fields;
  return {
    ...rest,
    ...(fields.family === 'led' ? { family: led5mm.id } : {}),
    ...(typeof inKit === 'boolean' ? { supply: inKit ? 'in-kit' : 'not-in-kit' } : {}),
  };
};

const withDefaults = (
  step: unknown,
  ofCheck: Readonly<Record<string, unknown>>,
  ofWork: Readonly<Record<string, unknown>>,
) => changed(step, (fields) => ({ ...(fields.kind === 'check' ? ofCheck : ofWork), ...fields }));

/** The plan that a workshop follows, frozen when it was made. */
export const storedPlan: StoredKind<readonly PlannedStep[]> = {
  what: 'The plan of a workshop',
  schema: planSchema,
  upgrades: [
    // Kinds of parts and who brings them have other names, and a step has cautions.
    (plan) =>
      eachOf(everywhere(plan, renamedParts), (step) => withDefaults(step, {}, { cautions: [] })),
    // Steps tell their side, what to hold, what to measure off and what a check is about.
    (plan) =>
      eachOf(plan, (step) =>
        withDefaults(step, { blocks: [], sees: null }, { side: 'top', holding: [], lengths: [] }),
      ),
    // Steps say which joints take longer.
    (plan) => eachOf(plan, (step) => withDefaults(step, {}, { hotJoints: 0 })),
  ],
};

/** How an instructor wants a kit built. */
export const storedOrder: StoredKind<OrderSettings> = {
  what: 'The soldering order of a kit',
  schema: orderSchema,
  upgrades: [
    // What was called a gate is a check like any other.
    (order) =>
      changed(order, ({ gates, ...rest }) =>
        gates === undefined ? rest : { checks: gates, ...rest },
      ),
  ],
};

export const storedBoard: StoredKind<Board> = {
  what: 'The board of a kit',
  schema: boardSchema,
  upgrades: [
    // Pictures are kept by themselves; the one of a layout that was not saved is left behind.
    (board) => changed(board, ({ backdrop: _, ...rest }) => rest),
  ],
};

/** What an instructor says of the circuit of a kit. */
export const storedCircuitNotes: StoredKind<CircuitNotes> = {
  what: 'What is said of a circuit',
  schema: circuitNotesSchema,
  upgrades: [],
};

/** What the boards of a kit show. */
export const storedFigures: StoredKind<KitFigures> = {
  what: 'The figures of a kit',
  schema: figuresSchema,
  upgrades: [],
};

/** What faults of the boards of a kit show. */
export const storedFaults: StoredKind<FaultDictionary> = {
  what: 'The faults of a kit',
  schema: faultDictionarySchema,
  upgrades: [],
};

export const storedIron: StoredKind<Iron> = {
  what: 'The iron of a workshop',
  schema: ironSchema,
  upgrades: [],
};

export const storedValue: StoredKind<PartValue> = {
  what: 'The value of a part',
  schema: valueSchema,
  upgrades: [],
};

export const storedOwnType: StoredKind<OwnType> = {
  what: 'A type of one’s own',
  schema: ownTypeSchema,
  upgrades: [],
};

export const storedLotNote: StoredKind<LotNote> = {
  what: 'The note on a lot',
  schema: lotNoteSchema,
  upgrades: [],
};

/** The part of a reading, as it was listed when it was measured. */
export const storedPart: StoredKind<Part> = {
  what: 'A measured part',
  schema: partSchema,
  upgrades: [(part) => changed(part, renamedParts)],
};

export const storedStockPart: StoredKind<StockPart> = {
  what: 'The part of a drawer',
  schema: stockPartSchema,
  upgrades: [],
};

export const storedBreaks: StoredKind<readonly PriceBreak[]> = {
  what: 'The prices of an offer',
  schema: breaksSchema,
  upgrades: [],
};

/** How the columns of a parts list were read last. */
export const storedMapping: StoredKind<Mapping> = {
  what: 'A remembered choice of columns',
  schema: mappingSchema,
  upgrades: [
    (mapping) =>
      changed(mapping, ({ inKit, ...rest }) =>
        inKit === undefined ? rest : { supply: inKit, ...rest },
      ),
  ],
};

/** The same of a list of drawers. */
export const storedDrawerMapping: StoredKind<DrawerMapping> = {
  what: 'A remembered choice of columns of drawers',
  schema: drawerMappingSchema,
  upgrades: [],
};

export const storedPlacementMapping: StoredKind<PlacementMapping> = {
  what: 'A remembered choice of columns of positions',
  schema: placementMappingSchema,
  upgrades: [],
};

/** Where the seats of a workshop stand. */
export const storedRoom: StoredKind<RoomPlan> = {
  what: 'The plan of a room',
  schema: roomPlanSchema,
  upgrades: [],
};

/** What a workshop has to do with. */
export const storedConditions: StoredKind<Conditions> = {
  what: 'The conditions of a workshop',
  schema: conditionsSchema,
  upgrades: [],
};
