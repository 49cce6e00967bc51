import * as yup from 'yup';
import { checkIds } from '#core/order/checks/ids';
import type { Named } from '#core/order/kinds';
import type { OwnOfStep } from '#core/order/own/own';
import { ruleIds } from '#core/order/rules/ids';
import type {
  Caution,
  CheckStep,
  Holding,
  Length,
  Reason,
  ShownAtCheck,
  WorkStep,
} from '#core/order/step';
import { styleIds } from '#core/order/styles/ids';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { familyIds } from '#core/parts/families/ids';
import { hazardIds } from '#core/parts/family';
import { rangeSchema } from './figures.ts';
import { flag, number } from './leaves.ts';
import { partSchema } from './parts.ts';
import {
  anything,
  either,
  kindOf,
  leaf,
  list,
  literal,
  nullable,
  oneOf,
  oneOfKind,
  optional,
  record,
  type Schema,
} from './schema.ts';

// A plan as it was made: it is stored, sent to seats and kept on their devices.

type ReasonOf<Kind extends Reason['kind']> = Extract<Reason, { readonly kind: Kind }>;
type CautionOf<Kind extends Caution['kind']> = Extract<Caution, { readonly kind: Kind }>;
type LengthOf<Kind extends Length['kind']> = Extract<Length, { readonly kind: Kind }>;

const text = leaf(yup.string().strict().defined());
const texts = list(text);
const sides = ['before', 'after'] as const;

const named = record<Named>({
  designators: texts,
  family: oneOf(familyIds),
  heightMm: number,
});

const byHeight = { heightMm: number, next: nullable(named) };

const reason = oneOfKind<Reason>({
  lowest: record<ReasonOf<'lowest'>>({ kind: literal('lowest'), ...byHeight }),
  flattest: record<ReasonOf<'flattest'>>({ kind: literal('flattest'), ...byHeight }),
  'same-height': record<ReasonOf<'same-height'>>({
    kind: literal('same-height'),
    heightMm: number,
    before: named,
  }),
  rule: record<ReasonOf<'rule'>>({
    kind: literal('rule'),
    rule: oneOf(ruleIds),
    side: oneOf(sides),
    others: list(named),
  }),
  style: record<ReasonOf<'style'>>({
    kind: literal('style'),
    style: oneOf(styleIds),
    side: oneOf(sides),
    others: list(named),
  }),
  'by-hand': record<ReasonOf<'by-hand'>>({ kind: literal('by-hand'), before: nullable(named) }),
  'off-board': record<ReasonOf<'off-board'>>({ kind: literal('off-board') }),
  check: record<ReasonOf<'check'>>({ kind: literal('check') }),
});

const caution = oneOfKind<Caution>({
  erratum: record<CautionOf<'erratum'>>({ kind: literal('erratum'), text, designators: texts }),
  'lot-note': record<CautionOf<'lot-note'>>({
    kind: literal('lot-note'),
    text,
    designators: texts,
  }),
  'mix-up': record<CautionOf<'mix-up'>>({
    kind: literal('mix-up'),
    here: partSchema,
    other: partSchema,
  }),
});

const holding = record<Holding>({
  places: texts,
  method: oneOf(['bent-leads', 'tape', 'putty', 'tack-one-pin']),
  dropMm: number,
});

const length = oneOfKind<Length>({
  bend: record<LengthOf<'bend'>>({ kind: literal('bend'), places: texts, mm: number }),
  raise: record<LengthOf<'raise'>>({ kind: literal('raise'), places: texts, mm: number }),
  lay: record<LengthOf<'lay'>>({ kind: literal('lay'), places: texts }),
  'cut-link': record<LengthOf<'cut-link'>>({
    kind: literal('cut-link'),
    places: texts,
    mm: number,
  }),
  'cut-wire': record<LengthOf<'cut-wire'>>({
    kind: literal('cut-wire'),
    places: texts,
    mm: number,
  }),
});

/** Checked where it was written, with the order of its kit; every seat carries what checks a plan. */
const own = anything(yup.object()) as Schema<OwnOfStep>;

const planned = { id: text, reason, minutes: number, own: optional(own) };

const workStep = record<WorkStep & { readonly minutes: number }>({
  ...planned,
  kind: oneOf(['solder', 'insert', 'fasten', 'power', 'own']),
  parts: list(partSchema),
  joints: number,
  hotJoints: number,
  side: oneOf(['top', 'bottom']),
  holds: optional(texts),
  cautions: list(caution),
  holding: list(holding),
  lengths: list(length),
});

const checkStep = record<CheckStep & { readonly minutes: number }>({
  ...planned,
  kind: literal('check'),
  check: oneOf(checkIds),
  blocks: texts,
  sees: nullable(text),
  chipsOut: texts,
  hasBattery: flag,
  supplyVolt: nullable(number),
  mostMilliampere: leaf(yup.number()),
  shows: optional(
    record<ShownAtCheck>({
      ohm: optional(rangeSchema),
      settlesSeconds: leaf(yup.number()),
      milliampere: optional(rangeSchema),
      limitMilliampere: leaf(yup.number()),
    }),
  ),
  hazards: optional(list(oneOf(hazardIds))),
});

export const stepSchema: Schema<PlannedStep> = either(
  (value) => kindOf(value) === 'check',
  checkStep,
  workStep,
);

export const planSchema: Schema<readonly PlannedStep[]> = list(stepSchema);
