import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import * as yup from 'yup';
import { boardSchema } from './board.ts';
import { check, checkStrictly } from './check.ts';
import { erratumSchema, partSchema, valueSchema } from './parts.ts';
import {
  anything,
  fields,
  leaf,
  list,
  literal,
  nullable,
  oneOfKind,
  optional,
  record,
} from './schema.ts';

const text = leaf(yup.string().strict().required('Write it.').max(5, 'Too long.'));

interface Note {
  readonly text: string;
  readonly of?: string;
}
type Shape = { readonly kind: 'round'; readonly radius: number } | { readonly kind: 'flat' };

describe('a schema', () => {
  it('does not compile where it and its type differ', () => {
    const of = optional(text);
    expect(record<Note>({ text, of }).json.required).toEqual(['text']);
    // @ts-expect-error an optional field of the type has no schema: it would be lost without a word
    record<Note>({ text });
    // @ts-expect-error a field that the type does not have
    record<Note>({ text, of, more: text });
    // @ts-expect-error a text where the type has a number
    record<{ readonly of: number }>({ of: text });
    // @ts-expect-error one kind of the union is forgotten
    oneOfKind<Shape>({ flat: record<{ readonly kind: 'flat' }>({ kind: literal('flat') }) });
  });

  it('refuses what it does not know by its name, wherever it stands', async () => {
    const schema = fields({ notes: list(record<Note>({ text, of: optional(text) })) });
    const found = check(schema, { notes: [{ text: 'a' }, { text: 'b', colour: 'red' }] });
    expect(found).toMatchObject({ ok: false, errors: [{ field: 'notes[1].colour' }] });
  });

  it('tells every field that is wrong', async () => {
    const schema = fields({ a: text, b: text, c: nullable(text), d: optional(text) });
    const found = check(schema, { a: 'far too long', c: 7 });
    expect(!found.ok && found.errors.map(({ field }) => field).sort()).toEqual(['a', 'b', 'c']);
  });

  it('knows its kinds, and asks for one of them', () => {
    const schema = oneOfKind<Shape>({
      round: record<Extract<Shape, { kind: 'round' }>>({
        kind: literal('round'),
        radius: leaf(yup.number().required()),
      }),
      flat: record<Extract<Shape, { kind: 'flat' }>>({ kind: literal('flat') }),
    });
    expect(checkStrictly(schema, { kind: 'round', radius: 2 }).ok).toBe(true);
    expect(checkStrictly(schema, { kind: 'flat', radius: 2 })).toMatchObject({
      ok: false,
      errors: [{ field: 'radius' }],
    });
    for (const wrong of [{ kind: 'toString' }, {}, null, 7, []]) {
      expect(checkStrictly(schema, wrong).ok).toBe(false);
    }
  });

  it('never crashes on what is no such thing', () => {
    const reads: readonly ((value: unknown) => boolean)[] = [
      (value) => checkStrictly(partSchema, value).ok,
      (value) => checkStrictly(valueSchema, value).ok,
      (value) => checkStrictly(erratumSchema, value).ok,
      (value) => checkStrictly(boardSchema, value).ok,
      (value) => checkStrictly(anything(yup.mixed()), value).ok,
    ];
    fc.assert(
      fc.property(fc.constantFrom(...reads), fc.jsonValue(), (read, value) => {
        expect(typeof read(value)).toBe('boolean');
      }),
    );
  });
});
