import {
  type Hands,
  type HeatSetup,
  type HeatState,
  solderCelsius,
  solderLiquid,
} from '../../../joint/heat/model.ts';
import { type Said, said } from '../../said.ts';

/** What happens, in words: “pad 190 °C, lead 160 °C: not yet”. */
export function statusWords(setup: HeatSetup, state: HeatState, hands: Hands): Said {
  const { liquidus } = setup.alloy;
  const figures = {
    tip: Math.round(state.tip),
    pad: Math.round(state.pad),
    lead: Math.round(state.lead),
    solder: Math.round(solderCelsius(setup, state)),
  };
  const liquid = solderLiquid(setup, state);
  if (hands.iron === 'away') {
    if (state.solderGrams === 0) return said('drill.heat.not.ready', figures);
    return said(liquid > 0 ? 'drill.heat.not.freezing' : 'drill.heat.not.solid', figures);
  }
  const hot = [state.pad, state.lead].filter((celsius) => celsius > liquidus).length;
  if (liquid > 0.5 && hot === 2) return said('drill.heat.not.flowing', figures);
  return said(`drill.heat.not.${(['cold', 'one', 'both'] as const)[hot] ?? 'cold'}`, figures);
}
