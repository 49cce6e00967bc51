import { useTranslation } from 'react-i18next';
import { bandColours } from '#core/bands/colours';
import type { Cable } from '#core/wiring/cable';
import { coreColour } from '#core/wiring/cableEnds';
import './cable.css';

/** Which core goes from where to where: its ends at both sides, and between them the wire in its colour. */
export function CablePicture({ cable }: { readonly cable: Pick<Cable, 'name' | 'cores'> }) {
  const { t } = useTranslation();
  return (
    <table className="cable-picture">
      <caption>{t('ui.cable.picture', { name: cable.name, count: cable.cores.length })}</caption>
      <tbody>
        {cable.cores.map((core, index) => {
          const named = coreColour(core);
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: two cores may be alike; their place tells them apart
            <tr key={index}>
              <th scope="row">{core.from}</th>
              <td className="cable-sheath">
                <span>{named ? t(`band.${named}`) : core.colour}</span>
                <svg viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true">
                  <rect
                    className={named ? 'cable-core' : 'cable-core cable-core-other'}
                    width={100}
                    height={6}
                    {...(named ? { fill: bandColours[named].srgb } : {})}
                  />
                </svg>
              </td>
              <td>{core.to}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
