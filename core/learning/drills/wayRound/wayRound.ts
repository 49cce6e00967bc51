import type { Drill } from '../drill.ts';
import { hole } from './hole.ts';
import { turn } from './turn.ts';
import { wayRoundWords } from './words.ts';

/** Polarity, and left and right on the solder side. */
export const wayRound: Drill = { id: 'wayRound', kinds: [turn, hole], words: wayRoundWords };
