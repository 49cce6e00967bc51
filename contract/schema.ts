import * as yup from 'yup';
import { isSaid, type Said, said } from '#core/learning/said';

// What is said where a schema says nothing of its own.
const most = ({ max }: { readonly max: number }) => said('refusals.any.mostIs', { most: max });
const least = ({ min }: { readonly min: number }) => said('refusals.any.leastIs', { least: min });
yup.setLocale({
  mixed: {
    default: said('refusals.any.cannotBeTaken'),
    required: said('refusals.any.thisIsMissing'),
    defined: said('refusals.any.thisIsMissing'),
    notNull: said('refusals.any.thisIsMissing'),
    notType: said('refusals.any.cannotBeTaken'),
  },
  string: {
    max: ({ max }) => said('refusals.any.atMostCharacters', { most: max }),
    min: ({ min }) => said('refusals.any.atLeastCharacters', { least: min }),
    matches: said('refusals.any.cannotBeTaken'),
  },
  number: {
    max: most,
    min: least,
    moreThan: ({ more }) => said('refusals.any.moreThan', { least: more }),
    integer: said('refusals.any.writeAWholeNumber'),
  },
  array: {
    max: ({ max }) => said('refusals.any.thereAreAtMostOfThese', { most: max }),
    min: ({ min }) => said('refusals.any.leastIs', { least: min }),
  },
});

/**
 * What a value must be, and what it then is. `T` is checked both ways: a schema that allows more or less than the type
 * says does not compile. One schema serves every border: calls, stored text, what a device keeps.
 */
export interface Schema<T> extends Untyped {
  /** Only a type: never set. Takes and gives `T`, so that neither a wider nor a narrower schema stands in. */
  readonly of?: (value: T) => T;
}

/** What is used of a schema of Yup, whole or lazy. */
interface YupSchema extends yup.ISchema<unknown> {
  validateSync(value: unknown, options?: yup.ValidateOptions): unknown;
}

interface Untyped {
  readonly yup: YupSchema;
  /** The same as JSON Schema (2020-12), for the description of the interface; what it cannot say is left out. */
  readonly json: JsonSchema;
  readonly isOptional?: true;
}

export type JsonSchema = Readonly<Record<string, unknown>>;

export type TypeOf<S> = S extends Schema<infer T> ? T : never;

/** One schema for every field of `T`, optional ones too, and for nothing else. */
export type FieldsOf<T> = { readonly [Key in keyof T]-?: Schema<T[Key]> };

/** A schema of an object whose fields are known, so that others can be added. */
export interface RecordSchema<T> extends Schema<T> {
  readonly fields: AnyFields;
}

// biome-ignore lint/suspicious/noExplicitAny: any schema may be a field; its type is checked where it is given.
type AnyFields = Readonly<Record<string, Schema<any>>>;

/** A schema of Yup for a text, a number or the like; its type is what Yup says that it is. */
export const leaf = <S extends yup.Schema>(schema: S): Schema<yup.InferType<S>> => ({
  yup: schema,
  json: jsonOfLeaf(schema.describe() as Described),
  ...((schema.describe() as Described).optional ? { isOptional: true } : {}),
});

/** Anything at all, as far as `schema` goes. */
export const anything = (schema: yup.Schema): Schema<unknown> => ({ yup: schema, json: {} });

export const literal = <const T extends string>(value: T): Schema<T> => oneOf([value]);

/** One of the given words. */
export const oneOf = <const T extends string>(
  values: readonly T[],
  { wrong, missing }: { readonly wrong?: Said; readonly missing?: Said } = {},
): Schema<T> => ({
  yup: yup
    .string()
    .strict()
    .oneOf(values, wrong ?? said('refusals.any.oneOf', { values: values.join(', ') }))
    .required(missing ?? wrong ?? said('refusals.any.oneOf', { values: values.join(', ') })),
  json: { enum: values },
});

/** `T` with every field checked; what it does not know is refused by name. */
export function record<T extends object>(fields: FieldsOf<T>, missing?: Said): RecordSchema<T> {
  return ofFields(fields, missing);
}

/** The same without a type of its own: the type follows from the fields. */
export function fields<F extends AnyFields>(
  shape: F,
  missing?: Said,
): RecordSchema<Simple<RecordOf<F>>> {
  return ofFields(shape, missing);
}

type OptionalKeys<F> = {
  [Key in keyof F]: undefined extends TypeOf<F[Key]> ? Key : never;
}[keyof F];
type RecordOf<F> = {
  readonly [Key in Exclude<keyof F, OptionalKeys<F>>]: TypeOf<F[Key]>;
} & { readonly [Key in OptionalKeys<F>]?: TypeOf<F[Key]> };
type Simple<T> = { [Key in keyof T]: T[Key] };

function ofFields<T>(
  shape: AnyFields,
  missing: Said = said('refusals.any.thisIsMissing'),
): RecordSchema<T> {
  const entries = Object.entries(shape);
  return {
    fields: shape,
    yup: yup
      .object(
        Object.fromEntries(entries.map(([key, field]) => [key, field.yup])) as yup.ObjectShape,
      )
      .default(undefined)
      .required(missing)
      .test(knownFields(shape)),
    json: {
      type: 'object',
      properties: Object.fromEntries(entries.map(([key, field]) => [key, field.json])),
      required: entries.filter(([, field]) => !field.isOptional).map(([key]) => key),
      additionalProperties: false,
    },
  };
}

/** Refuses what no field is for, by its name: dropped without a word it would be lost. */
const knownFields = (shape: AnyFields): yup.TestConfig<unknown> => ({
  name: 'known',
  skipAbsent: true,
  test: (value, context) => {
    const stranger = Object.keys(value as object).find((key) => !Object.hasOwn(shape, key));
    return (
      stranger === undefined ||
      context.createError({
        path: context.path ? `${context.path}.${stranger}` : stranger,
        message: said('refusals.any.thereIsNoFieldHereLeaveIt', { stranger }),
      })
    );
  },
});

/** The same, refused with `message` at `field` where `holds` does not: for what no field can say alone. */
export const holding = <T extends object>(
  schema: RecordSchema<T>,
  field: string,
  message: Said,
  holds: (value: T) => boolean,
): Schema<T> => ({
  ...schema,
  yup: (schema.yup as yup.Schema<T | undefined>).test({
    name: 'holds',
    skipAbsent: true,
    test: (value, context) =>
      holds(value as T) ||
      context.createError({ path: context.path ? `${context.path}.${field}` : field, message }),
  }),
});

/** Two sets of fields as one. */
export const both = <A extends object, B extends object>(
  a: RecordSchema<A>,
  b: RecordSchema<B>,
): RecordSchema<A & B> => ofFields({ ...a.fields, ...b.fields });

/** A list, in a type that is not changed; `refine` adds how long it may be and what it is called. */
export const list = <T>(
  item: Schema<T>,
  refine: (array: yup.ArraySchema<unknown[] | undefined, yup.AnyObject>) => yup.Schema = (array) =>
    array.required(said('refusals.any.giveAListOrAnEmptyOne')),
): Schema<readonly T[]> => {
  const schema = refine(yup.array(item.yup as yup.ISchema<unknown>));
  const lengths = lengthsOf(schema);
  const most = Number(lengths.maxItems ?? mostItems);
  const tooLong = yup
    .array()
    .required()
    .max(most, messageOf(schema, 'max') ?? said('refusals.any.thereAreAtMostOfThese', { most }));
  return {
    // How many there are is judged before any of them: otherwise a long list of nothing keeps everybody waiting.
    yup: yup.lazy((value: unknown) =>
      Array.isArray(value) && value.length > most ? tooLong : schema,
    ),
    json: { ...lengths, type: 'array', items: item.json },
  };
};

/** Where a list does not say how long it may be. */
const mostItems = 20_000;

/** What a test of a schema says where it fails. */
const messageOf = (schema: yup.Schema, test: string): Said | undefined => {
  const { message } = schema.tests.find(({ OPTIONS }) => OPTIONS?.name === test)?.OPTIONS ?? {};
  return isSaid(message) ? message : undefined;
};

/** The same schema for each of some fields. */
export const sameFor = <Key extends string, T>(
  keys: readonly Key[],
  schema: Schema<T>,
): { readonly [K in Key]: Schema<T> } =>
  Object.fromEntries(keys.map((key) => [key, schema])) as { readonly [K in Key]: Schema<T> };

/** May be left out. */
export const optional = <T>(schema: Schema<T>): Schema<T | undefined> => ({
  yup: yup.lazy((value: unknown) =>
    value === undefined ? yup.mixed().optional() : asSchema(schema),
  ),
  json: schema.json,
  isOptional: true,
});

/** May be null, but not left out. */
export const nullable = <T>(
  schema: Schema<T>,
  missing: Said = said('refusals.any.giveThisOrNull'),
): Schema<T | null> => ({
  yup: yup.lazy((value: unknown) =>
    value === null || value === undefined
      ? yup.mixed().nullable().defined(missing)
      : asSchema(schema),
  ),
  json: { anyOf: [schema.json, { type: 'null' }] },
});

type Kinds = Readonly<Record<string, Untyped & { readonly fields: AnyFields }>>;

/** One schema for each kind; which one holds is told by the field `kind`. */
export interface KindSchema<T> extends Schema<T> {
  readonly kinds: Kinds;
}

export function oneOfKind<T extends { readonly kind: string }>(
  kinds: { readonly [K in T['kind']]: RecordSchema<Extract<T, { readonly kind: K }>> },
  wrong?: Said,
): KindSchema<T> {
  return ofKinds(kinds, wrong);
}

function ofKinds<T>(kinds: Kinds, wrong?: Said): KindSchema<T> {
  const names = Object.keys(kinds);
  const ofNoKind = fields({
    kind: oneOf(names, {
      wrong: wrong ?? said('refusals.any.oneOf', { values: names.join(', ') }),
      missing: said('refusals.any.theKindIsMissing'),
    }),
  });
  return {
    kinds,
    yup: yup.lazy((value: unknown) => {
      const kind = kindOf(value);
      const known = kind !== undefined && Object.hasOwn(kinds, kind) ? kinds[kind] : undefined;
      return asSchema(known ?? ofNoKind);
    }),
    json: { oneOf: names.map((name) => kinds[name]?.json) },
  };
}

/** Every kind with the same fields more. */
export const withFields = <A extends object, B>(
  common: RecordSchema<A>,
  schema: KindSchema<B>,
): KindSchema<A & B> =>
  ofKinds(
    Object.fromEntries(
      Object.entries(schema.kinds).map(([kind, own]) => [
        kind,
        ofFields<never>({ ...common.fields, ...own.fields }),
      ]),
    ),
  );

/** One of the given numbers. */
export const oneOfNumbers = <const T extends number>(
  values: readonly T[],
  wrong: Said = said('refusals.any.oneOf', { values: values.join(', ') }),
): Schema<T> => ({
  yup: yup.number().oneOf(values, wrong).required(wrong),
  json: { enum: values },
});

/** One of two, told apart by looking. */
export const either = <A, B>(
  isFirst: (value: unknown) => boolean,
  first: Schema<A>,
  second: Schema<B>,
): Schema<A | B> => ({
  yup: yup.lazy((value: unknown) => asSchema(isFirst(value) ? first : second)),
  json: { anyOf: [first.json, second.json] },
});

export const kindOf = (value: unknown): string | undefined => {
  const kind = (value as { readonly kind?: unknown } | null | undefined)?.kind;
  return typeof kind === 'string' ? kind : undefined;
};

/** Yup takes what a lazy schema gives for a whole schema, lazy ones too. */
const asSchema = ({ yup: schema }: Untyped): yup.Schema => schema as yup.Schema;

interface Described {
  readonly type: string;
  readonly optional: boolean;
  readonly nullable: boolean;
  readonly oneOf: readonly unknown[];
  readonly tests: readonly {
    readonly name?: string;
    readonly params?: Readonly<Record<string, unknown>>;
  }[];
}

const lengthsOf = (schema: yup.Schema): JsonSchema => {
  const { tests } = schema.describe() as Described;
  return Object.fromEntries(
    tests.flatMap(({ name, params }) => {
      if (name === 'min') return [['minItems', params?.min]];
      return name === 'max' ? [['maxItems', params?.max]] : [];
    }),
  );
};

const limitNames: Readonly<Record<string, { readonly min: string; readonly max: string }>> = {
  string: { min: 'minLength', max: 'maxLength' },
  number: { min: 'minimum', max: 'maximum' },
};

function jsonOfLeaf({ type, nullable: mayBeNull, oneOf: values, tests }: Described): JsonSchema {
  const limits = limitNames[type];
  const isWhole = tests.some(({ name }) => name === 'integer');
  const typed = type === 'mixed' ? {} : { type: isWhole ? 'integer' : type };
  const bounds = tests.flatMap(({ name, params }): [string, unknown][] => {
    if (!limits) return [];
    if (name === 'min') {
      return 'more' in (params ?? {})
        ? [['exclusiveMinimum', params?.more]]
        : [[limits.min, params?.min]];
    }
    if (name === 'max') {
      return 'less' in (params ?? {})
        ? [['exclusiveMaximum', params?.less]]
        : [[limits.max, params?.max]];
    }
    return [];
  });
  const own: JsonSchema = {
    ...typed,
    ...Object.fromEntries(bounds),
    ...(values.length > 0 ? { enum: values } : {}),
  };
  return mayBeNull ? { anyOf: [own, { type: 'null' }] } : own;
}
