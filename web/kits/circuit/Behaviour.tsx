import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Circuit, Device } from '#core/circuit/circuit';
import { modelOf } from '#core/circuit/models/index';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { partName } from '#core/words/partWords';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { SayBehaviour } from './SayBehaviour.tsx';
import { useCircuitNotes } from './useCircuitNotes.ts';

interface BehaviourProps {
  readonly parts: readonly Part[];
  readonly circuit: Circuit;
}

/** How each part is taken to behave, where that is from, and of which nobody has said it; the instructor may. */
export function Behaviour({ parts, circuit }: BehaviourProps) {
  const { t } = useTranslation();
  const shown = parts.flatMap((part) => {
    const devices = circuit.devices.filter(
      ({ place, netAt }) => part.designators.includes(place) && Object.keys(netAt).length > 1,
    );
    return devices[0] ? [{ part, devices, first: devices[0] }] : [];
  });
  if (shown.length === 0) return null;
  // What nobody knows stands first, and open: it is what the figures lack.
  const known = ({ first }: (typeof shown)[number]) => (modelOf(first) ? 1 : 0);
  const sorted = shown.toSorted((a, b) => known(a) - known(b));
  return (
    <details className="circuit-behaviour" open={sorted.some((one) => known(one) === 0)}>
      <summary>
        <Typography variant="h2" component="span">
          {t('kits.circuit.behaviour')}
        </Typography>
      </summary>
      <p>{t('kits.circuit.behaviourAbout')}</p>
      <ul>
        {sorted.map(({ part, devices, first }) => (
          <BehaviourOfLine key={part.designators.join(' ')} {...{ part, devices }} device={first} />
        ))}
      </ul>
    </details>
  );
}

interface BehaviourOfLineProps {
  readonly part: Part;
  /** All places of the line behave alike. */
  readonly devices: readonly Device[];
  readonly device: Device;
}

function BehaviourOfLine({ part, devices, device }: BehaviourOfLineProps) {
  const { t } = useTranslation();
  const { keep } = useCircuitNotes();
  const [saying, setSaying] = useState(false);
  const model = modelOf(device);
  const assumed = model?.assumes?.(device.part);
  const places = devices.map(({ place }) => place);
  const pins = [...new Set(devices.flatMap(({ netAt }) => Object.keys(netAt)))].toSorted((a, b) =>
    a.localeCompare(b, 'en', { numeric: true }),
  );
  const name = shortDesignators(part.designators);
  return (
    <li>
      <strong>{name}</strong> {partName(t, part)}:{' '}
      {model ? t(`kits.circuit.model.${model.id}`) : t('kits.circuit.modelUnknown')}
      {assumed && ` ${t(`kits.circuit.assumed.${assumed}`)}`}{' '}
      <InstructorOnly>
        <Button
          size="small"
          variant={model ? 'text' : 'outlined'}
          color={model ? 'inherit' : 'primary'}
          aria-expanded={saying}
          aria-label={t('kits.circuit.sayTitle', { part: name })}
          onClick={() => setSaying(!saying)}
        >
          {t('kits.circuit.sayHow')}
        </Button>
        {saying && (
          <SayBehaviour
            {...{ part, pins }}
            said={device.said}
            isKnown={model !== undefined}
            keep={(said) => {
              void keep((notes) => {
                const others = (notes.parts ?? []).filter(({ place }) => !places.includes(place));
                const mine = said ? places.map((place) => ({ place, ...said })) : [];
                return { ...notes, parts: [...others, ...mine] };
              });
              setSaying(false);
            }}
          />
        )}
      </InstructorOnly>
    </li>
  );
}
