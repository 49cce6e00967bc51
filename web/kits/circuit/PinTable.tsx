import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useId } from 'react';
import { useTranslation } from 'react-i18next';
import { netNames, withPinOn } from '#core/circuit/netTable';
import { netText } from '#core/circuit/netText';
import type { SaidNet } from '#core/circuit/notes';
import { pinsToJoin } from '#core/circuit/pinsOfPlace';
import type { Part } from '#core/parts/part';
import { pinText } from '#core/words/figureWords';
import { partName } from '#core/words/partWords';

interface PinTableProps {
  /** As they are typed; null while the text cannot be read. */
  readonly nets: readonly SaidNet[] | null;
  readonly pins: ReadonlyMap<string, readonly string[]>;
  readonly byPlace: ReadonlyMap<string, Part>;
  /** Puts other nets in their place, as text. */
  readonly set: (text: string) => void;
}

/** Every pin of every part, with the net that it is on: pins with the same name are joined. */
export function PinTable({ nets, pins, byPlace, set }: PinTableProps) {
  const { t } = useTranslation();
  const listId = useId();
  if (!nets) return <p>{t('kits.circuit.pins.mend')}</p>;
  const nameOf = netNames(nets);
  const rows = pinsToJoin(pins, byPlace, nets);
  if (rows.length === 0) return <p>{t('kits.circuit.pins.noPlaces')}</p>;
  return (
    <section aria-label={t('kits.circuit.pins.title')}>
      <p>{t('kits.circuit.pins.about')}</p>
      <datalist id={listId}>
        {nets.map(({ name }) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      <ul className="circuit-pins">
        {rows.map(({ place, part, pins: own }) => (
          <li key={place}>
            <span>
              <strong>{place}</strong> {partName(t, part)}
            </span>
            <Box className="circuit-pins-of">
              {own.map((pin) => {
                const name = `${place}.${pin}`;
                const now = nameOf.get(name) ?? '';
                return (
                  <TextField
                    key={`${pin} ${now}`}
                    size="small"
                    label={pinText(t, name, byPlace)}
                    defaultValue={now}
                    slotProps={{ htmlInput: { list: listId, maxLength: 60, spellCheck: false } }}
                    onBlur={({ target: { value } }) => {
                      if (value.trim() !== now) set(netText(withPinOn(nets, name, value)));
                    }}
                  />
                );
              })}
            </Box>
          </li>
        ))}
      </ul>
    </section>
  );
}
