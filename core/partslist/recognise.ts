import { families } from '../parts/families/index.ts';
import { other } from '../parts/families/other.ts';
import { recognised } from '../parts/families/recognised.ts';
import type { PartFamily } from '../parts/family.ts';
import { packageById } from '../parts/packages/index.ts';
import { readPackage } from '../parts/packages/readPackage.ts';
import { isNamedAfter, readType, type TypedReading } from './byType.ts';
import {
  contradicted,
  isClearOf,
  isMisspelt,
  type Scored,
  scoreFamilies,
  sureFrom,
} from './byWords.ts';
import type { Confidence, Doubt } from './confidence.ts';
import { type Evidence, look, type Read } from './look.ts';
import { namesOf } from './names.ts';
import { plain } from './plain.ts';
import { strangeNumbers, strangeWords } from './vocabulary.ts';

export interface Recognition {
  readonly family: PartFamily;
  readonly confidence: Confidence;
  /** What else it could be, likeliest first. */
  readonly others: readonly PartFamily[];
  /** What of it is doubtful; the value itself is judged by whoever reads it. */
  readonly doubts: readonly Doubt[];
  /** The type that the line names, where one is known. */
  readonly typed?: TypedReading;
}

const shownOthers = 4;

/** The family of a part, from what a person wrote about it. */
export function recognise(evidence: Evidence): Recognition {
  const read: Read = { ...evidence, ...look(evidence) };
  const scored = scoreFamilies(read);
  const typed = readType(read, scored);
  if (typed) {
    const { family, doubts } = typed;
    return {
      family,
      confidence: doubts.length === 0 ? 'sure' : 'unsure',
      others: othersThan(family, scored),
      doubts,
      typed,
    };
  }
  const [first] = scored;
  if (!first) return { family: other, confidence: 'unknown', others: [], doubts: ['family'] };
  const best = fixedAsWritten(first, scored, read);
  const others = scored.filter((one) => one !== best);
  const clear = best.score >= sureFrom && others.every((one) => isClearOf(best, one));
  // Which of several bodies it comes in, the number of its type would tell.
  const isOpen = comesInOthers(best.family) && !namesBody(best.family, read);
  const isFamily =
    clear &&
    !isOpen &&
    !isMisspelt(best) &&
    !contradicted(best.family, read) &&
    !saysNoPlus(best.family, read) &&
    !namesAnother(best.family, read) &&
    strangeWords(read.calledText, best.family, 'words').length === 0 &&
    (isNamedAfter(best.family) || strangeNumbers(read.calledText, best.family).length === 0);
  const doubts: Doubt[] = [
    ...(isFamily ? [] : (['family'] as const)),
    ...([contradictsBody, standsThough, hasOtherSize, mayStand, liesFlat].some((says) =>
      says(best.family, read),
    )
      ? (['package'] as const)
      : []),
  ];
  return {
    family: best.family,
    confidence: doubts.length === 0 ? 'sure' : 'unsure',
    others: othersThan(best.family, scored),
    doubts,
  };
}

/** The same; where the line leaves the kind open, what is remarked beside it may tell: “10 µF”, “Elko, Polung beachten”. */
export function recogniseBeside(evidence: Evidence, remarks: string): Recognition {
  const read = recognise(evidence);
  if (remarks === '' || read.typed || !read.doubts.includes('family')) return read;
  const more = recognise({
    ...evidence,
    called: evidence.called ?? evidence.text,
    text: `${evidence.text} ${remarks}`,
  });
  const isOneOfThem = [read.family, ...read.others].includes(more.family);
  // “Sockel” beside a chip: what it goes into.
  const isHolder = more.family.role === 'socket';
  return more.confidence === 'sure' && !more.typed && isOneOfThem && !isHolder ? more : read;
}

const othersThan = (family: PartFamily, scored: readonly Scored[]) =>
  scored
    .map((one) => one.family)
    .filter((one) => one !== family)
    .slice(0, shownOthers);

/** Of families that do the same job, the one whose body the line names. */
function fixedAsWritten(best: Scored, scored: readonly Scored[], read: Read): Scored {
  const { job, mount } = best.family;
  if (!contradictsBody(best.family, read)) return best;
  return (
    scored.find(
      ({ family }) =>
        family.job === job && family.mount !== mount && !contradictsBody(family, read),
    ) ?? best
  );
}

/** Other families take the same types in other bodies. */
const comesInOthers = (family: PartFamily): boolean =>
  family.kinds?.some((kind) =>
    families.some((other) => other !== family && other.kinds?.includes(kind)),
  ) ?? false;

/** The line names a body, or calls the part by the name that only this kind has. */
const namesBody = (family: PartFamily, { plainText, words }: Read): boolean =>
  (family.mount === 'through' || family.mount === 'surface'
    ? readPackage(plainText, family.job, family.mount)?.shape === family.body.shape
    : true) || namesOf(family).some((name) => name.includes(' ') && words.includes(` ${name} `));

/** Whether some text, in a column whose meaning nobody knows, says that the part is fixed in another way. */
export const isFixedOtherwise = (family: PartFamily, text: string): boolean =>
  contradictsBody(family, { ...look({ text, designators: [] }), text, designators: [] });

/** “RGB” or “common cathode” remarked of an LED that is drawn with one colour and two leads. */
export const hasMoreColours = ({ job, joints }: PartFamily, remarks: string): boolean =>
  job === 'light' &&
  joints({}) === 2 &&
  /\b(?:rgb\w*|bi-?colou?r|multi-?colou?r|dual colou?r|(?:two|2|three|3) colou?rs?|zweifarb\w*|dreifarb\w*|bicolor|tricolor|common (?:anode|cathode)|gemeinsame (?:anode|kathode)|[aá]nodo com[uú]n|c[aá]todo com[uú]n)\b/i.test(
    remarks,
  );

/** “LED, red”: most are of one size, and this one may be of another. */
export const leavesBodyOpen = (family: PartFamily, text: string): boolean =>
  recognised(family).saysBody?.test(plain(text)) === false;

/** “Metal” of a transistor that is drawn in plastic: most numbers that come in cans come in both (common practice). */
export const isMetalThough = ({ job, body }: PartFamily, text: string): boolean =>
  job === 'transistor' && body.shape === 'half-round' && /\bmetal(?!-?oxid)/.test(plain(text));

/** The line names a body that is fixed in another way than this kind of part. */
function contradictsBody({ job, mount }: PartFamily, read: Read): boolean {
  if (mount !== 'through' && mount !== 'surface') return false;
  const named = readPackage(read.plainText, job)?.mount ?? read.mount;
  return named !== undefined && named !== mount;
}

/** An electrolytic one without a plus is another part: nothing to turn, and no stripe. */
const saysNoPlus = ({ job, polarity }: PartFamily, { plainText }: Read): boolean =>
  job === 'capacitor' &&
  polarity === 'polarised' &&
  /\b(?:np|bp|non-?polar\w*|bipolar\w*|unpolar\w*|ungepolt\w*|no polar\w*)\b/.test(plainText);

/** “LED green, 1k”: the value is that of another part in the same line. */
const namesAnother = ({ job }: PartFamily, { units }: Read): boolean =>
  job === 'light' && (units.has('ohm') || units.has('farad'));

/** It is said to lie, and this kind stands: another build of it, or one that is bent over. */
function standsThough({ job, body, mount }: PartFamily, { plainText }: Read): boolean {
  if (job !== 'capacitor' || mount !== 'through' || body.shape === 'rod') return false;
  return saysItLies.test(plainText) && readPackage(plainText, job, mount)?.shape !== 'rod';
}

/** Of LEDs the size is the body: 2 x 5 mm and 1.8 mm are none that is drawn here. */
const hasOtherSize = ({ job, mount }: PartFamily, { plainText }: Read): boolean =>
  job === 'light' &&
  mount === 'through' &&
  saysSize.test(plainText) &&
  readPackage(plainText, job, mount) === undefined;

/** Crystals for the surface are called by length and width in tenths of a millimetre (common practice). */
const liesFlat = ({ job }: PartFamily, { plainText }: Read): boolean =>
  job === 'timebase' && /\b(?:1612|2016|2520|3225|5032|6035|7050)\b/.test(plainText);

/** From a millihenry on coils lie as often as they stand (common practice). */
const mayStand = ({ job, body }: PartFamily, { plainText }: Read): boolean =>
  job === 'inductor' &&
  body.shape === 'rod' &&
  /\d\s?mh\b/.test(plainText) &&
  !/axial/.test(plainText);

const saysSize = /\d\s?mm\b|\d\s?x\s?\d/;

const saysItLies =
  /\b(axial\w*|lying|laid flat|bent flat|bend flat|liegend\w*|liggend\w*|couchee?s?|a plat|tumbad[oa]s?|acostad[oa]s?)\b/;

/** Pins of the body that a type is read in; undefined where the line names no type. */
export const pinsOfType = ({ typed }: Recognition): number | undefined =>
  typed && (packageById(typed.packaged.package).pins ?? typed.packaged.pins);
