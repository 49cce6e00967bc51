import { familyOf } from '../parts/families/index.ts';
import type { Circuit, SupplyAt } from './circuit.ts';
import type { Feed } from './readings/stage.ts';

/** A bench supply or an adapter: within a twentieth of what it says (common practice). */
const steady = { fresh: 1.05, tired: 0.95, ohmPerVolt: 0.01 };

/** What feeds a board of a nominal voltage, from fresh to tired: by what holds its cells. */
export function feedOf({ devices }: Circuit, at: SupplyAt, volt: number): Feed {
  const part = devices.find(({ place }) => place === at.place)?.part;
  const { fresh, tired, ohmPerVolt } = (part && familyOf(part).cells) ?? steady;
  return {
    volt,
    freshVolt: volt * fresh,
    tiredVolt: volt * tired,
    ohm: Math.max(0.05, volt * ohmPerVolt),
  };
}
