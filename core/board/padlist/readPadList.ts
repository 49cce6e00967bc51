import { type Said, said } from '../../learning/said.ts';
import type { Pad } from '../board.ts';
import { type Field, fieldOf, longName, notConnected, operations } from './record.ts';

export interface PadListReading {
  readonly pads: readonly Pad[];
  /** Records that say nothing about pads, word for word and in their order. */
  readonly otherRecords: readonly string[];
  /** What could not be understood, by line. */
  readonly problems: readonly PadListProblem[];
}

export interface PadListProblem {
  /** Counted from 1. */
  readonly line: number;
  readonly message: Said;
}

const mostLines = 20_000;

/** Lengths are whole numbers of these: UNITS CUST 0 and 2 are ten-thousandths of an inch, CUST 1 thousandths of a mm. */
const unitMm = { inch: 0.00254, metric: 0.001 } as const;

/**
 * Reads a pad and net list in IPC-D-356A: through, surface and unplated pads on both sides, drill sizes, long net names
 * and continuation records, in inches or millimetres. Whatever else there is is kept and reported, never dropped.
 */
export function readPadList(text: string): PadListReading {
  const pads: Pad[] = [];
  const otherRecords: string[] = [];
  const problems: PadListProblem[] = [];
  const names = new Map<string, string>();
  let unit: number = unitMm.inch;
  let radians = false;
  const lines = text.split(/\r\n|\r|\n/);
  if (lines.length > mostLines) {
    problems.push({
      line: mostLines + 1,
      message: said('lists.placements.onlyTheFirstLinesAreReadSplit', { mostLines }),
    });
  }
  for (const [index, line] of lines.slice(0, mostLines).entries()) {
    const number = index + 1;
    if (line.trim() === '') continue;
    if (line.startsWith('999')) break;
    if (line.startsWith('C')) {
      otherRecords.push(line);
      continue;
    }
    if (line.startsWith('P')) {
      const name = line.match(new RegExp(`^P\\s+(${longName}\\S+)\\s(.*)$`));
      if (name) {
        names.set(name[1] ?? '', (name[2] ?? '').trim());
        continue;
      }
      const units = /^P\s+UNITS\s(.+)$/i.exec(line)?.[1]?.trim().toUpperCase();
      if (units !== undefined) {
        const known = readUnits(units);
        if (known) ({ unit, radians } = known);
        else {
          problems.push({
            line: number,
            message: said('lists.placements.areUnitsThatAreNotKnownRead', { units }),
          });
          unit = unitMm.inch;
        }
        continue;
      }
      otherRecords.push(line);
      continue;
    }
    const operation = fieldOf(line, 'operation');
    if (/^0[123]7$/.test(operation)) {
      const last = pads.at(-1);
      if (!last)
        problems.push({
          line: number,
          message: said('lists.placements.thisRecordContinuesNothingItIsKept'),
        });
      if (!last) otherRecords.push(line);
      else pads[pads.length - 1] = continued(last, line, unit);
      continue;
    }
    if (!(Object.values(operations) as string[]).includes(operation)) {
      otherRecords.push(line);
      problems.push({
        line: number,
        message: said('lists.placements.isNoPadTheRecordIsKept', { operation }),
      });
      continue;
    }
    const pad = readPad(line, operation, { unit, radians, names });
    if ('says' in pad) {
      otherRecords.push(line);
      problems.push({ line: number, message: pad });
    } else pads.push(pad);
  }
  return { pads, otherRecords, problems };
}

function readUnits(units: string): { unit: number; radians: boolean } | undefined {
  switch (units) {
    case 'CUST 0':
    case 'CUST':
    case 'ENGLISH':
      return { unit: unitMm.inch, radians: false };
    case 'CUST 1':
    case 'SI':
    case 'METRIC':
      return { unit: unitMm.metric, radians: false };
    case 'CUST 2':
      return { unit: unitMm.inch, radians: true };
    default:
      return undefined;
  }
}

interface Context {
  readonly unit: number;
  readonly radians: boolean;
  readonly names: ReadonlyMap<string, string>;
}

/** @returns the pad, or why the record cannot be one and what happens to it */
function readPad(line: string, operation: string, { unit, radians, names }: Context): Pad | Said {
  const x = signed(line, 'x', 'X');
  const y = signed(line, 'y', 'Y');
  if (x === undefined || y === undefined) {
    return said('lists.placements.noPositionCanBeReadColumns42');
  }
  const width = sized(line, 'width', 'X') ?? 0;
  const drill = sized(line, 'drill', 'D');
  const short = fieldOf(line, 'net').trim();
  const net = names.get(short) ?? short;
  const access = fieldOf(line, 'access').trim();
  const turn = sized(line, 'rotation', 'R') ?? 0;
  const length = (value: number) => Number((value * unit).toFixed(4));
  return {
    place: fieldOf(line, 'place').trim(),
    pin: fieldOf(line, 'pin').trim(),
    net: net === '' || net === notConnected ? null : net,
    xMm: length(x),
    yMm: length(y),
    widthMm: length(width),
    heightMm: length(sized(line, 'height', 'Y') || width),
    rotation: radians ? Number(((turn / 1000) * (180 / Math.PI)).toFixed(3)) : turn,
    side:
      operation !== operations.surface || access === 'A00'
        ? 'both'
        : access === 'A01' || access === ''
          ? 'top'
          : 'bottom',
    drillMm: drill === undefined ? null : length(drill),
    plated: operation !== operations.hole && fieldOf(line, 'plating') !== 'U',
    // Height left out means round; a square pad says both sizes (common practice of what writes such files).
    square: (sized(line, 'height', 'Y') ?? 0) > 0 && operation === operations.through,
  };
}

/** What a continuation record says besides: the sizes of the pad, its drill. */
function continued(pad: Pad, line: string, unit: number): Pad {
  const length = (value: number) => Number((value * unit).toFixed(4));
  const width = sized(line, 'width', 'X');
  const height = sized(line, 'height', 'Y');
  const drill = sized(line, 'drill', 'D');
  return {
    ...pad,
    ...(width ? { widthMm: length(width), heightMm: length(height || width) } : {}),
    ...(drill === undefined ? {} : { drillMm: length(drill) }),
  };
}

/** `X+001234`, `X 001234` or `X-001234`. */
function signed(line: string, field: Field, letter: string): number | undefined {
  const found = new RegExp(`^${letter}([+\\- ]?)(\\s*\\d{1,6})$`).exec(
    fieldOf(line, field).trimEnd(),
  );
  if (!found) return undefined;
  const value = Number((found[2] ?? '').trim());
  // No such thing as minus nothing.
  return found[1] === '-' && value !== 0 ? -value : value;
}

/** `X0600`, `D0320`, `R090`. */
function sized(line: string, field: Field, letter: string): number | undefined {
  const found = new RegExp(`^${letter}(\\d{1,4})$`).exec(fieldOf(line, field).trim());
  return found ? Number(found[1]) : undefined;
}
