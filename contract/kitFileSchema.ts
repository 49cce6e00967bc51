import { kitDocumentSchema } from './kitDocument.ts';
import type { JsonSchema } from './schema.ts';

/** The picture of a kit file lies beside the document, which names its path. */
const picturePath = { type: 'string', pattern: '^pictures/.+\\.(png|jpeg|webp|svg)$' };

const withPicturePath = (json: unknown): unknown => {
  if (Array.isArray(json)) return json.map(withPicturePath);
  if (typeof json !== 'object' || json === null) return json;
  const entries = Object.entries(json).map(([key, value]) => [
    key,
    key === 'image' ? picturePath : withPicturePath(value),
  ]);
  return Object.fromEntries(entries);
};

/** `kit.json` of a kit file as JSON Schema (2020-12), for other programs; newer versions may have more fields. */
export const kitFileSchema: JsonSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'Kit file of Ozzet, version 1',
  description:
    'What kit.json in a .ozzet-kit file (a zip) holds: the parts list, known problems, the board, the order of soldering. Lengths are in millimetres, values in base units (ohm, farad, henry, hertz, volt).',
  ...(withPicturePath(kitDocumentSchema.json) as JsonSchema),
  additionalProperties: true,
};
