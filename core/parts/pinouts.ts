import type { BodyShape } from './body.ts';
import { packageById } from './packages/index.ts';
import { readPackage } from './packages/readPackage.ts';
import type { Part } from './part.ts';
import { type FoundType, typeByNumber } from './types/findType.ts';
import type { Packaged } from './types/type.ts';

/**
 * `left`: from left to right, flat face and print to the reader, leads down. `tab`: clockwise from the tab of a metal
 * can, seen from below. `case`: pin 1, pin 2, and the case itself.
 */
export type CountedFrom = 'left' | 'tab' | 'case';

export interface Pinout {
  readonly pins: readonly string[];
  readonly counted: CountedFrom;
  readonly from: 'data sheet' | 'lot';
  /** Makers order these leads differently: only the sheet of this batch tells. */
  readonly makersDiffer?: true;
}

type Typed = Pick<Part, 'value' | 'lotNote'> & Partial<Pick<Part, 'package' | 'description'>>;

/** The leads of a part: by the note of its batch, else by its type; undefined where neither says. */
export function pinoutOf({
  value,
  lotNote,
  package: said,
  description,
}: Typed): Pinout | undefined {
  if (lotNote?.pinout && lotNote.pinout.length > 0)
    return { pins: lotNote.pinout, counted: 'left', from: 'lot' };
  const found = value.kind === 'type' ? typeByNumber(value.print) : undefined;
  if (!found) return undefined;
  const packaged = packagedIn(found, `${said ?? ''} ${description ?? ''}`);
  if (!packaged.pinout) return undefined;
  return {
    pins: packaged.pinout,
    counted: countedBy[packageById(packaged.package).shape] ?? 'left',
    from: 'data sheet',
    ...(packaged.makersDiffer ? { makersDiffer: true } : {}),
  };
}

const countedBy: Partial<Readonly<Record<BodyShape, CountedFrom>>> = { can: 'tab', flange: 'case' };

/** The body that a line names, of those in which the type is sold; else what its number ends on, else the usual one. */
export function packagedIn({ type, package: bySuffix }: FoundType, text: string): Packaged {
  const { packages } = type;
  const named = readPackage(text, 'transistor');
  return (
    packages.find(({ package: id }) => packageById(id) === named) ??
    packages.find(({ package: id }) => id === bySuffix) ??
    packages[0]
  );
}
