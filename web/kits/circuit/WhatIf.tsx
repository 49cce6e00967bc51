import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { mostChanges, type TypedChange, tryOtherwise } from '#contract/figures';
import type { Circuit } from '#core/circuit/circuit';
import type { Compared } from '#core/circuit/whatIf';
import { familyOf } from '#core/parts/families/index';
import { valueLabel } from '#core/parts/label';
import { CallProblem, call } from '../../app/call.ts';
import { numberTyped } from '../../ui/decimal.ts';
import { useKit } from '../KitFrame.tsx';
import { ComparedFigures } from './ComparedFigures.tsx';

interface WhatIfProps {
  readonly circuit: Circuit;
}

/** Another value, colour, type or supply is tried, and both boards stand side by side; the kit stays as it is. */
export function WhatIf({ circuit }: WhatIfProps) {
  const { t } = useTranslation();
  const { id, supplyVolt } = useKit();
  const devices = circuit.devices.filter(
    ({ part, netAt }) => familyOf(part).valueKind !== 'none' && Object.keys(netAt).length > 1,
  );
  const [changes, setChanges] = useState<readonly TypedChange[]>([{ place: '', value: '' }]);
  const numbered = changes.map((one, row) => ({ ...one, row }));
  const [volt, setVolt] = useState('');
  const [state, setState] = useState<State>({ kind: 'asked' });
  const typed = changes.filter(({ place, value }) => place !== '' && value.trim() !== '');
  const otherVolt = numberTyped(volt);
  const isReady = typed.length > 0 || otherVolt !== null;
  const compare = async () => {
    setState({ kind: 'working' });
    try {
      const body = { supplyVolt: otherVolt, parts: typed };
      setState({
        kind: 'found',
        compared: await call(tryOtherwise, { params: { kitId: id }, body }),
      });
    } catch (error) {
      if (!(error instanceof CallProblem)) throw error;
      setState({ kind: 'refused', says: error.message });
    }
  };
  return (
    <section>
      <Typography variant="h2">{t('kits.circuit.whatIf.title')}</Typography>
      <p>{t('kits.circuit.whatIf.about')}</p>
      <Box
        component="form"
        sx={{ display: 'grid', gap: 1, maxWidth: 560 }}
        onSubmit={(event) => {
          event.preventDefault();
          if (isReady) void compare();
        }}
      >
        {numbered.map(({ row, place, value }) => (
          <ChangeRow
            key={row}
            {...{ place, value, devices }}
            change={(more) =>
              setChanges(
                numbered.map(({ row: of, ...one }) => (of === row ? { ...one, ...more } : one)),
              )
            }
          />
        ))}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'end' }}>
          <TextField
            size="small"
            label={t('kits.circuit.whatIf.supply')}
            placeholder={String(supplyVolt ?? '')}
            value={volt}
            error={volt !== '' && otherVolt === null}
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
            onChange={({ target }) => setVolt(target.value)}
          />
          <Button
            color="inherit"
            disabled={changes.length >= mostChanges}
            onClick={() => setChanges([...changes, { place: '', value: '' }])}
          >
            {t('kits.circuit.whatIf.add')}
          </Button>
          <Button type="submit" variant="contained" disabled={!isReady || state.kind === 'working'}>
            {t('kits.circuit.whatIf.compare')}
          </Button>
        </Box>
      </Box>
      {state.kind === 'working' && (
        <Box role="status" sx={{ my: 2 }}>
          <LinearProgress aria-label={t('kits.circuit.working')} />
          <p>{t('kits.circuit.whatIf.working')}</p>
        </Box>
      )}
      {state.kind === 'refused' && <Alert severity="error">{state.says}</Alert>}
      {state.kind === 'found' && <ComparedFigures circuit={circuit} compared={state.compared} />}
    </section>
  );
}

type State =
  | { readonly kind: 'asked' }
  | { readonly kind: 'working' }
  | { readonly kind: 'refused'; readonly says: string }
  | { readonly kind: 'found'; readonly compared: Compared };

interface ChangeRowProps extends TypedChange {
  readonly devices: Circuit['devices'];
  readonly change: (more: Partial<TypedChange>) => void;
}

function ChangeRow({ place, value, devices, change }: ChangeRowProps) {
  const { t } = useTranslation();
  const part = devices.find((device) => device.place === place)?.part;
  const now = part ? valueLabel(part.value) : '';
  return (
    <Box sx={{ display: 'flex', gap: 1 }}>
      <TextField
        select
        size="small"
        sx={{ minWidth: 150 }}
        label={t('kits.circuit.whatIf.place')}
        value={place}
        onChange={({ target }) => change({ place: target.value })}
      >
        {devices.map((device) => (
          <MenuItem key={device.place} value={device.place}>
            {device.place} {valueLabel(device.part.value)}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        size="small"
        sx={{ flex: 1 }}
        label={
          now
            ? t('kits.circuit.whatIf.value', { value: now })
            : t('kits.circuit.whatIf.valueOfNone')
        }
        value={value}
        onChange={({ target }) => change({ value: target.value })}
      />
    </Box>
  );
}
