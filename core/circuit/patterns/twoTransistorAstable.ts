import type { Pattern } from './pattern.ts';
import { across, doesJob, faradOf, isA, netAtLead, ohmOf, onNet } from './seeing.ts';

/** Each collector is joined to the other base by a capacitor, each base to plus by a resistor: 0.69 (R1 C1 + R2 C2) a round (common practice). */
export const twoTransistorAstable: Pattern = {
  id: 'two-transistor-astable',
  find: (seeing) => {
    const transistors = seeing.devices.filter((device) => isA(device, 'bipolar'));
    return transistors.flatMap((one, index) =>
      transistors.slice(index + 1).flatMap((other) => {
        const half = (from: typeof one, to: typeof one) => {
          const base = netAtLead(to, 'base');
          const capacitor = onNet(seeing, base).find(
            (device) =>
              doesJob(device, 'capacitor') &&
              across(device, base ?? '') === netAtLead(from, 'collector'),
          );
          const resistor = onNet(seeing, base).find((device) => {
            const far = across(device, base ?? '');
            return ohmOf(device) !== undefined && far !== undefined && seeing.plus.has(far);
          });
          return capacitor && resistor ? { capacitor, resistor } : null;
        };
        const [first, second] = [half(one, other), half(other, one)];
        if (!first || !second) return [];
        const seconds = [first, second].reduce(
          (sum, { capacitor, resistor }) =>
            sum + 0.69 * (faradOf(capacitor) ?? 0) * (ohmOf(resistor) ?? 0),
          0,
        );
        return [
          {
            places: [one.place, other.place, first.capacitor.place, second.capacitor.place],
            ...(seconds > 0 ? { hertz: 1 / seconds } : {}),
          },
        ];
      }),
    );
  },
};
