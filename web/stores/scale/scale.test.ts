import { describe, expect, it } from 'vitest';
import { ScaleDriver } from './ScaleDriver.ts';
import { simulatedScale } from './simulatedScale.ts';

describe('the scale over its serial line', () => {
  it('swings, then is steady; tare takes what lies on it as nothing', async () => {
    const scale = simulatedScale();
    const driver = new ScaleDriver(scale);
    scale.lay(12.344);
    const first = await driver.ask('weigh');
    expect(first).toMatchObject({ kind: 'weight', steady: false });
    await driver.ask('weigh');
    expect(await driver.ask('weigh')).toEqual({ kind: 'weight', grams: 12.34, steady: true });
    expect(await driver.ask('tare')).toEqual({ kind: 'tared' });
    expect(await driver.ask('weigh')).toMatchObject({ grams: 0 });
    await driver.close();
  });

  it('answers questions in the order in which they were asked', async () => {
    const scale = simulatedScale();
    const driver = new ScaleDriver(scale);
    const answers = await Promise.all([
      driver.ask('tare'),
      driver.ask('weigh'),
      driver.ask('tare'),
    ]);
    expect(answers.map(({ kind }) => kind)).toEqual(['tared', 'weight', 'tared']);
    await driver.close();
  });

  it('says when there is too much on it', async () => {
    const scale = simulatedScale();
    const driver = new ScaleDriver(scale);
    scale.lay(900);
    expect(await driver.ask('weigh')).toEqual({ kind: 'error', text: 'overload' });
    await driver.close();
  });
});
