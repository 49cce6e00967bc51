import { useTranslation } from 'react-i18next';
import type { CircuitNotes } from '#core/circuit/notes';
import { useKit } from '../KitFrame.tsx';
import { useChangeKit } from '../useChangeKit.tsx';

/** What is said of the circuit of the kit; and `keep`, which puts other notes in their place and resolves to a refusal. */
export function useCircuitNotes() {
  const { t } = useTranslation();
  const { circuitNotes: notes } = useKit();
  const change = useChangeKit();
  const keep = (circuitNotes: CircuitNotes) => change({ circuitNotes }, t('kits.circuit.saved'));
  return { notes, keep };
}
