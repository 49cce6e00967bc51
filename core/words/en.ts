import { drillsEnglish } from './drills.en.ts';
import { staffEnglish } from './staff.en.ts';
import { tradeEnglish } from './trade.en.ts';

/** Everything that is said in English; other languages are measured by it. */
export const english = { ...tradeEnglish, ...staffEnglish, ...drillsEnglish };
