import { type Board, emptyBoard } from '#core/board/board';
import { readPadList } from '#core/board/padlist/readPadList';
import { readPlacementList } from '#core/board/placementList';
import fernPlaces from './boards/fern-minder.csv?raw';
import fernPads from './boards/fern-minder.ipc?raw';
import pierPlaces from './boards/pier-chaser.csv?raw';
import pierPads from './boards/pier-chaser.ipc?raw';
import tidePlaces from './boards/tide-badge.csv?raw';
import tidePads from './boards/tide-badge.ipc?raw';
import twinPlaces from './boards/twin-lamp.csv?raw';
import twinPads from './boards/twin-lamp.ipc?raw';
import wireFinder from './boards/wire-finder.json';
import type { DemoKitName } from './scenario.ts';

interface Outline {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly planes?: readonly string[];
}

/** A printed board from its pad list and its positions, as the import of the application reads them. */
function printed(outline: Outline, pads: string, places: string): Board {
  const read = readPlacementList(places);
  if (!read.ok) throw new Error(read.problem.says);
  const { widthMm, heightMm, planes = [] } = outline;
  const list = readPadList(pads);
  return {
    ...emptyBoard(widthMm, heightMm, 'printed'),
    placements: read.value.placements,
    pads: list.pads,
    otherRecords: list.otherRecords,
    planes,
    diodePinOne: 'anode',
  };
}

/** The boards of the demo's kits. */
export const demoBoards: Readonly<Record<DemoKitName, Board>> = {
  'Twin Lamp': printed({ widthMm: 60.96, heightMm: 40.64 }, twinPads, twinPlaces),
  'Fern Minder': printed(
    { widthMm: 96.52, heightMm: 71.12, planes: ['GND'] },
    fernPads,
    fernPlaces,
  ),
  'Tide Badge': printed({ widthMm: 50.8, heightMm: 50.8 }, tidePads, tidePlaces),
  'Wire Finder': wireFinder as Board,
  'Pier Chaser': printed({ widthMm: 76.2, heightMm: 53.34 }, pierPads, pierPlaces),
};
