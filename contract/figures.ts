import type { CircuitDrawing } from '#core/circuit/drawing/circuitDrawing';
import type { SymbolStyle } from '#core/circuit/drawing/symbol';
import type { NetFigures, Range, Seen, StageFigures, Swings, Warm } from '#core/circuit/figures';
import type { FiguresOfStage, KitFigures } from '#core/circuit/kitFigures';
import type { NotReadable } from '#core/circuit/readKit';
import type { Compared } from '#core/circuit/whatIf';
import { addressOf, endpoint, fileEndpoint } from './endpoint.ts';
import { anyText, flag, number, supplyVolt } from './leaves.ts';
import { fields, list, nullable, oneOf, optional, record, type Schema } from './schema.ts';

export const rangeSchema: Schema<Range> = record<Range>({
  least: number,
  usual: number,
  most: number,
});

const text = anyText(100);

const netFigures = record<NetFigures>({
  net: text,
  volt: rangeSchema,
  swings: optional(
    record<Swings>({
      lowVolt: rangeSchema,
      highVolt: rangeSchema,
      hertz: rangeSchema,
      duty: rangeSchema,
    }),
  ),
  movedBy: optional(text),
  unsure: optional(flag),
});

const seen = record<Seen>({
  place: text,
  sense: oneOf(['light', 'sound']),
  milliampere: rangeSchema,
  looks: oneOf(['off', 'dim', 'on', 'on-and-off', 'differs']),
  hertz: optional(rangeSchema),
  unsure: optional(flag),
});

const ohm = record<NonNullable<StageFigures['ohm']>>({
  redAtPlus: rangeSchema,
  redAtMinus: rangeSchema,
  settlesSeconds: number,
});

const stageFigures = record<StageFigures>({
  ohm: nullable(ohm),
  milliampere: nullable(rangeSchema),
  limitMilliampere: nullable(number),
  nets: list(netFigures),
  seen: list(seen),
  warm: list(record<Warm>({ place: text, watt: rangeSchema, celsius: rangeSchema })),
  unknown: list(text),
  tooFast: optional(flag),
  solved: number,
  boards: number,
});

export const figuresSchema: Schema<KitFigures> = record<KitFigures>({
  basis: text,
  stages: list(record<FiguresOfStage>({ places: list(text), figures: nullable(stageFigures) })),
});

/** How far the working out of a kit’s figures is. */
export type FiguresWork =
  | { readonly kind: 'idle' }
  /** `done`: from 0 to 1. */
  | { readonly kind: 'working'; readonly done: number }
  /** Nobody tried, since something is missing. */
  | { readonly kind: 'not-readable'; readonly why: NotReadable }
  /** The simulator gave up, in its own words. */
  | { readonly kind: 'failed'; readonly says: string };

/** The circuit of the newest revision, placed and routed; null where its board does not tell one. */
export const getCircuitDrawing = endpoint<CircuitDrawing | null>()({
  method: 'GET',
  path: '/api/kits/:kitId/circuit/:style',
  access: 'helper',
});

export const getFiguresWork = endpoint<FiguresWork>()({
  method: 'GET',
  path: '/api/kits/:kitId/figures/work',
  access: 'helper',
});

/** Begins to work out what the boards of the newest revision show; a work that is under way goes on. */
export const workOutFigures = endpoint<FiguresWork>()({
  method: 'POST',
  path: '/api/kits/:kitId/figures/work',
  access: 'instructor',
});

export const stopFigures = endpoint<FiguresWork>()({
  method: 'DELETE',
  path: '/api/kits/:kitId/figures/work',
  access: 'instructor',
});

/** A place and its value as somebody types it: `4k7`, `green`. */
export interface TypedChange {
  readonly place: string;
  readonly value: string;
}

/** How many places may be tried otherwise at once. */
export const mostChanges = 20;

/**
 * What the boards of the newest revision show as they are, and with another supply or other values. It works for some
 * seconds, and keeps nothing.
 */
export const tryOtherwise = endpoint<Compared>()({
  method: 'POST',
  path: '/api/kits/:kitId/figures/otherwise',
  access: 'instructor',
  body: fields({
    /** Null where it stays. */
    supplyVolt,
    parts: list(record<TypedChange>({ place: anyText(12), value: anyText(40) }), (array) =>
      array.max(mostChanges).required(),
    ),
  }),
});

/** The circuit as a picture, black on white. */
export const circuitPicture = fileEndpoint({
  path: '/api/kits/:kitId/circuit.svg',
  access: 'helper',
  types: ['image/svg+xml'],
  query: ['style'],
});
export const circuitPicturePath = (kitId: string, style: SymbolStyle) =>
  addressOf(circuitPicture, { kitId }, { style });

/** The circuit as SPICE text, with the models that figures are worked out with. */
export const netlistFile = fileEndpoint({
  path: '/api/kits/:kitId/netlist.cir',
  access: 'helper',
  types: ['text/plain'],
});
export const netlistPath = (kitId: string) => addressOf(netlistFile, { kitId });
