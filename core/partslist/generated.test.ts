import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import german from '#locales/de/families.json' with { type: 'json' };
import spanish from '#locales/es/families.json' with { type: 'json' };
import { familyIds } from '../parts/families/ids.ts';
import { families, familyOf } from '../parts/families/index.ts';
import type { PartFamily } from '../parts/family.ts';
import { packageById } from '../parts/packages/index.ts';
import { partTypes } from '../parts/types/index.ts';
import { formatLetterCode } from '../quantity/formatQuantity.ts';
import { series } from '../quantity/series.ts';
import { cases } from '../testing/cases.ts';
import type { ReadLine } from './readPartsList.ts';
import { readList } from './testing/readList.ts';

const readOne = (text: string, place: string): ReadLine | undefined =>
  readList(`Ref,Part\n${place},"${text.replaceAll('"', '""')}"\n`).lines[0];

type Words = Readonly<Record<string, { readonly one: string }>>;
const nameIn = {
  en: ({ words }: PartFamily) => words.one,
  de: ({ id }: PartFamily) => (german.family as Words)[id]?.one ?? '',
  es: ({ id }: PartFamily) => (spanish.family as Words)[id]?.one ?? '',
} as const;
const language = fc.constantFrom('en', 'de', 'es');

/** Amounts that such parts have, as their unit is usually written. */
const decades = {
  ohm: [1, 5],
  farad: [-11, -5],
  henry: [-6, -3],
  hertz: [6, 7],
  volt: [0, 1],
} as const;
const amountOf = (unit: keyof typeof decades) =>
  fc
    .tuple(
      fc.constantFrom(...series.E12),
      fc.integer({ min: decades[unit][0], max: decades[unit][1] }),
    )
    .map(([mantissa, power]) => Number(`${mantissa}e${power}`));

const placed = families.filter(({ letters, role }) => letters.length > 0 && role !== 'carrier');

describe('a line made from what is known', () => {
  it('of a kind and a value is read as that kind and value, or says its doubt', () => {
    fc.assert(
      fc.property(fc.constantFrom(...placed), language, fc.nat(), (family, lang, seed) => {
        const name = nameIn[lang](family);
        const unit = typeof family.valueKind === 'object' ? family.valueKind.unit : undefined;
        const amount = unit && fc.sample(amountOf(unit), { numRuns: 1, seed })[0];
        const value = unit && amount ? ` ${formatLetterCode(amount, unit)}` : '';
        const text = `${name}${value}`;
        const line = readOne(text, `${family.letters[0]}1`);
        if (!line) return;
        const { part, doubts, confidence } = line;
        if (confidence === 'unknown' || doubts.includes('family')) return;
        // The same job in another body is a doubt as well where the line names none; the kind must not change.
        expect(familyOf(part).job, `${text} → ${part.family}`).toBe(family.job);
        expect(part.family, text).toBe(family.id);
        if (amount && part.value.kind === 'amount' && !doubts.includes('value'))
          expect(part.value.amount / amount, text).toBeCloseTo(1, 6);
      }),
      { numRuns: cases(1500, 0.3) },
    );
  });

  it('of a type in one of its bodies is read as that type, body and number of pins, or says its doubt', () => {
    const packed = partTypes.flatMap((type) =>
      type.packages.map((packaged) => ({ type, packaged })),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...packed),
        fc.constantFrom('', 'IC', 'Transistor', 'part', 'Bauteil', 'componente'),
        fc.boolean(),
        ({ type, packaged }, word, withBody) => {
          const body = packageById(packaged.package);
          const text = `${word} ${type.number}${withBody ? ` ${body.name}` : ''}`.trim();
          const line = readOne(text, '');
          const placedLine = line ?? readOne(text, 'U1');
          if (!placedLine) return;
          const { part, doubts, confidence } = placedLine;
          if (confidence === 'unknown' || doubts.includes('family') || doubts.includes('value'))
            return;
          expect(part.value, text).toEqual({ kind: 'type', print: type.number });
          expect(familyOf(part).kinds, text).toContain(type.kind);
          const takesPins = part.pins !== undefined && !doubts.includes('pins');
          if (withBody && takesPins) expect(part.pins, text).toBe(packaged.pins);
        },
      ),
      { numRuns: cases(1500, 0.3) },
    );
  });

  it('of nonsense is never sure', () => {
    const letters = fc.stringMatching(/^[bcdfghjklmnpqrstvwxz]{4,9}$/);
    const number = fc.stringMatching(/^[A-Z]{2,4}\d{3,6}[A-Z]{0,2}$/);
    const known = new Set(partTypes.flatMap(({ number: own, also = [] }) => [own, ...also]));
    fc.assert(
      fc.property(fc.oneof(letters, number), (text) => {
        if (known.has(text)) return;
        const line = readOne(text, 'ZZ1');
        if (line && line.confidence === 'sure') {
          // A known number with a maker’s letters around it is no nonsense.
          const { value } = line.part;
          expect(value.kind === 'type' && [...known].some((own) => text.includes(own)), text).toBe(
            true,
          );
        }
      }),
      { numRuns: cases(3000, 0.3) },
    );
  });

  it('knows every family by a word of its own in every language, or says that it is not sure', () => {
    const wrong = familyIds.flatMap((id) => {
      const family = familyOf({ family: id });
      return (['en', 'de', 'es'] as const).flatMap((lang) => {
        const name = nameIn[lang](family);
        if (name === '') return [];
        const line =
          readOne(name, family.letters[0] ? `${family.letters[0]}1` : '') ??
          readList(`Qty,Part\n1,${name}\n`).lines[0];
        if (!line || line.confidence === 'unknown' || line.doubts.includes('family')) return [];
        return line.part.family === id ? [] : [`${lang} ${name}: ${line.part.family}`];
      });
    });
    expect(wrong).toEqual([]);
  });
});
