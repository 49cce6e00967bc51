import { chipsAfterSupply, resistanceBeforePower } from '../../../order/checks/firstPower.ts';
import { lookBeforeMeasuring } from '../../../order/checks/supplyResistance.ts';
import { holderTriedFirst } from '../../../order/checks/tryHolder.ts';
import { type DecidedOrder, type DecidedPair, decidedOrder } from '../../../order/decided.ts';
import type { OrderNode } from '../../../order/node.ts';
import type { RuleId } from '../../../order/rules/ids.ts';
import { linksFirst, socketBeforeChip } from '../../../order/rules/roles.ts';
import { anchorsFirst } from '../../../order/styles/anchorsFirst.ts';
import { type StyleId, usualStyle } from '../../../order/styles/ids.ts';
import { lowestFirst } from '../../../order/styles/lowestFirst.ts';
import { toughestFirst } from '../../../order/styles/toughestFirst.ts';
import type { Part } from '../../../parts/part.ts';
import { pick, type Random, seeded, shuffled } from '../../../random.ts';
import { checkSkipped } from '../../mistakes/checks.ts';
import { partSaid } from '../../partSaid.ts';
import { countPairs, kendallTau } from '../../rankCorrelation.ts';
import { type Said, said } from '../../said.ts';
import { type ExerciseKind, noKit, type PracticeKit } from '../drill.ts';
import { madeUpKit } from './boards.ts';

/** A step to be put in its place. */
export interface StepCard {
  readonly key: string;
  readonly says: Said;
  readonly places: readonly string[];
  /** For the picture; none for a check. */
  readonly part: Part | null;
}

export interface OrderTask {
  /** The first deciding first. */
  readonly styles: readonly StyleId[];
  /** Of the learner's own kit, or of a board made up. */
  readonly isOwn: boolean;
  /** As they lie at first. */
  readonly cards: readonly StepCard[];
  /** The same in an order that breaks nothing. */
  readonly solution: readonly string[];
  readonly pairs: readonly DecidedPair[];
}

/** How often it is the learner's own kit, where it has what is asked for. */
const ownShare = 0.6;

/** So many steps are put in order: more do not fit a phone. */
const mostCards = 6;

/** Styles that decide something on every made-up board. */
const stylesTrained: readonly StyleId[] = [lowestFirst.id, toughestFirst.id, anchorsFirst.id];
/** Rules that every board with a socket, a holder and power has work for. */
const rulesTrained: readonly RuleId[] = [
  socketBeforeChip.id,
  chipsAfterSupply.id,
  holderTriedFirst.id,
  lookBeforeMeasuring.id,
  resistanceBeforePower.id,
  linksFirst.id,
];

/** Steps are put in order by hand. */
export const whatFirst: ExerciseKind<OrderTask, readonly string[]> = {
  id: 'first',
  skill: 'checking',
  explainsAll: true,
  seconds: 75,
  guess: 0.02,
  items: () => [
    ...stylesTrained.map((id) => `style-${id}`),
    ...rulesTrained.map((id) => `rule-${id}`),
  ],
  make: (item, random, kit) => {
    const [, sort, id] = /^(style|rule)-(.+)$/.exec(item) ?? [];
    const style = stylesTrained.find((one) => sort === 'style' && one === id);
    const rule = rulesTrained.find((one) => sort === 'rule' && one === id);
    // The learner's own kit is put in order as its instructor wants it, and in no other way.
    const fits = style === undefined || style === kit.styles[0];
    return (
      (fits && random() < ownShare ? taskFrom(kit, rule, random, true) : undefined) ??
      taskFrom(
        { parts: madeUpKit(random), board: null, styles: [style ?? lowestFirst.id] },
        rule,
        random,
        false,
      ) ??
      // Every made-up board has power, a socket and more: one of the next does.
      whatFirst.make(item, seeded(Math.floor(random() * 2 ** 32)), noKit)
    );
  },
  answer: ({ solution }) => solution,
  judge: ({ pairs, cards }, answer) => {
    const isWhole = new Set(answer).size === cards.length && answer.length === cards.length;
    const counts = countPairs(answer, pairs);
    const credit = Math.max(0, kendallTau(counts));
    return { isRight: isWhole && counts.discordant === 0, credit: isWhole ? credit : 0 };
  },
  ask: ({ styles: [first = usualStyle, next], isOwn }) =>
    said(isOwn ? 'drill.order.first.ask-own' : 'drill.order.first.ask', {
      style: next
        ? said('drill.order.first.stack', { first: styleName(first), next: styleName(next) })
        : styleName(first),
    }),
  describe: ({ cards }) =>
    cards.map(({ says, places }, index) =>
      said('drill.order.first.card', { number: index + 1, says, places: [...places] }),
    ),
  explain: (task, answer) => {
    const brokenRules = broken(task, answer);
    const byRule = brokenRules.filter(({ rule }) => rule !== null);
    const { concordant, discordant } = countPairs(answer, task.pairs);
    return [
      ...eachRuleOnce(byRule.length > 0 ? byRule : brokenRules)
        .slice(0, 3)
        .map((pair) => pairWords(task, pair)),
      ...(discordant > 0
        ? [
            said('drill.order.first.counted', { right: concordant, all: concordant + discordant }),
            said('drill.order.first.solution', {
              steps: task.solution.map((key) => nameOf(task, key)),
            }),
          ]
        : []),
      said(`style.${task.styles[0] ?? usualStyle}.why`),
    ];
  },
  tell: (task, answer) => {
    const [pair] = broken(task, answer);
    return pair
      ? said('drill.order.first.told', {
          before: nameOf(task, pair.after),
          after: nameOf(task, pair.before),
        })
      : said('drill.order.first.told-right');
  },
  name: (item) => {
    const [, sort = 'style', id = ''] = /^(style|rule)-(.+)$/.exec(item) ?? [];
    return said(`drill.order.first.item-${sort}`, { what: said(`drill.order.item.${id}`) });
  },
  raisedBy: ({ mistake }) =>
    mistake === checkSkipped.id
      ? [`rule-${resistanceBeforePower.id}`, `rule-${lookBeforeMeasuring.id}`]
      : [],
};

const styleName = (id: StyleId): Said => said(`style.${id}.name`);

function taskFrom(
  { parts, board, styles }: PracticeKit,
  rule: RuleId | undefined,
  random: Random,
  isOwn: boolean,
): OrderTask | undefined {
  if (parts.length === 0) return undefined;
  const order = decidedOrder({ parts, board }, styles);
  const pair = pairFor(order, rule, random);
  if (!pair || order.sequence.length < 4) return undefined;
  const others = shuffled(
    random,
    order.sequence.map(({ key }) => key).filter((key) => key !== pair.before && key !== pair.after),
  ).slice(0, mostCards - 2);
  const chosen = new Set([pair.before, pair.after, ...others]);
  const solution = order.sequence.flatMap(({ key }) => (chosen.has(key) ? [key] : []));
  const cards = order.sequence.filter(({ key }) => chosen.has(key)).map(cardOf);
  return {
    styles,
    isOwn,
    cards: inNoOrder(cards, random),
    solution,
    pairs: order.pairs.filter(({ before, after }) => chosen.has(before) && chosen.has(after)),
  };
}

/** A pair that the rule, or the style where none is meant, decides. */
function pairFor({ pairs }: DecidedOrder, rule: RuleId | undefined, random: Random) {
  const decided = pairs.filter((pair) => pair.rule === (rule ?? null));
  return decided.length > 0 ? pick(random, decided) : undefined;
}

/** Shuffled, and not by chance as it should be. */
function inNoOrder(cards: readonly StepCard[], random: Random): StepCard[] {
  const mixed = shuffled(random, cards);
  return mixed.every((card, index) => card === cards[index]) ? mixed.reverse() : mixed;
}

function cardOf({ key, node }: DecidedOrder['sequence'][number]): StepCard {
  if (isCheck(node)) return { key, says: said(`check.${node.check}.name`), places: [], part: null };
  const [part] = node.parts;
  const quantity = node.parts.reduce((sum, one) => sum + one.quantity, 0);
  return {
    key,
    says: said(`step.${node.kind}`, { what: part ? partSaid({ ...part, quantity }) : '' }),
    places: node.parts.flatMap(({ designators }) => designators),
    part: part ?? null,
  };
}

const isCheck = (node: OrderNode): node is Extract<OrderNode, { kind: 'check' }> =>
  node.kind === 'check';

/** The pairs that an order has the other way round. */
function broken({ pairs }: OrderTask, answer: readonly string[]): DecidedPair[] {
  const at = new Map(answer.map((key, index) => [key, index]));
  return pairs.filter(({ before, after }) => (at.get(before) ?? 0) > (at.get(after) ?? 0));
}

/** Whether a step stands before something that it must come after. */
export const isMisplaced = (task: OrderTask, answer: readonly string[], key: string): boolean =>
  broken(task, answer).some(({ after }) => after === key);

const eachRuleOnce = (pairs: readonly DecidedPair[]): DecidedPair[] =>
  pairs.filter((pair, index) => pairs.findIndex(({ rule }) => rule === pair.rule) === index);

const nameOf = ({ cards }: OrderTask, key: string): Said =>
  cards.find((card) => card.key === key)?.says ?? said('drill.plain', { text: key });

const pairWords = (task: OrderTask, { before, after, rule }: DecidedPair): Said =>
  said(rule === null ? 'drill.order.first.by-style' : 'drill.order.first.by-rule', {
    before: nameOf(task, before),
    after: nameOf(task, after),
    ...(rule === null ? {} : { rule: said(`rule.${rule}.says`) }),
  });
