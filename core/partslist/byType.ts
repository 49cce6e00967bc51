import { type BodyShape, bodyLengthMm } from '../parts/body.ts';
import { families } from '../parts/families/index.ts';
import type { PartFamily } from '../parts/family.ts';
import { type PackageId, packageById, packages } from '../parts/packages/index.ts';
import type { Package } from '../parts/packages/package.ts';
import { readPackage } from '../parts/packages/readPackage.ts';
import { hasChipPrint } from '../parts/types/chipPrints.ts';
import { type FoundType, findType, findTypes } from '../parts/types/findType.ts';
import type { Packaged, TypeKind } from '../parts/types/type.ts';
import { isInHead, type Scored } from './byWords.ts';
import type { Doubt } from './confidence.ts';
import { lettersOf, type Read } from './look.ts';
import { isOwnNumber } from './ownNumber.ts';
import { strangeWords } from './vocabulary.ts';

/** What a type number says of a line. */
export interface TypedReading {
  readonly family: PartFamily;
  readonly type: FoundType;
  /** The body that the line or the number tells, or in which the type is usually sold. */
  readonly packaged: Packaged;
  readonly doubts: readonly Doubt[];
}

/** Parts that are named after what they are for: a socket for an NE555, a heat sink for a 7805. */
const namedAfter: ReadonlySet<PartFamily['job']> = new Set([
  'socket',
  'mechanical',
  'connector',
  'supply',
]);

/** Named after what it is for, or what it carries: a module with an LM2596 on it is a module. */
export const isNamedAfter = ({ job, kinds }: PartFamily): boolean =>
  namedAfter.has(job) || (job === 'chip' && kinds === undefined);

/**
 * The type that a line names, in the family that takes it.
 *
 * @param scored what words say of the same line, likeliest first
 * @returns undefined where no type is known, or where the line is about something else for that type
 */
export function readType(read: Read, scored: readonly Scored[]): TypedReading | undefined {
  const found = findType(read.text);
  // `SS12D00` begins like a diode SS12.
  if (!found || isOwnNumber(found.print)) return undefined;
  const word = scored.find(({ byWord }) => byWord > 0);
  const isBesides = word && !isInHead(word, read) && findType(read.headText) !== undefined;
  if (word && isNamedAfter(word.family) && !isBesides) return undefined;
  const taking = families.filter(({ kinds }) => kinds?.includes(found.type.kind));
  if (found.needsWord && !isSpokenFor(taking, read, scored)) return undefined;
  const written = taking
    .map(({ job, mount }) => bodyIn(read.plainText, job, mount))
    .find((one) => one !== undefined);
  const packaged = packagedAs(found, written, read.mount);
  const family = familyFor(taking, packaged);
  if (!family) return undefined;
  return {
    family,
    type: found,
    packaged,
    doubts: doubtsOf(found, packaged, family, written, read, word),
  };
}

const bodyIn = (text: string, job: PartFamily['job'], mount: PartFamily['mount']) =>
  mount === 'through' || mount === 'surface' ? readPackage(text, job, mount) : undefined;

/** Digits alone are such a part only where the place or a word says so. */
const isSpokenFor = (taking: readonly PartFamily[], read: Read, scored: readonly Scored[]) =>
  taking.some(({ letters }) => letters.includes(lettersOf(read.designators))) ||
  scored.some(({ family, byWord }) => byWord > 0 && taking.some(({ job }) => job === family.job));

function packagedAs(
  { type, package: bySuffix }: FoundType,
  written: Package | undefined,
  mount: Read['mount'],
): Packaged {
  const [usual] = type.packages;
  const inWritten = written && type.packages.find(({ package: id }) => packageById(id) === written);
  // “DIP-28” of a chip that is sold in the narrow one: as many pins, fixed in the same way.
  const alike =
    written &&
    type.packages.find(
      ({ package: id, pins }) =>
        packageById(id).mount === written.mount && pins > 4 && pins === written.pins,
    );
  const suffixed = type.packages.find(({ package: id }) => id === bySuffix);
  // “LM358 SMD”: the one of its bodies that is fixed so.
  const fixedSo =
    written || mount === undefined
      ? undefined
      : type.packages.find(({ package: id }) => packageById(id).mount === mount);
  // A body that the type is not known in, fixed otherwise than the usual one: the list has it before it.
  const id = written?.mount === packageById(usual.package).mount ? undefined : idOf(written);
  const other = id && { package: id, pins: usual.pins };
  return inWritten ?? alike ?? suffixed ?? fixedSo ?? other ?? usual;
}

const idOf = (one: Package | undefined): PackageId | undefined =>
  (Object.keys(packages) as PackageId[]).find((id) => packages[id] === one);

/** The family that draws bodies of that form; where none does, one that is fixed in the same way. */
function familyFor(
  taking: readonly PartFamily[],
  { package: id }: Packaged,
): PartFamily | undefined {
  const { mount, shape, lengthMm } = packageById(id);
  return (
    taking.find((one) => one.mount === mount && one.body.shape === shape) ??
    nearest(
      taking.filter((one) => one.mount === mount),
      lengthMm,
    ) ??
    taking[0]
  );
}

/** Of families that draw another form, the one whose body is about as long. */
const nearest = (families: readonly PartFamily[], lengthMm: number): PartFamily | undefined =>
  [...families].sort((a, b) => offBy(a, lengthMm) - offBy(b, lengthMm))[0];
const offBy = ({ body }: PartFamily, lengthMm: number) =>
  Math.abs(bodyLengthMm(body, {}) - lengthMm);

const polarityWords: readonly (readonly [RegExp, readonly TypeKind[]])[] = [
  [/\bnpn\b/, ['npn']],
  [/\bpnp\b/, ['pnp']],
  [/\bn-?(channel|kanal|ch|fet|mos\w*)\b/, ['n-mosfet', 'n-jfet']],
  [/\bp-?(channel|kanal|ch|fet|mos\w*)\b/, ['p-mosfet', 'p-jfet']],
  [/\bzener\b|\bz-?diode\b/, ['zener']],
  [/\bschottky\b/, ['schottky']],
];

function doubtsOf(
  { type, inOtherBody, package: suffixed }: FoundType,
  { package: id, pins }: Packaged,
  family: PartFamily,
  written: Package | undefined,
  read: Read,
  word: Scored | undefined,
): Doubt[] {
  const doubts = new Set<Doubt>();
  // Another word of its own for another job: one of the two is a slip.
  if (
    word &&
    word.byWord >= 4 &&
    !isBody(word.word) &&
    word.family.job !== family.job &&
    !sameKin(word.family, family)
  ) {
    doubts.add('family');
  }
  // “TM1637 display” is one on a board of its own, and no bare chip; “7-segment driver” says what the chip does.
  const isShown = shows.test(read.plainText) && !drives.test(read.plainText);
  if (family.job === 'chip' && isShown) doubts.add('family');
  // A word that nobody here knows may make another thing of it: “WS2812 strip”.
  if (strangeWords(read.calledText, family, 'type').length > 0) doubts.add('family');
  // The number of what it is for tells nothing of what it is.
  if (!findType(read.aboutText)) doubts.add('family');
  for (const [sign, kinds] of polarityWords) {
    if (sign.test(read.plainText) && !kinds.includes(type.kind)) doubts.add('value');
  }
  const letters = lettersOf(read.designators);
  if (letters !== '' && !family.letters.includes(letters) && !forAnything.has(letters)) {
    const owners = families.filter((one) => one.letters[0] === letters);
    if (owners.length > 0 && owners.every((one) => one.job !== family.job)) doubts.add('family');
  }
  const body = packageById(id);
  if (!written && inOtherBody) doubts.add('package');
  if (!written && type.inAnyBody && !suffixed && read.mount === undefined) doubts.add('package');
  const isKnownIn = type.packages.some((one) => one.package === id);
  if (!isKnownIn) doubts.add('package');
  if (
    written &&
    written !== body &&
    !(pins > 4 && written.pins === body.pins && written.mount === body.mount)
  ) {
    doubts.add('package');
  }
  // A body that is fixed in another way: “WS2812B 5mm”.
  const elsewhere = written
    ? undefined
    : (readPackage(read.plainText, family.job)?.mount ?? read.mount);
  if (elsewhere && elsewhere !== body.mount) doubts.add('package');
  // No picture here has that form.
  const isDrawn = family.body.shape === body.shape || alikeInHand(family.body.shape, body.shape);
  if (body.mount !== family.mount || !isDrawn) doubts.add('package');
  const said = pinsIn(read.plainText);
  if (said !== undefined && said !== pins) doubts.add('pins');
  if (type.volt !== undefined && contradictsVolt(read.plainText, type.volt)) doubts.add('value');
  // “BC547 or BC557”: which of the two lies in the bag the line does not say.
  const others = findTypes(read.text).filter((one) => one.type !== type);
  if (others.some(({ needsWord }) => !needsWord)) doubts.add('value');
  // “1N4007 M7”: a print that the same part has in another body.
  if (others.some((one) => one.needsWord && one.type.kind === type.kind)) doubts.add('package');
  if (body.mount === 'through' && hasChipPrint(type.number, read.text)) doubts.add('package');
  return [...doubts];
}

/** By older habits V is any semiconductor and N any analogue chip (common practice). */
const forAnything: ReadonlySet<string> = new Set(['V', 'N']);

/** Transistors are called by their body too, and others have it as well: “78L05 TO-92”. */
const isBody = (word: string): boolean => /^(?:to|sot|sod|do)-?\d/.test(word);

const shows = /\b(display|displays|anzeige|pantalla|afficheur)\b/;
const drives = /\b(driver|decoder|counter|treiber|decodificador|controlador|controller|zahler)\b/;

/** A TO-92S is a thinner TO-92. */
const alikeInHand = (a: BodyShape, b: BodyShape) => a === 'half-round' && b === 'slab';

/** Chips, regulators and sensors are called by each other’s words on many lists. */
const loose: ReadonlySet<PartFamily['job']> = new Set(['chip', 'regulator', 'display', 'light']);
const sameKin = (a: PartFamily, b: PartFamily) => loose.has(a.job) && loose.has(b.job);

const pinsIn = (text: string): number | undefined => {
  const found = /\b(\d{1,2})[ -]?(?:pins?|polig|pol|poles?|way|broches|pines)\b/.exec(text);
  return found ? Number(found[1]) : undefined;
};

/** The one voltage that a line names is not that of the type. */
function contradictsVolt(text: string, volt: number): boolean {
  const named = [
    ...text.matchAll(/(?:^|[\s(,;/±+-])(\d{1,3}(?:[.,]\d{1,2})?)\s?v(?:dc)?(?=[\s),;/]|$)/g),
  ].map(([, digits]) => Number((digits ?? '').replace(',', '.')));
  return named.length === 1 && named.every((one) => Math.abs(one / volt - 1) > 0.02);
}
