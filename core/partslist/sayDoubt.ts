import { type Said, said } from '../learning/said.ts';
import { recognised } from '../parts/families/recognised.ts';
import { valueLabel } from '../parts/label.ts';
import type { Part } from '../parts/part.ts';
import type { ColumnId } from './columns.ts';
import type { Doubt } from './confidence.ts';
import type { Recognition } from './recognise.ts';

/** Nothing is assumed of a number that no catalogue has. */
function unknownType(number: string, asksPins: boolean): Said {
  if (number === '') return said(asksPins ? 'lists.row.noTypeNorPins' : 'lists.row.noType');
  return said(asksPins ? 'lists.row.unknownTypeNorPins' : 'lists.row.unknownType', { number });
}

/** Why a value that was read may be another. */
function doubtfulValue({ value }: Part, isType: boolean, why: Said | undefined): Said {
  if (why) return why;
  if (isType) return said('lists.row.theLineSaysTwoDifferentThingsAbout');
  if (value.kind === 'colour')
    return said('lists.row.theLineNamesMoreThanOneColour', {
      colour: said(`colour.${value.colour}`),
    });
  if (value.kind === 'none') return said('lists.row.numberNotRead');
  return said('lists.row.thisCanBeThePrintOnThe', { value: valueLabel(value) });
}

interface DoubtInWords {
  /** Where what is doubtful stands. */
  readonly column: ColumnId;
  readonly message: Said;
}

/**
 * What is said of the doubts about a line, each where it belongs.
 *
 * @param why the value may be another, where the characters do not tell
 */
export function doubtsInWords(
  recognition: Recognition,
  doubts: readonly Doubt[],
  part: Part,
  why: Said | undefined,
): readonly DoubtInWords[] {
  const { confidence } = recognition;
  if (confidence === 'unknown')
    return [
      { column: 'description', message: said('lists.row.thisPartIsNotRecognisedChooseWhat') },
    ];
  const bodies: readonly DoubtInWords[] = doubts.includes('package')
    ? [{ column: 'description', message: doubtfulBody(recognition) }]
    : [];
  const pins = doubts.includes('pins') ? doubtfulPins(recognition, part) : undefined;
  return [
    ...ofKindOrValue(recognition, doubts, part, why),
    ...bodies,
    ...(pins ? [{ column: 'pins', message: pins } as const] : []),
  ];
}

function ofKindOrValue(
  { family, others: [other], typed }: Recognition,
  doubts: readonly Doubt[],
  part: Part,
  why: Said | undefined,
): readonly DoubtInWords[] {
  const number = part.value.kind === 'type' ? part.value.print : '';
  if (!typed && doubts.includes('value') && family.kinds) {
    const asksPins = part.pins === undefined && family.role === 'chip';
    return [{ column: 'value', message: unknownType(number, asksPins) }];
  }
  if (doubts.includes('family')) {
    const kind = said(`family.${family.id}.one`);
    const message = other
      ? said('lists.row.readAsOr', { kind, other: said(`family.${other.id}.one`) })
      : said('lists.row.readAs', { kind });
    return [{ column: 'description', message }];
  }
  return doubts.includes('value')
    ? [{ column: 'value', message: doubtfulValue(part, typed !== undefined, why) }]
    : [];
}

function doubtfulBody({ family, typed }: Recognition): Said {
  if (recognised(family).saysBody) return said('lists.row.bodyNotSaid');
  return said('lists.row.bodyNotSure', {
    what: typed ? typed.type.type.number : said(`family.${family.id}.one`),
  });
}

function doubtfulPins({ family, typed }: Recognition, part: Part): Said | undefined {
  if (!typed)
    return family.role === 'chip'
      ? undefined
      : said('lists.row.countJoints', { joints: family.joints(part) });
  const { number } = typed.type.type;
  const { makersDiffer, pins } = typed.packaged;
  return makersDiffer
    ? said('lists.row.makersOrderTheLeadsOfDifferently', { number })
    : said('lists.row.hasPinsButTheListSaysSomething', { number, pins });
}
