import type { Circuit, Device, SupplyAt } from './circuit.ts';
import { modelOf } from './models/index.ts';
import { figure, named } from './models/model.ts';
import type { Draw } from './spread.ts';
import type { State } from './states.ts';

/** What is connected between plus and minus. */
export type Across =
  | { readonly kind: 'supply'; readonly volt: number; readonly ohm: number }
  /** A meter on ohms: its own voltage behind a resistance. `turned`: its red probe is at minus. */
  | {
      readonly kind: 'ohmmeter';
      readonly volt: number;
      readonly ohm: number;
      readonly turned: boolean;
    };

export type Analysis =
  | { readonly kind: 'point' }
  | { readonly kind: 'time'; readonly stopSeconds: number; readonly stepSeconds: number };

/** At rest, so many times: the node `step` has as many volts as the number of the time, from 1. */
export interface Steps {
  readonly kind: 'steps';
  readonly count: number;
}

/** How the board stands while it is measured. */
export interface Conditions {
  /** By place; what is not said stands in its usual state. */
  readonly states: Readonly<Record<string, State>>;
  /** Nets that something outside the board joins: two probes held together, a plug. */
  readonly joined: readonly (readonly [string, string])[];
}

export const usualConditions: Conditions = { states: {}, joined: [] };

export interface Bench {
  readonly circuit: Circuit;
  /** What is soldered in; the other parts are not there. */
  readonly fitted: ReadonlySet<string>;
  readonly at: SupplyAt;
  readonly across: Across;
  /** A draw for each part, by its place. */
  readonly drawOf: (place: string) => Draw;
  readonly conditions: Conditions;
  readonly analysis: Analysis | Steps;
  /** How hard it is tried: 0 at first. */
  readonly attempt: number;
  /** Cards beside those of the board. */
  readonly extra?: readonly string[];
  /** Voltages of a board much like it, from which a solution at rest is looked for: several times as fast. */
  readonly near?: ReadonlyMap<string, ArrayLike<number>>;
}

/** The node of a net: minus of the supply is ground. */
export const nodeOf = (net: string, { minus }: SupplyAt): string => (net === minus ? '0' : net);

/** What is saved of the current through the supply. */
export const supplyCurrent = 'i(vsupply)';

/**
 * Ways to find a solution, one after the other: closely (with the usual tolerances what flips loses charge in a flip,
 * and a flasher comes out a third too fast); with looser tolerances, more steps and a slower method; with
 * more leak at every node.
 */
export const attempts = [
  '.options rshunt=1e12 abstol=1e-11 reltol=1e-3 trtol=1 itl1=300 itl4=50 noacct',
  '.options rshunt=1e12 abstol=1e-10 reltol=1e-3 trtol=1 itl1=1000 itl4=200 noacct',
  '.options rshunt=1e11 abstol=1e-10 reltol=5e-3 itl1=1000 itl4=200 gmin=1e-11 method=gear noacct',
  '.options rshunt=1e9 abstol=1e-9 reltol=2e-2 itl1=3000 itl4=500 gmin=1e-10 method=gear noacct',
] as const;

/** A part as cards of a netlist; none where nobody knows how it behaves. */
export function cardsOf(
  { place, part, netAt, said }: Device,
  at: SupplyAt,
  draw: Draw,
  stands: State | undefined,
  flipSeconds: number,
): string[] {
  const model = modelOf({ part, ...(said ? { said } : {}) });
  if (!model) return [];
  // A pin that is joined to nothing still needs a way to somewhere, or no simulator finds its voltage.
  const open = new Set<string>();
  const node = (pin: number | string) => {
    const net = netAt[String(pin)];
    if (net !== undefined) return nodeOf(net, at);
    const name = `o_${place}_${pin}`.toLowerCase().replace(/[^a-z0-9]/g, '_');
    open.add(name);
    return name;
  };
  const isJoined = (pin: number | string) => netAt[String(pin)] !== undefined;
  const state = model.states?.find((one) => one === stands) ?? model.states?.[0];
  const cards = model.cards({ place, part, node, isJoined, draw, state, flipSeconds });
  return [...cards, ...[...open].map((name) => `R${name}_leak ${name} 0 1e9`)];
}

/** A bench with a board on it, as a netlist that a SPICE simulator runs. */
export function netlistOf(bench: Bench): string {
  const {
    circuit,
    fitted,
    at,
    across,
    drawOf,
    conditions,
    analysis,
    attempt,
    extra = [],
    near,
  } = bench;
  const flipSeconds = analysis.kind === 'time' ? analysis.stepSeconds / 10 : 1e-6;
  const cards = circuit.devices
    .filter(({ place }) => fitted.has(place))
    .flatMap((device) =>
      cardsOf(device, at, drawOf(device.place), conditions.states[device.place], flipSeconds),
    );
  const watts = circuit.devices
    .filter(({ place }) => fitted.has(place))
    .flatMap((device) => modelOf(device)?.watts?.(device) ?? []);
  const nets = circuit.nets.map(({ id }) => nodeOf(id, at)).filter((node) => node !== '0');
  const meters = cards.flatMap((card) => /^V\S+/.exec(card)?.[0] ?? []);
  return [
    '* board',
    ...acrossCards(across, nodeOf(at.plus, at), analysis),
    ...cards,
    ...conditions.joined.map(
      ([one, other], index) => `Rjoined${index} ${nodeOf(one, at)} ${nodeOf(other, at)} 0.05`,
    ),
    ...extra,
    // Every net is there, joined or not.
    ...nets.map((node) => `${named('R', { place: node }, 'leak')} ${node} 0 1e12`),
    `.save ${[...nets.map((node) => `v(${node})`), supplyCurrent, ...meters.map((name) => `i(${name})`), ...watts].join(' ')}`,
    attempts[Math.min(attempt, attempts.length - 1)] ?? '',
    ...(near && analysis.kind !== 'time' ? nodesets(nets, near) : []),
    ...analysisCards(analysis),
    '.end',
  ].join('\n');
}

function analysisCards(analysis: Bench['analysis']): string[] {
  switch (analysis.kind) {
    case 'point':
      return ['.op'];
    case 'steps':
      return ['Vstep step 0 1', `.dc Vstep 1 ${analysis.count} 1`];
    case 'time': {
      const step = figure(analysis.stepSeconds);
      return [`.tran ${step} ${figure(analysis.stopSeconds)} 0 ${step} uic`];
    }
  }
}

/** Where the search begins; what it finds may lie elsewhere. */
function nodesets(nets: readonly string[], near: NonNullable<Bench['near']>): string[] {
  const known = nets.flatMap((node) => {
    const volt = near.get(`v(${node})`)?.[0];
    return volt === undefined || !Number.isFinite(volt) ? [] : [`V(${node})=${figure(volt)}`];
  });
  return known.length > 0 ? [`.nodeset ${known.join(' ')}`] : [];
}

function acrossCards(across: Across, plus: string, analysis: Bench['analysis']): string[] {
  const { volt, ohm } = across;
  const sign = across.kind === 'ohmmeter' && across.turned ? -1 : 1;
  // Switched on from nothing: what swings has to begin somewhere.
  const rise = analysis.kind === 'time' ? analysis.stopSeconds / 1000 : 0;
  const source =
    analysis.kind === 'time'
      ? `pwl(0 0 ${figure(rise)} ${figure(sign * volt)})`
      : `dc ${figure(sign * volt)}`;
  return [`Vsupply sup 0 ${source}`, `Rsupply sup ${plus} ${figure(ohm)}`];
}
