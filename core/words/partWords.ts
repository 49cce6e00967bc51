import type { TFunction } from 'i18next';
import { partNameSaid, valueSaid } from '../learning/partSaid.ts';
import type { CheckNote } from '../order/checks/definition.ts';
import { checkOf } from '../order/checks/index.ts';
import type { Named } from '../order/kinds.ts';
import type { Caution, CheckStep, Step } from '../order/step.ts';
import { familyOf } from '../parts/families/index.ts';
import { wire } from '../parts/families/wires/wire.ts';
import { shortDesignators } from '../parts/label.ts';
import { isCellOnWires, mountOf } from '../parts/mounted.ts';
import type { Part, PartValue } from '../parts/part.ts';
import { rangeWords } from './measureWords.ts';
import { ownLines, ownWords } from './ownText.ts';
import { saying } from './sayings.ts';

/** A value in the language of the reader: `4.7 kΩ` or `4,7 kΩ`, `1N4148`, `red`; empty where there is none. */
export const valueWords = (t: TFunction, value: PartValue): string => saying(t, valueSaid(value));

/** A part in words, in the number of its pieces. */
export const partName = (t: TFunction, part: Part): string => saying(t, partNameSaid(part));

/** What the drawing of a part shows, band names included. */
export function pictureName(t: TFunction, part: Part): string {
  const bands = familyOf(part).bands?.(part) ?? [];
  const name = partName(t, { ...part, quantity: 1 });
  return bands.length > 0 ? `${name}: ${bands.map((band) => t(`band.${band}`)).join(', ')}` : name;
}

/** A line of the family's own words, or undefined where it says nothing about this. */
export function familyWord(
  t: TFunction,
  part: Part,
  key: 'wayRound' | 'backwards',
): string | undefined {
  const path = `family.${familyOf(part).id}.${key}`;
  const words = t(path, { defaultValue: '' });
  return words === '' ? undefined : words;
}

export function fitWords(t: TFunction, part: Part): readonly string[] {
  const { mounting } = part;
  if (isCellOnWires(part)) return t('step.cellOnWires', { returnObjects: true }) as string[];
  // Its family says how to push it down to the board.
  if (mounting?.kind === 'raised' || mounting?.kind === 'bent-over') {
    return t(`step.mounting.${mounting.kind}`, {
      mm: 0,
      ...mounting,
      returnObjects: true,
    }) as string[];
  }
  // What hangs on wires is fitted as wires are, whatever it is.
  const { id } = mountOf(part) === 'off-board' && part.mounting ? wire : familyOf(part);
  return t(`family.${id}.fit`, { returnObjects: true }) as string[];
}

/** `Solder 470 Ω resistors`, `First power`. */
export function stepTitle(t: TFunction, step: Step): string {
  const title = step.own?.words.title;
  return title ? ownWords(t, title) : computedTitle(t, step);
}

/** The same as it is computed, whatever the instructor calls it. */
export function computedTitle(t: TFunction, step: Step): string {
  if (step.kind === 'check') {
    return [t(`check.${step.check}.name`), step.blocks.join(', ')].filter(Boolean).join(': ');
  }
  const what = alikeTogether(step.parts)
    .map((part) => partName(t, part))
    .join(` ${t('step.and')} `);
  const title = step.holds
    ? t('step.fastenFor', { what, places: shortDesignators(step.holds) })
    : t(step.parts.some(isCellOnWires) ? 'step.powerOnWires' : `step.${step.kind}`, { what });
  // Some languages begin with the part.
  return title.charAt(0).toUpperCase() + title.slice(1);
}

/** Lines of the same kind and value are one name, in the plural. */
function alikeTogether(parts: readonly Part[]): Part[] {
  const together = new Map<string, Part>();
  for (const part of parts) {
    const key = JSON.stringify([part.family, part.value, part.pins]);
    const one = together.get(key);
    together.set(key, one ? { ...one, quantity: one.quantity + part.quantity } : part);
  }
  return [...together.values()];
}

/** Place names of a step, short; empty for a check and for parts without a place. */
export function stepPlaces(step: Step): string {
  return step.kind === 'check'
    ? ''
    : shortDesignators(step.parts.flatMap((part) => part.designators));
}

/** Why the step stands where it stands, as a sentence. */
export function reasonSentence(t: TFunction, step: Step): string {
  const { reason } = step;
  switch (reason.kind) {
    case 'check':
      return step.kind === 'check' ? checkReason(t, step) : '';
    case 'rule':
      return t(`rule.${reason.rule}.${reason.side}`, {
        others: reason.others.map((other) => named(t, other)).join(', '),
      });
    case 'lowest':
      return reason.next
        ? t('reason.lowest', {
            height: reason.heightMm,
            next: named(t, reason.next),
            nextHeight: reason.next.heightMm,
          })
        : t('reason.tallest', { height: reason.heightMm });
    case 'flattest':
      return reason.next
        ? t('reason.flattest', { height: reason.heightMm, next: named(t, reason.next) })
        : t('reason.flattest-last', { height: reason.heightMm });
    case 'same-height': {
      const sameFamily = step.kind !== 'check' && step.parts[0]?.family === reason.before.family;
      return t(sameFamily ? 'reason.same-height' : 'reason.same-height-other', {
        height: reason.heightMm,
        before: named(t, reason.before),
      });
    }
    case 'style':
      return t(`style.${reason.style}.${reason.side}`, {
        others: reason.others.map((other) => named(t, other)).join(', '),
      });
    case 'by-hand':
      return reason.before
        ? t('reason.by-hand', { before: named(t, reason.before) })
        : t('reason.by-hand-first');
    case 'off-board':
      return t('reason.off-board');
  }
}

/** Why a check stands there: of a block, because the block is complete. */
function checkReason(t: TFunction, { check, blocks }: CheckStep): string {
  return blocks.length > 0 && (check === 'look' || check === 'function')
    ? t('checkForm.block-why', { blocks: blocks.join(', ') })
    : t(`check.${check}.why`);
}

/** What a step warns of, in one line. */
export function cautionSentence(t: TFunction, caution: Caution): string {
  if (caution.kind !== 'mix-up') {
    return `${t(`caution.${caution.kind}`)}, ${shortDesignators(caution.designators)}: ${caution.text}`;
  }
  const { other } = caution;
  return `${t('caution.mix-up')}: ${t('caution.mix-up-text', {
    other: partName(t, { ...other, quantity: 2 }),
    places: shortDesignators(other.designators),
  })}`;
}

/** `R1, R4 (resistors)`: parts as a sentence speaks of them. */
export function named(t: TFunction, { family, designators }: Named): string {
  const name = t(`family.${familyOf({ family }).id}.${designators.length === 1 ? 'one' : 'many'}`);
  return designators.length > 0 ? `${shortDesignators(designators)} (${name})` : name;
}

/** The sentences of a check, with those that only some kits need. */
export const checkWords = (t: TFunction, step: CheckStep): readonly string[] =>
  step.own?.words.how ? ownLines(t, step.own.words.how) : computedCheckWords(t, step);

export function computedCheckWords(t: TFunction, step: CheckStep): readonly string[] {
  const how = t(`check.${step.check}.how`, { returnObjects: true }) as string[];
  const { before, after } = checkOf(step.check).notes(step);
  return [
    ...before.map((note) => noteWords(t, note)),
    ...how,
    ...after.map((note) => noteWords(t, note)),
  ];
}

/** What is seen when all is right: what the instructor wants seen, else what the check says. */
export const checkExpects = (t: TFunction, step: CheckStep): string =>
  step.own?.words.expects ? ownWords(t, step.own.words.expects) : computedExpects(t, step);

export const computedExpects = (t: TFunction, step: CheckStep): string =>
  step.sees ??
  t(`check.${step.check}.expect`, {
    ...checkOf(step.check).form?.limits(step),
    ...(step.own?.words.measure?.unit === checkOf(step.check).form?.unit &&
      step.own?.words.measure),
  });

function noteWords(t: TFunction, note: CheckNote): string {
  switch (note.kind) {
    case 'chips-out':
      return t('step.note.chips-out', {
        chips: shortDesignators(note.chips),
        count: note.chips.length,
      });
    case 'good-boards':
      return t('step.note.good-boards', { range: rangeWords(t, note.unit, note.range) });
    case 'settles':
      return t('step.note.settles', { count: note.seconds });
    case 'current-limit':
    case 'most-milliampere':
      return t(`step.note.${note.kind}`, { most: note.most });
    case 'volt':
      return t('step.note.volt', { volt: note.volt });
    case 'no-cells':
    case 'cells-out-again':
      return t(`step.note.${note.kind}`);
  }
}
