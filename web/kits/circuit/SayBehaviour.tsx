import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { TFunction } from 'i18next';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { leadsWanted } from '#core/circuit/models/index';
import { readElements } from '#core/circuit/models/said/readElements';
import {
  type LeadName,
  mostElements,
  type PinDeed,
  pinDeeds,
  type SaidPart,
  type SaidPin,
} from '#core/circuit/notes';
import type { Part } from '#core/parts/part';
import { numberTyped, typedNumber } from '../../ui/decimal.ts';

type Said = Omit<SaidPart, 'place'>;
type Way = 'usual' | 'leads' | 'pins' | 'elements';

const wayOf = (said: Said | undefined): Way =>
  said?.elements !== undefined ? 'elements' : said?.pins ? 'pins' : said?.leads ? 'leads' : 'usual';

interface SayBehaviourProps {
  readonly part: Part;
  /** Pins by their numbers, of which something is joined to. */
  readonly pins: readonly string[];
  readonly said: Said | undefined;
  /** A model tells already. */
  readonly isKnown: boolean;
  /** With nothing where the model is to tell. */
  readonly keep: (said: Said | null) => void;
}

/** What the instructor knows of a part that no model tells: its leads, its pins, or a netlist. */
export function SayBehaviour({ part, pins, said, isKnown, keep }: SayBehaviourProps) {
  const { t } = useTranslation();
  const wanted = leadsWanted(part);
  const [way, setWay] = useState<Way>(
    said || isKnown ? wayOf(said) : wanted.length > 0 ? 'leads' : 'pins',
  );
  const count = Math.max(part.pins ?? 0, ...pins.map((pin) => Number(pin) || 0));
  const [leads, setLeads] = useState<readonly LeadName[]>(
    () => said?.leads ?? Array.from({ length: count }, () => wanted[0] ?? 'plus'),
  );
  const numbered = leads.map((lead, index) => ({ lead, pin: String(index + 1) }));
  const [deeds, setDeeds] = useState<readonly TypedPin[]>(() =>
    pins.map((pin) => {
      const found = said?.pins?.find((one) => one.pin === pin);
      return {
        pin,
        does: found?.does ?? 'nothing',
        amount: found?.amount === undefined ? '' : typedNumber(found.amount),
      };
    }),
  );
  const [elements, setElements] = useState(said?.elements ?? '');
  const fault = way === 'elements' ? faultText(t, elements) : null;
  const kept = () => {
    if (way === 'usual') return keep(null);
    if (way === 'leads') return keep({ leads });
    if (way === 'elements') return keep({ elements });
    return keep({ pins: deeds.map(saidPin) });
  };
  const ways = (['usual', 'leads', 'pins', 'elements'] as const).filter(
    (one) => one !== 'leads' || wanted.length > 0,
  );
  return (
    <Box
      component="form"
      sx={{ display: 'grid', gap: 1.5, py: 1, maxWidth: 560 }}
      onSubmit={(event) => {
        event.preventDefault();
        if (!fault) kept();
      }}
    >
      <p>{t('kits.circuit.sayAbout')}</p>
      <Choice
        label={t('kits.circuit.sayWay')}
        value={way}
        choose={setWay}
        values={ways}
        text={(one) => t(`kits.circuit.sayWays.${one}`)}
      />
      {way === 'leads' &&
        numbered.map(({ lead, pin }) => (
          <Choice
            key={pin}
            label={t('kits.circuit.sayPin', { pin })}
            value={lead}
            values={wanted}
            choose={(name) => setLeads(numbered.map((one) => (one.pin === pin ? name : one.lead)))}
            text={(one) => t(`kits.circuit.lead.${one}`)}
          />
        ))}
      {way === 'pins' && <PinDeeds pins={deeds} change={setDeeds} />}
      {way === 'elements' && (
        <>
          <TextField
            multiline
            minRows={4}
            label={t('kits.circuit.sayElements')}
            value={elements}
            helperText={t('kits.circuit.sayElementsAbout')}
            error={fault !== null}
            slotProps={{ htmlInput: { maxLength: mostElements, spellCheck: false } }}
            onChange={({ target: { value } }) => setElements(value)}
          />
          {fault && <Alert severity="error">{fault}</Alert>}
        </>
      )}
      <div>
        <Button type="submit" variant="contained" disabled={fault !== null}>
          {t('kits.circuit.sayKeep')}
        </Button>
      </div>
    </Box>
  );
}

function faultText(t: TFunction, elements: string): string | null {
  const read = readElements(elements);
  return 'fault' in read ? t(`kits.circuit.elementFault.${read.fault}`, { line: read.line }) : null;
}

interface TypedPin {
  readonly pin: string;
  readonly does: PinDeed;
  readonly amount: string;
}

const withAmount = ['swings', 'gives-volts', 'takes-current'] as const;
const asksAmount = (does: PinDeed): does is (typeof withAmount)[number] =>
  withAmount.some((one) => one === does);

function saidPin({ pin, does, amount }: TypedPin): SaidPin {
  const number = numberTyped(amount);
  return asksAmount(does) && number !== null ? { pin, does, amount: number } : { pin, does };
}

interface PinDeedsProps {
  readonly pins: readonly TypedPin[];
  readonly change: (pins: readonly TypedPin[]) => void;
}

function PinDeeds({ pins, change }: PinDeedsProps) {
  const { t } = useTranslation();
  const set = (pin: string, more: Partial<TypedPin>) =>
    change(pins.map((one) => (one.pin === pin ? { ...one, ...more } : one)));
  return pins.map(({ pin, does, amount }) => (
    <Box key={pin} sx={{ display: 'flex', gap: 1 }}>
      <Choice
        label={t('kits.circuit.sayPin', { pin })}
        value={does}
        values={pinDeeds}
        choose={(deed) => set(pin, { does: deed })}
        text={(one) => t(`kits.circuit.deed.${one}`)}
      />
      {asksAmount(does) && (
        <TextField
          size="small"
          required
          sx={{ width: 130 }}
          label={t(`kits.circuit.deedAmount.${does}`)}
          value={amount}
          error={amount !== '' && numberTyped(amount) === null}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
          onChange={({ target: { value } }) => set(pin, { amount: value })}
        />
      )}
    </Box>
  ));
}

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly values: readonly Value[];
  readonly choose: (value: Value) => void;
  readonly text: (value: Value) => string;
}

function Choice<Value extends string>({ label, value, values, choose, text }: ChoiceProps<Value>) {
  return (
    <TextField
      select
      size="small"
      sx={{ flex: 1 }}
      label={label}
      value={value}
      onChange={({ target }) => {
        const found = values.find((one) => one === target.value);
        if (found) choose(found);
      }}
    >
      {values.map((one) => (
        <MenuItem key={one} value={one}>
          {text(one)}
        </MenuItem>
      ))}
    </TextField>
  );
}
