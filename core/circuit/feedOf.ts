import { familyOf } from '../parts/families/index.ts';
import type { Circuit, SupplyAt } from './circuit.ts';
import type { FeedChoice } from './notes.ts';
import type { Feed } from './readings/stage.ts';

/** An adapter: within a twentieth of what it says (common practice). */
const steady = { fresh: 1.05, tired: 0.95, ohmPerVolt: 0.01 };

/** Set by hand to what its display says. */
const bench = { fresh: 1.02, tired: 0.98, ohmPerVolt: 0.01 };

/** What feeds a board of a nominal voltage, from fresh to tired: by what holds its cells. */
export function feedOf(
  { devices }: Circuit,
  at: SupplyAt,
  volt: number,
  choice: FeedChoice = 'own',
): Feed {
  const part = devices.find(({ place }) => place === at.place)?.part;
  const own = part && familyOf(part).cells;
  const { fresh, tired, ohmPerVolt } = choice === 'bench' ? bench : (own ?? steady);
  return {
    volt,
    freshVolt: volt * fresh,
    tiredVolt: volt * tired,
    ohm: Math.max(0.05, volt * ohmPerVolt),
  };
}
