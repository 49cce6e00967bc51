import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { Circuit } from '#core/circuit/circuit';
import { modelOf } from '#core/circuit/models/index';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { partName } from '#core/words/partWords';

interface BehaviourProps {
  readonly parts: readonly Part[];
  readonly circuit: Circuit;
}

/** How each part is taken to behave, where that is from, and of which nobody has said it. */
export function Behaviour({ parts, circuit }: BehaviourProps) {
  const { t } = useTranslation();
  const onNets = new Set(
    circuit.devices.filter(({ netAt }) => Object.keys(netAt).length > 1).map(({ place }) => place),
  );
  const shown = parts.filter(({ designators }) => designators.some((place) => onNets.has(place)));
  if (shown.length === 0) return null;
  return (
    <details className="circuit-behaviour">
      <summary>
        <Typography variant="h2" component="span">
          {t('kits.circuit.behaviour')}
        </Typography>
      </summary>
      <p>{t('kits.circuit.behaviourAbout')}</p>
      <ul>
        {shown.map((part) => {
          const model = modelOf(part);
          const assumed = model?.assumes?.(part);
          return (
            <li key={part.designators.join(' ')}>
              <strong>{shortDesignators(part.designators)}</strong> {partName(t, part)}:{' '}
              {model ? t(`kits.circuit.model.${model.id}`) : t('kits.circuit.modelUnknown')}
              {assumed && ` ${t(`kits.circuit.assumed.${assumed}`)}`}
            </li>
          );
        })}
      </ul>
    </details>
  );
}
