import type { JsonSchema } from './schema.ts';

/** A way into a document: by the name of a field, or by what is known of an element of a list and where it stood. */
type Step = string | { readonly at: number; readonly element: unknown };

/** A field that a newer version wrote somewhere inside, with the way to where it stands. */
export interface NewerField {
  readonly way: readonly Step[];
  readonly name: string;
  readonly value: unknown;
}

interface Parted {
  readonly known: unknown;
  readonly newer: readonly NewerField[];
}

type Fields = Readonly<Record<string, unknown>>;

const isObject = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * What of a document this version knows, and what not. Whether what is known is right is not looked at.
 *
 * @param json what is known, as JSON Schema (2020-12, as far as the contract writes it)
 */
export function withoutNewer(value: unknown, json: JsonSchema): Parted {
  const schema = branchFor(value, json);
  if (Array.isArray(value)) {
    const items = value.map((item) => withoutNewer(item, (schema.items ?? {}) as JsonSchema));
    return {
      known: items.map(({ known }) => known),
      newer: items.flatMap(({ known, newer }, at) =>
        newer.map((field) => ({ ...field, way: [{ at, element: known }, ...field.way] })),
      ),
    };
  }
  const properties = schema.properties as Readonly<Record<string, JsonSchema>> | undefined;
  if (!isObject(value) || !properties) return { known: value, newer: [] };
  const known: Record<string, unknown> = {};
  const newer: NewerField[] = [];
  for (const [name, one] of Object.entries(value)) {
    const own = Object.hasOwn(properties, name) ? properties[name] : undefined;
    if (!own) {
      newer.push({ way: [], name, value: one });
      continue;
    }
    const parted = withoutNewer(one, own);
    known[name] = parted.known;
    newer.push(...parted.newer.map((field) => ({ ...field, way: [name, ...field.way] })));
  }
  return { known, newer };
}

/** Of several forms the one that has most of the value’s fields, and its kind. */
function branchFor(value: unknown, json: JsonSchema): JsonSchema {
  const branches = (json.anyOf ?? json.oneOf) as readonly JsonSchema[] | undefined;
  if (!branches) return json;
  const shared = (branch: JsonSchema): number => {
    if (Array.isArray(value)) return branch.type === 'array' ? 1 : 0;
    const properties = branch.properties as Readonly<Record<string, JsonSchema>> | undefined;
    if (!isObject(value) || !properties) return 0;
    const kinds = properties.kind?.enum as readonly unknown[] | undefined;
    if (kinds && !kinds.includes(value.kind)) return 0;
    return 1 + Object.keys(value).filter((name) => Object.hasOwn(properties, name)).length;
  };
  return [...branches].sort((a, b) => shared(b) - shared(a))[0] ?? json;
}

/**
 * Puts newer fields back to where they stood; those of an element of a list that has been changed or removed since are
 * left out, as nobody knows whether they are still true.
 */
export const withNewer = (document: Fields, newer: readonly NewerField[]): Fields =>
  newer.reduce((whole: unknown, field) => put(whole, field.way, field), document) as Fields;

function put(value: unknown, [step, ...way]: readonly Step[], field: NewerField): unknown {
  if (step === undefined) {
    return isObject(value) && !Object.hasOwn(value, field.name)
      ? { ...value, [field.name]: field.value }
      : value;
  }
  if (typeof step === 'string') {
    return isObject(value) && Object.hasOwn(value, step)
      ? { ...value, [step]: put(value[step], way, field) }
      : value;
  }
  if (!Array.isArray(value)) return value;
  const isIt = (item: unknown) => holds(item, step.element);
  const at = isIt(value[step.at]) ? step.at : value.findIndex(isIt);
  return value.map((item, index) => (index === at ? put(item, way, field) : item));
}

/** Whether something is what was known of it, newer fields that were put into it already aside. */
function holds(value: unknown, known: unknown): boolean {
  if (Array.isArray(known)) {
    return (
      Array.isArray(value) &&
      value.length === known.length &&
      known.every((item, index) => holds(value[index], item))
    );
  }
  if (!isObject(known)) return value === known;
  return isObject(value) && Object.entries(known).every(([name, one]) => holds(value[name], one));
}
