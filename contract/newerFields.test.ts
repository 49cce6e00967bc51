import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { openKitFile } from '#core/kitfile/kitFile';
import { kitDocumentSchema, splitDocument } from './kitDocument.ts';
import { withNewer, withoutNewer } from './newerFields.ts';

type Fields = Readonly<Record<string, unknown>>;

/** A text by its languages has no fields: another language is known, whoever wrote it. */
const isText = (value: object): boolean =>
  Object.entries(value).every(([key, text]) => /^[a-z]{2}$/.test(key) && typeof text === 'string');

/** Every object of a document that a newer version could write a field into, by its place. */
function objectsIn(value: unknown): Record<string, unknown>[] {
  if (Array.isArray(value)) return value.flatMap(objectsIn);
  if (typeof value !== 'object' || value === null || isText(value)) return [];
  return [value as Record<string, unknown>, ...Object.values(value).flatMap(objectsIn)];
}

/** A document of a newer version: some of its objects know more. */
function newerOf(document: Fields, places: readonly number[]): Fields {
  const copy = { ...structuredClone(document), version: 2 };
  const objects = objectsIn(copy);
  for (const [index, place] of places.entries()) {
    const object = objects[place % objects.length];
    if (object) object[`later${index}`] = { said: index };
  }
  return copy;
}

const folder = join(process.cwd(), 'web/public/examples');
const kitFiles = readdirSync(folder).filter((name) => name.endsWith('.ozzet-kit'));

describe.each(kitFiles)('a newer form of %s', (name) => {
  const opened = openKitFile(readFileSync(join(folder, name)));
  if (!opened.ok) throw new Error(opened.problem.says);
  const document: Fields = opened.value;

  it('is known as what it is without its newer fields, and gets them back where they stood', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(), { maxLength: 8 }), (places) => {
        const newer = newerOf(document, places);
        const { known, newer: parts } = splitDocument(newer);
        expect(known).toEqual({ ...document, version: 2 });
        expect(withNewer(known as Fields, parts.fields)).toEqual(newer);
      }),
      { numRuns: 30 },
    );
  });
});

describe('newer fields', () => {
  const json = kitDocumentSchema.json;
  const line = (place: string) => ({ part: { designators: [place] }, confidence: 'sure' });
  const later = { ...line('R2'), later: 7 };

  it('of a line go with it where it stands now, and are gone with it', () => {
    const { newer } = withoutNewer({ lines: [line('R1'), later] }, json);
    expect(withNewer({ lines: [line('R2'), line('R1')] }, newer)).toEqual({
      lines: [later, line('R1')],
    });
    expect(withNewer({ lines: [line('R1')] }, newer)).toEqual({ lines: [line('R1')] });
    const changed = { lines: [line('R1'), line('R20')] };
    expect(withNewer(changed, newer)).toEqual(changed);
  });

  it('never take the place of one that is known', () => {
    const { newer } = withoutNewer({ later: 1 }, json);
    expect(withNewer({ later: 2 }, newer)).toEqual({ later: 2 });
  });

  it('of a file of this version are whole fields of its own only', () => {
    const { known, newer } = splitDocument({ version: 1, later: 1, lines: [later] });
    expect(newer.fields).toEqual([{ way: [], name: 'later', value: 1 }]);
    expect(known).toEqual({ version: 1, lines: [later] });
  });
});
