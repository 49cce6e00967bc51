import * as yup from 'yup';
import { readElements } from '#core/circuit/models/said/readElements';
import { mostNets } from '#core/circuit/netText';
import {
  type CircuitNotes,
  feedChoices,
  leadNames,
  mostElements,
  mostJoined,
  mostSentence,
  pinDeeds,
  type SaidBlock,
  type SaidNet,
  type SaidPart,
  type SaidPin,
} from '#core/circuit/notes';
import { type State, states } from '#core/circuit/states';
import { said } from '#core/learning/said';
import { listOf, net, place } from './board.ts';
import { anyText, someText } from './leaves.ts';
import { leaf, oneOf, optional, record, type Schema } from './schema.ts';

const pinName = someText(24, said('refusals.board.nameThePin'));

/** Volts, milliamperes or hertz: of kits, not of power stations. */
const amountOfPin = leaf(
  yup
    .number()
    .min(0, said('refusals.board.aPinHasFrom0'))
    .max(1e6, said('refusals.board.aPinHasFrom0')),
);

const saidPart = record<SaidPart>({
  place,
  leads: optional(listOf(oneOf(leadNames), 40)),
  pins: optional(
    listOf(
      record<SaidPin>({ pin: anyText(8), does: oneOf(pinDeeds), amount: optional(amountOfPin) }),
      64,
    ),
  ),
  elements: optional(
    leaf(
      yup
        .string()
        .strict()
        .required()
        .max(mostElements, said('refusals.board.elementsAreTooLong', { most: mostElements }))
        .test(
          'elements',
          said('refusals.board.elementsAreNotRead'),
          (text = '') => 'lines' in readElements(text),
        ),
    ),
  ),
});

export const circuitNotesSchema: Schema<CircuitNotes> = record<CircuitNotes>({
  supply: optional(record<{ plus: string; minus: string }>({ plus: pinName, minus: pinName })),
  nets: optional(listOf(record<SaidNet>({ name: net, pins: listOf(pinName, 200) }), mostNets)),
  feed: optional(oneOf(feedChoices)),
  states: optional(
    listOf(record<{ place: string; state: State }>({ place, state: oneOf(states) }), 400),
  ),
  parts: optional(listOf(saidPart, 400)),
  does: optional(listOf(record<SaidBlock>({ of: anyText(200), text: anyText(mostSentence) }), 400)),
  joined: optional(
    listOf(record<{ one: string; other: string }>({ one: pinName, other: pinName }), mostJoined),
  ),
});
