import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { planKit } from '#core/order/planKit';
import { type OrderSettings, usualSettings } from '#core/order/settings';
import { styles } from '#core/order/styles/index';
import { guessMapping } from '#core/partslist/guessMapping';
import { readPartsList } from '#core/partslist/readPartsList';
import { readTable } from '#core/partslist/readTable';
import { demoBoards } from './boards.ts';
import { demoKits } from './scenario.ts';

const plans = demoKits.map((kit) => {
  const table = readTable(readFileSync(new URL(`./kits/${kit.file}`, import.meta.url), 'utf8'));
  if (!table.ok) throw new Error(table.problem.says);
  const parts = readPartsList(table.value, guessMapping(table.value), {}).lines.map(
    ({ part }) => part,
  );
  const plan = (more: Partial<OrderSettings> = {}) =>
    planKit({
      parts,
      supplyVolt: kit.supplyVolt,
      board: demoBoards[kit.name],
      settings: { ...usualSettings, ...more },
    });
  return { name: kit.name, plan };
});

const orderOf = ({ steps }: ReturnType<typeof planKit>) =>
  steps.map((step) =>
    step.kind === 'check'
      ? [step.check, ...step.blocks].join(' ')
      : step.parts
          .flatMap(({ designators, family }) => (designators.length > 0 ? designators : [family]))
          .join(' '),
  );
const planOf = (name: string) => {
  const found = plans.find((one) => one.name === name);
  if (!found) throw new Error(`no kit ${name}`);
  return found.plan;
};

// Read aloud as their instructor (common practice); what made one shake one's head was changed in the rules.
describe('the plans of the demo’s kits', () => {
  it('Twin Lamp goes from resistors to electrolytics, and is tested at the end', () => {
    expect(orderOf(planOf('Twin Lamp')())).toEqual([
      'R1 R4',
      'R2 R3',
      'S1',
      'Q1 Q2',
      'D1 D2',
      'J1',
      'C1 C2',
      'look',
      'supply-resistance',
      'first-power',
      'function',
    ]);
  });

  it('Fern Minder screws its holder down right before it is soldered, and takes chip and cells last', () => {
    expect(orderOf(planOf('Fern Minder')()).slice(11)).toEqual([
      'C2',
      'try-holder',
      'screw',
      'BT1',
      'W1 W2',
      'look',
      'supply-resistance',
      'first-power',
      'U1',
      'round-cell',
      'function',
    ]);
  });

  it('Tide Badge begins with the flattest and ends with the holder on the other side', () => {
    const { steps, turns } = planOf('Tide Badge')();
    const soldered = steps.filter(({ kind }) => kind === 'solder');
    expect(soldered.at(-1)).toMatchObject({ side: 'bottom', reason: { rule: 'far-side-last' } });
    expect(soldered[0]).toMatchObject({ reason: { kind: 'flattest' } });
    // Once over for the holder on the back, and once back to solder it from the front.
    expect(turns).toBe(2);
  });

  it('block by block Fern Minder is tested supply first, then lamps, then the comparator', () => {
    const order = orderOf(planOf('Fern Minder')({ styles: ['by-block'], checks: 'blocks' }));
    expect(order.filter((step) => step.startsWith('first-power'))).toEqual([
      'first-power Supply',
      'first-power Lamps and sounders',
      'first-power Around X1',
      'first-power',
    ]);
  });

  it.each(styles.map(({ id }) => id))('in the style “%s” no rule contradicts another', (id) => {
    for (const { plan } of plans) {
      for (const checks of ['blocks', 'end'] as const) {
        expect(plan({ styles: [id], checks }).contradictions).toEqual([]);
      }
    }
  });
});
