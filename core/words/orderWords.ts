import type { TFunction } from 'i18next';
import type { BrokenRule } from '../order/arrangement.ts';
import { measuringOf } from '../order/checks/measuring.ts';
import type { Contradiction } from '../order/graph.ts';
import { named as nameOf, type OrderNode } from '../order/node.ts';
import type { Holding, Length, Step } from '../order/step.ts';
import type { StyleId } from '../order/styles/ids.ts';
import { shortDesignators } from '../parts/label.ts';
import { amountWords } from './measureWords.ts';
import { named } from './partWords.ts';

/** What would drop out when the board is turned, and what keeps it in. */
export const holdingSentence = (t: TFunction, { places, dropMm, method }: Holding): string =>
  t(places.length > 0 ? 'hold.loose' : 'hold.loose-one', {
    places: shortDesignators(places),
    drop: dropMm,
    method: t(`hold.${method}`),
  });

/** A length to measure off. */
export const lengthSentence = (t: TFunction, { kind, places, ...length }: Length): string =>
  t(`length.${kind}`, { places: shortDesignators(places), ...length });

/** `Surface mount first, then block by block`. */
export const stackName = (t: TFunction, ids: readonly StyleId[]): string =>
  ids
    .map((id, index) => {
      const name = t(`style.${id}.name`);
      return index === 0 ? name : name.charAt(0).toLowerCase() + name.slice(1);
    })
    .join(', then ');

/** What a rule says, and between what it is broken. */
export const brokenSentence = (t: TFunction, { rule, before, after }: BrokenRule): string => {
  const ends = [before, after].flatMap((end) => (end ? named(t, end) : []));
  return ends.length < 2
    ? t(`rule.${rule}.says`)
    : `${t(`rule.${rule}.says`)} ${t('order.between', { before: ends[0], after: ends[1] })}`;
};

/** The circle in which rules run, and what to change. */
export function contradictionSentence(t: TFunction, { cycle, leftOut }: Contradiction): string {
  const name = (node: OrderNode) =>
    node.kind === 'check' ? t(`check.${node.check}.name`) : named(t, nameOf(node));
  const links = cycle.map(({ from, to, rule }) =>
    t('order.link', { from: name(from), to: name(to), says: t(`rule.${rule.id}.says`) }),
  );
  return [
    t('order.contradiction', { links: links.join('; ') }),
    t('order.left-out', { from: name(leftOut.from), to: name(leftOut.to) }),
    t(`rule.${leftOut.rule.id}.wayOut`),
  ].join(' ');
}

/** `4700 Ω, right`: a reading at a check, and what it means there. */
export function readingWords(t: TFunction, step: Step, amount: number): string {
  const measuring = measuringOf(step);
  if (!measuring) return String(amount);
  const { unit, judge } = measuring;
  return `${amountWords(t, unit, amount)}, ${t(`checkForm.short.${judge(amount)}`)}`;
}
