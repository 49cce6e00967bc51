// What opens lists: loaded beside the pages where one can be chosen.
export {
  largestFile,
  openFile,
  sheetAsCsv,
  textAsCsv,
  tooLarge,
} from '#core/partslist/files/openFile';
export { readTable } from '#core/partslist/readTable';
