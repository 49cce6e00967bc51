import { describe, expect, it } from 'vitest';
import { drawFromAbove } from '#core/parts/drawing/seated/above';
import { svgText } from '#core/parts/drawing/svgText';
import { examplePart } from '#core/parts/examplePart';
import { families } from '#core/parts/families/index';
import { monoFace } from '../app/tokens.ts';
import { markupOf, tagsOf } from '../testing/speaking.tsx';
import { DrawingSvg } from './DrawingSvg.tsx';
import { PartPicture, pictureScale } from './PartPicture.tsx';

/** What makes the shape; how opacities are written differs. */
const geometry = ['x', 'y', 'width', 'height', 'rx', 'cx', 'cy', 'r', 'd', 'font-size', 'viewBox'];

const shapesIn = (markup: string) =>
  tagsOf(markup).map(({ name, attributes }) => [
    name,
    ...geometry
      // A sharp corner may be left out; sizes of the whole picture are given in other units on paper.
      .filter((key) => !(name === 'svg' && (key === 'width' || key === 'height')))
      .flatMap((key) =>
        attributes[key] === undefined || (key === 'rx' && attributes[key] === '0')
          ? []
          : [`${key}=${attributes[key]}`],
      ),
  ]);

describe('a drawing on the screen', () => {
  it.each(families.map((family) => [family.id, family] as const))(
    '%s has the same shapes on the screen as on paper',
    (_, family) => {
      const part = examplePart(family);
      for (const drawing of [family.draw(part), drawFromAbove(family, part)]) {
        expect(shapesIn(markupOf(<DrawingSvg drawing={drawing} name="part" />))).toEqual(
          shapesIn(svgText(drawing, monoFace)),
        );
      }
    },
  );

  it('has a name and is one picture for a screen reader', () => {
    for (const family of families) {
      const [svg] = tagsOf(markupOf(<PartPicture part={examplePart(family)} />)).filter(
        ({ name }) => name === 'svg',
      );
      expect(svg?.attributes.role).toBe('img');
      expect(svg?.attributes['aria-label']?.length, family.id).toBeGreaterThan(3);
    }
  });

  it('fits its room whatever the part, and flat parts are shown larger than others', () => {
    const room = { width: 150, height: 70 };
    const scaleOf = (id: string) => {
      const family = families.find((one) => one.id === id);
      if (!family) throw new Error(id);
      return pictureScale(examplePart(family), room);
    };
    for (const family of families) {
      const { widthMm, heightMm } = family.draw(examplePart(family));
      expect(widthMm * scaleOf(family.id)).toBeLessThanOrEqual(room.width + 1e-9);
      expect(heightMm * scaleOf(family.id)).toBeLessThanOrEqual(room.height + 1e-9);
    }
    expect(scaleOf('resistor-chip')).toBeGreaterThan(scaleOf('resistor-axial'));
  });
});
