import { useTranslation } from 'react-i18next';
import type { CircuitNotes } from '#core/circuit/notes';
import { useKit } from '../KitFrame.tsx';
import { useChangeKit } from '../useChangeKit.tsx';

/** What is said of the circuit of the kit; and `keep`, which changes the notes as they are by then and resolves to a refusal. */
export function useCircuitNotes() {
  const { t } = useTranslation();
  const { circuitNotes: notes } = useKit();
  const change = useChangeKit();
  const keep = (edit: (now: CircuitNotes) => CircuitNotes) =>
    change(({ circuitNotes }) => ({ circuitNotes: edit(circuitNotes) }), t('kits.circuit.saved'));
  return { notes, keep };
}
