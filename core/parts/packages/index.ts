import { axial } from './axial.ts';
import { legged } from './legged.ts';
import type { Package } from './package.ts';
import { button, can, disc, film, filmPitchesMm, standing } from './radial.ts';
import { surface } from './surface.ts';
import { twoRows } from './twoRows.ts';

/** Bodies with a name of their own; a new one is a row in one of these files. */
export const packages = { ...axial, ...legged, ...standing, ...twoRows, ...surface };

export type PackageId = keyof typeof packages;

/** In the order of the files: names of digits alone would come first of all. */
export const packageIds = [axial, legged, standing, twoRows, surface].flatMap((table) =>
  Object.keys(table),
) as PackageId[];

export const packageById = (id: PackageId): Package => packages[id];

/** Bodies told by a figure rather than a name, in their usual sizes: what the guide shows of them. */
export const measuredPackages: readonly Package[] = [
  ...(
    [
      [4, 7],
      [5, 7],
      [5, 11],
      [6.3, 11],
      [8, 12],
      [10, 13],
      [10, 17],
      [10, 20],
      [13, 21],
      [13, 25],
      [16, 26],
    ] as const
  ).map(([diameter, height]) => can(diameter, height)),
  ...filmPitchesMm.flatMap((pitch) => film(pitch) ?? []),
  ...[5, 7, 10].map((diameter) => disc(diameter, 5)),
  ...[4.3, 5, 6, 7, 9.5, 13].map(button),
];
