import type { Drill } from '../drill.ts';
import { alike } from './alike.ts';
import { place } from './place.ts';
import { prints } from './prints.ts';
import { read } from './read.ts';
import { twoReadings } from './twoReadings.ts';
import { whichEnd } from './whichEnd.ts';
import { bandsWords } from './words.ts';

/** Values from bands and prints (IEC 60062). */
export const bands: Drill = {
  id: 'bands',
  kinds: [read, place, whichEnd, alike, twoReadings, prints],
  words: bandsWords,
};
