import type { Circuit, SupplyAt } from '../circuit.ts';
import { conditionsOf } from '../conditionsOf.ts';
import { modelOf } from '../models/index.ts';
import { netlistOf, nodeOf } from '../netlist.ts';
import type { CircuitNotes } from '../notes.ts';
import { nominalDraw } from '../spread.ts';
import { netComment } from './netComment.ts';

/**
 * The whole board as a netlist that other programs run: nets by their names and pins as comments, parts with the models
 * that figures are worked out with, an operating point.
 */
export function writeSpice(
  title: string,
  circuit: Circuit,
  at: SupplyAt,
  volt: number,
  notes: CircuitNotes = {},
): string {
  const text = netlistOf({
    circuit,
    fitted: new Set(circuit.devices.map(({ place }) => place)),
    at,
    across: { kind: 'supply', volt, ohm: 0.01 },
    drawOf: () => nominalDraw,
    conditions: conditionsOf(circuit, notes),
    analysis: { kind: 'point' },
    attempt: 0,
  });
  const unknown = circuit.devices.filter((device) => !modelOf(device)).map(({ place }) => place);
  const names = circuit.nets.map((net) => netComment(nodeOf(net.id, at), net));
  return [
    `* ${title.replace(/\s+/g, ' ')}`,
    ...names,
    ...(unknown.length > 0 ? [`* no model: ${unknown.join(' ')}`] : []),
    ...text.split('\n').slice(1),
    '',
  ].join('\n');
}
