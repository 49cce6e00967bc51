import { describe, expect, it } from 'vitest';
import { examplePart } from '../examplePart.ts';
import { families } from '../families/index.ts';
import { rect, text } from './drawing.ts';
import { drawAbove, drawFromAbove } from './seated/above.ts';
import { drawSide } from './seated/side.ts';
import { shapesText, svgText } from './svgText.ts';

/** Whether every tag is closed in its order (XML 1.0, the part of it that such a picture uses). */
function isWellFormed(markup: string): boolean {
  const open: string[] = [];
  for (const [, close, name, rest = ''] of markup.matchAll(/<(\/?)([a-z]+)([^>]*)>/g)) {
    if (close) {
      if (open.pop() !== name) return false;
    } else if (!rest.endsWith('/')) open.push(name ?? '');
  }
  return open.length === 0;
}

describe('a drawing as SVG text', () => {
  it('what is printed on a part is escaped, whatever it is', () => {
    const markup = svgText(
      { widthMm: 10, heightMm: 5, shapes: [text(1, 2, '<b>&"x"</b>', 2, '#000000')] },
      'Mono',
    );
    expect(markup).toContain('&lt;b>&amp;&quot;x&quot;&lt;/b>');
    expect(markup).not.toContain('<b>');
    expect(isWellFormed(markup)).toBe(true);
  });

  it('a paint that shines through is a colour and its opacity, as SVG 1.1 has them', () => {
    const markup = shapesText(
      [rect(0, 0, 1, 1, { fill: '#11223380', stroke: '#aabbcc40', strokeWidth: 0.2 })],
      'Mono',
    );
    expect(markup).toContain('fill="#112233" fill-opacity="0.502"');
    expect(markup).toContain('stroke="#aabbcc" stroke-width="0.2" stroke-opacity="0.251"');
  });

  it('keeps sizes in millimetres', () => {
    expect(svgText({ widthMm: 12.5, heightMm: 4, shapes: [] }, 'Mono')).toBe(
      '<svg xmlns="http://www.w3.org/2000/svg" width="12.5mm" height="4mm" viewBox="0 0 12.5 4"></svg>',
    );
  });

  it.each(families.map((family) => [family.id, family] as const))(
    '%s can be drawn from every side, and nothing is drawn of what is not a number',
    (_, family) => {
      const part = examplePart(family);
      for (const drawing of [
        family.draw(part),
        drawSide(family, part),
        drawAbove(family, part),
        drawFromAbove(family, part),
        ...(family.drawBoardMark ? [family.drawBoardMark(part)] : []),
      ]) {
        expect(drawing.widthMm).toBeGreaterThan(0);
        expect(drawing.heightMm).toBeGreaterThan(0);
        const markup = svgText(drawing, 'Mono');
        expect(markup).not.toMatch(/NaN|undefined|Infinity/);
        expect(isWellFormed(markup)).toBe(true);
      }
    },
  );
});
