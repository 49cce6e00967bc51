import { packageById } from './packages/index.ts';
import { readPackage } from './packages/readPackage.ts';
import type { Part } from './part.ts';
import { typeByNumber } from './types/findType.ts';
import type { Packaged, PartType } from './types/type.ts';

export interface Pinout {
  /** Names from left to right, flat face and print to the reader, leads down. */
  readonly pins: readonly string[];
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
  if (lotNote?.pinout && lotNote.pinout.length > 0) return { pins: lotNote.pinout, from: 'lot' };
  const found = value.kind === 'type' ? typeByNumber(value.print) : undefined;
  if (!found) return undefined;
  const packaged = packagedIn(found.type, `${said ?? ''} ${description ?? ''}`);
  if (!packaged.pinout) return undefined;
  return {
    pins: packaged.pinout,
    from: 'data sheet',
    ...(packaged.makersDiffer ? { makersDiffer: true } : {}),
  };
}

/** The body that a line names, of those in which the type is sold; else the usual one. */
export function packagedIn(type: PartType, text: string): Packaged {
  const named = readPackage(text, 'transistor');
  return type.packages.find(({ package: id }) => packageById(id) === named) ?? type.packages[0];
}
