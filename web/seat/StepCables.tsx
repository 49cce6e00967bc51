import { useTranslation } from 'react-i18next';
import type { Cable } from '#core/wiring/cable';
import { cablesAt } from '#core/wiring/cableEnds';
import { CablePicture } from '../ui/wiring/CablePicture.tsx';

interface StepCablesProps {
  /** All of the kit. */
  readonly cables: readonly Cable[];
  /** What is soldered now. */
  readonly places: readonly string[];
}

/** The cables of a step: what they go through first, and which core goes where. */
export function StepCables({ cables, places }: StepCablesProps) {
  const { t } = useTranslation();
  return cablesAt(cables, new Set(places)).map((cable) => (
    <section key={cable.name}>
      <h2>{t('seat.cable', { name: cable.name })}</h2>
      {cable.through && (
        <p className="way way-matters">{t('seat.cableThrough', { what: cable.through })}</p>
      )}
      <CablePicture cable={cable} />
    </section>
  ));
}
