import { describe, expect, it } from 'vitest';
import type { Board, Placement, Side } from '#core/board/board';
import { emptyBoard } from '#core/board/board';
import { footprintOf } from '#core/board/footprint';
import { partsByPlace } from '#core/board/pads';
import { inView, onBoard } from '#core/board/transform';
import { line, ohm, type } from '#core/order/testing/kits';
import { markupOf, tagsOf } from '../../testing/speaking.tsx';
import { BoardMap } from './BoardMap.tsx';

const kit = [
  line('resistor-axial', 'R1', ohm(470)),
  line('led-5mm', 'D1', { kind: 'colour', colour: 'red' }),
  line('socket-dip', 'X1', { kind: 'none' }, 8),
  line('ic-dip', 'U1', type('NE555'), 8),
  line('coin-holder', 'BT1'),
  line('wire', 'W1'),
];
const parts = partsByPlace(kit);
const at = (place: string, xMm: number, yMm: number, more: Partial<Placement> = {}): Placement => ({
  place,
  xMm,
  yMm,
  rotation: 0,
  side: 'top',
  ...more,
});
const board: Board = {
  ...emptyBoard(80, 50, 'printed'),
  placements: [
    at('R1', 20, 40),
    at('D1', 60, 40, { rotation: 90 }),
    at('X1', 20, 15),
    at('U1', 20, 15),
    at('BT1', 60, 15, { side: 'bottom' }),
    at('W1', 40, 45),
  ],
};

const drawn = (side: Side, more: { now?: string[]; done?: string[]; choose?: () => void } = {}) =>
  tagsOf(
    markupOf(
      <BoardMap
        board={board}
        parts={parts}
        side={side}
        {...(more.now ? { now: new Set(more.now) } : {})}
        {...(more.done ? { done: new Set(more.done) } : {})}
        {...(more.choose ? { choose: more.choose } : {})}
      />,
    ),
  );
const named = (tags: ReturnType<typeof tagsOf>, className: string) =>
  tags.filter(({ attributes }) => (attributes.class ?? '').split(' ').includes(className));
const numbers = (text = '') => (text.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe('the map of a board', () => {
  it('mirrors everything but the names when it is seen from below', () => {
    const [top, bottom] = [named(drawn('top'), 'place-name'), named(drawn('bottom'), 'place-name')];
    // The chip and its socket have one name.
    expect(top).toHaveLength(board.placements.length - 1);
    for (const [index, { attributes }] of bottom.entries()) {
      expect(Number(attributes.x)).toBeCloseTo(board.widthMm - Number(top[index]?.attributes.x), 6);
      expect(attributes.y).toBe(top[index]?.attributes.y);
      expect(attributes.transform).toBeUndefined();
    }
    const [turned] = named(drawn('bottom'), 'seen-from-below');
    expect(turned?.attributes.transform).toBe(`translate(${board.widthMm} 0) scale(-1 1)`);
    expect(named(drawn('top'), 'seen-from-above')[0]?.attributes.transform).toBeUndefined();
  });

  it('says which side it is', () => {
    expect(drawn('top')[0]?.attributes['aria-label']).toBe('Component side');
    expect(drawn('bottom')[0]?.attributes['aria-label']).toMatch(/Solder side.*mirrored/);
  });

  it('puts the signs of plus and minus beside their leads, on both sides', () => {
    const led = board.placements[1];
    const part = parts.get('D1');
    const [anode, cathode] = part ? footprintOf(part).pins : [];
    if (!led || !anode || !cathode) throw new Error('the kit has an LED');
    for (const side of ['top', 'bottom'] as const) {
      const markup = markupOf(
        <BoardMap board={board} parts={parts} side={side} now={new Set(['D1'])} />,
      );
      const [, x, y] =
        /<text class="pad-sign" x="([\d.-]+)" y="([\d.-]+)"[^>]*>\+</.exec(markup) ?? [];
      const [near, far] = [anode, cathode].map((pin) => {
        const spot = inView(board, side, onBoard(led, pin));
        return Math.hypot(Number(x) - spot.x, Number(y) - spot.y);
      });
      expect(near).toBeLessThan(far ?? 0);
    }
  });

  it('rings what is pointed at and nothing else', () => {
    const tags = drawn('top', { now: ['R1'] });
    expect(named(tags, 'placed-now').map(({ attributes }) => attributes['data-place'])).toEqual([
      'R1',
    ]);
    expect(named(tags, 'pad-over')).toHaveLength(2);
  });

  it('lets everything but the parts of a step step back, and nothing where no step is shown', () => {
    const tags = drawn('top', { now: ['R1'], done: ['D1'] });
    expect(named(tags, 'board-map-step')).toHaveLength(1);
    expect(named(tags, 'body-done')).toHaveLength(1);
    expect(named(tags, 'place-name-now')).toHaveLength(1);
    expect(named(drawn('top', { now: ['R1'] }), 'board-map-step')).toHaveLength(0);
  });

  it('draws faintly what is still to come, and no chip over the socket that is fitted now', () => {
    const tags = drawn('top', { now: ['X1'], done: ['R1'] });
    const places = named(tags, 'placed').map(({ attributes }) => attributes['data-place']);
    expect(places).toContain('X1');
    expect(places).not.toContain('U1');
    // The LED and the holder; the wire hangs off the board and has no body on it.
    expect(named(tags, 'body-ahead')).toHaveLength(2);
    expect(
      named(drawn('top'), 'placed').map(({ attributes }) => attributes['data-place']),
    ).toContain('U1');
  });

  it('has for each side a layer of bodies and one of outlines of what lies on the other', () => {
    const tags = drawn('top');
    const outlines = named(tags, 'far-outline');
    expect(outlines.map(({ attributes }) => attributes.class)).toEqual([
      'far-outline on-bottom',
      'far-outline on-top',
    ]);
    const rectangles = outlines.map(({ attributes }) => (attributes.d ?? '').split('Z').length - 1);
    // R1, D1, X1 and U1 from below; the holder of the cell from above.
    expect(rectangles).toEqual([4, 1]);
  });

  it('can be chosen by keys and by touch: every part is a button that says its place', () => {
    const buttons = drawn('top', { choose: () => {} }).filter(
      ({ attributes }) => attributes.role === 'button',
    );
    expect(buttons).toHaveLength(board.placements.length);
    for (const { attributes } of buttons) {
      expect(attributes.tabindex).toBe('0');
      expect(attributes['aria-label']).toContain(attributes['data-place']);
      // At a zoom of 12 px a mm a ring of 4 mm is a target of 48 px.
      expect(Number(attributes.width)).toBeGreaterThanOrEqual(4);
      expect(Number(attributes.height)).toBeGreaterThanOrEqual(4);
      const [x = 0, y = 0] = numbers(attributes.transform);
      expect(x).toBeGreaterThan(0);
      expect(y).toBeGreaterThan(0);
    }
  });

  it('shows nothing to press where nothing can be chosen', () => {
    expect(drawn('top').some(({ attributes }) => attributes.role === 'button')).toBe(false);
  });

  it('names the holes of a strip board alike from both sides', () => {
    const strip = { ...emptyBoard(10 * 2.54, 5 * 2.54, 'strip'), links: [], cuts: [] };
    const letters = (side: Side) => {
      const markup = markupOf(<BoardMap board={strip} parts={new Map()} side={side} />);
      return [...markup.matchAll(/<text x="([\d.-]+)"[^>]*class="grid-name"[^>]*>([A-Z])</g)].map(
        ([, x, letter]) => [letter, Number(x)] as const,
      );
    };
    const [above, below] = [letters('top'), letters('bottom')];
    expect(above.length).toBeGreaterThan(5);
    expect(above.map(([letter]) => letter)).toEqual(below.map(([letter]) => letter));
    for (const [index, [, x]] of above.entries()) {
      expect(below[index]?.[1]).toBeCloseTo(strip.widthMm - x, 6);
    }
  });
});
