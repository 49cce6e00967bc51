import { states } from '#core/circuit/states';
import type { DictionaryEntry, FaultDictionary } from '#core/faults/dictionary';
import type { Fault } from '#core/faults/fault';
import { faultKindIds } from '#core/faults/kinds/ids';
import type { Points, Sensed, SensePoint, Signature, Spread } from '#core/faults/signature';
import type { Variant } from '#core/faults/variants';
import { anyText, number } from './leaves.ts';
import { valueSchema } from './parts.ts';
import { list, nullable, oneOf, optional, record, type Schema } from './schema.ts';

// What is kept of the faults of a kit must be this; a page that reads them has them from the server.

const text = anyText(200);
const spread = record<Spread>({ mean: number, sd: number, per: number });

const signature = record<Signature>({
  volts: list(spread),
  moves: list(number),
  milliampere: spread,
  ohm: nullable(spread),
  senses: list(
    record<Sensed>({
      milliampere: spread,
      comes: record<Sensed['comes']>({ usual: number, slow: number, fast: number }),
    }),
  ),
  celsius: list(spread),
  across: list(nullable(spread)),
});

const points = record<Points>({
  probes: list(text),
  supply: number,
  minus: text,
  senses: list(
    record<SensePoint>({
      place: text,
      sense: oneOf(['light', 'sound']),
      when: optional(
        record<Variant>({ place: text, state: oneOf([...states, 'joined']), with: optional(text) }),
      ),
    }),
  ),
  warm: list(text),
  across: list(text),
});

export const faultDictionarySchema: Schema<FaultDictionary> = record<FaultDictionary>({
  basis: text,
  volt: number,
  limitMilliampere: number,
  points,
  unknown: list(text),
  good: signature,
  goodHertz: list(nullable(number)),
  signatures: list(nullable(signature)),
  entries: list(
    record<DictionaryEntry>({
      fault: record<Fault>({
        kind: oneOf(faultKindIds),
        at: list(text),
        value: optional(valueSchema),
      }),
      shows: number,
    }),
  ),
  groups: list(number),
});
