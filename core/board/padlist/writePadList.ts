import type { Pad } from '../board.ts';
import { endOfFile, longName, notConnected, operations, recordOf } from './record.ts';

export interface PadListToWrite {
  readonly pads: readonly Pad[];
  readonly otherRecords: readonly string[];
  readonly units: 'inch' | 'metric';
}

const netWidth = 14;
/** What fits the size fields. */
const largestSize = 9999;

/** Writes pads and nets as IPC-D-356A. Read again, they are the same pads to a micrometre (metric) or 2.54 of them (inch). */
export function writePadList({ pads, otherRecords, units }: PadListToWrite): string {
  const perMm = units === 'inch' ? 1 / 0.00254 : 1000;
  const names = longNames(pads);
  const lines = [
    ...otherRecords.filter((line) => /^[CP]/.test(line)),
    `P  UNITS CUST ${units === 'inch' ? 0 : 1}`,
    ...[...names].map(([net, short]) => `P  ${short} ${net}`),
    ...pads.map((pad) => padRecord(pad, names, perMm)),
    ...otherRecords.filter((line) => !/^[CP]/.test(line)),
    endOfFile,
  ];
  return `${lines.join('\r\n')}\r\n`;
}

function padRecord(pad: Pad, names: ReadonlyMap<string, string>, perMm: number): string {
  const size = (letter: string, mm: number, digits = 4) =>
    letter + String(Math.min(largestSize, Math.round(mm * perMm))).padStart(digits, '0');
  const place = (letter: string, mm: number) => {
    const whole = Math.round(mm * perMm);
    return `${letter}${whole < 0 ? '-' : '+'}${String(Math.abs(whole)).padStart(6, '0')}`;
  };
  const round = pad.side === 'both' && !pad.square && pad.widthMm === pad.heightMm;
  return recordOf({
    operation:
      pad.side !== 'both' ? operations.surface : pad.plated ? operations.through : operations.hole,
    net: pad.net === null ? notConnected : (names.get(pad.net) ?? pad.net),
    place: pad.place,
    dash: pad.pin === '' ? ' ' : '-',
    pin: pad.pin,
    drill: pad.drillMm === null ? '' : size('D', pad.drillMm),
    plating: pad.drillMm === null ? '' : pad.plated ? 'P' : 'U',
    access: { both: 'A00', top: 'A01', bottom: 'A02' }[pad.side],
    x: place('X', pad.xMm),
    y: place('Y', pad.yMm),
    width: size('X', pad.widthMm),
    // A round pad has one size.
    height: round ? 'Y0000' : size('Y', pad.heightMm),
    rotation: `R${String(Math.round(pad.rotation) % 360).padStart(3, '0')}`,
  });
}

/** Nets that do not fit their field, or would be taken for a short name, stand in parameters. */
function longNames(pads: readonly Pad[]): Map<string, string> {
  const nets = [...new Set(pads.flatMap(({ net }) => (net === null ? [] : [net])))];
  const long = nets.filter(
    (net) => net.length > netWidth || net.startsWith(longName) || net === notConnected,
  );
  return new Map(long.map((net, index) => [net, `${longName}${index + 1}`]));
}
