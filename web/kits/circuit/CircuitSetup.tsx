import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { Circuit, SupplyAt } from '#core/circuit/circuit';
import { modelOf } from '#core/circuit/models/index';
import { type CircuitNotes, type FeedChoice, feedChoices } from '#core/circuit/notes';
import type { State } from '#core/circuit/states';
import type { Part } from '#core/parts/part';
import { pinText } from '#core/words/figureWords';
import { typedNumber } from '../../ui/decimal.ts';
import { useCircuitNotes } from './useCircuitNotes.ts';

interface CircuitSetupProps {
  readonly circuit: Circuit;
  readonly parts: ReadonlyMap<string, Part>;
  readonly at: SupplyAt | null;
  readonly volt: number | null;
}

/** What the instructor says of the circuit: where the supply comes in, and how the board stands while it is measured. */
export function CircuitSetup({ circuit, parts, at, volt }: CircuitSetupProps) {
  const { notes, keep } = useCircuitNotes();
  const save = (more: CircuitNotes) => void keep((now) => ({ ...now, ...more }));
  const setState = (state: SaidState) =>
    void keep((now) => ({
      ...now,
      states: [...(now.states ?? []).filter(({ place }) => place !== state.place), state],
    }));
  const setJoined = (edit: (joined: readonly JoinedPair[]) => JoinedPair[]) =>
    void keep((now) => ({ ...now, joined: edit(now.joined ?? []) }));
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <SupplyChoice {...{ circuit, parts, at }} choose={(supply) => save({ supply })} />
      <FeedSelect now={notes.feed ?? 'own'} volt={volt} choose={(feed) => save({ feed })} />
      <States {...{ circuit, notes }} choose={setState} />
      <Joined {...{ circuit, parts, notes }} edit={setJoined} />
    </Box>
  );
}

type SaidState = NonNullable<CircuitNotes['states']>[number];
type JoinedPair = NonNullable<CircuitNotes['joined']>[number];

interface SupplyChoiceProps {
  readonly circuit: Circuit;
  readonly parts: ReadonlyMap<string, Part>;
  readonly at: SupplyAt | null;
  readonly choose: (supply: NonNullable<CircuitNotes['supply']>) => void;
}

function SupplyChoice({ circuit: { nets }, parts, at, choose }: SupplyChoiceProps) {
  const { t } = useTranslation();
  // The pin at which it comes in, rather than the first of its net.
  const pinOf = (net: string | undefined) => {
    const pins = nets.find(({ id }) => id === net)?.pins ?? [];
    return pins.find((pin) => pin.startsWith(`${at?.place}.`)) ?? pins[0] ?? '';
  };
  const now = { plus: pinOf(at?.plus), minus: pinOf(at?.minus) };
  return (
    <section>
      <Typography variant="h2">{t('kits.circuit.supplyAt')}</Typography>
      <p>{at ? t('kits.circuit.supplyTaken') : t('kits.circuit.supplyAsked')}</p>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {(['plus', 'minus'] as const).map((pole) => (
          <TextField
            key={pole}
            select
            size="small"
            sx={{ minWidth: 150, flex: 1 }}
            label={t(`kits.circuit.${pole}`)}
            value={now[pole]}
            onChange={({ target: { value } }) => choose({ ...now, [pole]: value })}
          >
            {nets.map((net) => (
              <MenuItem key={net.id} value={net.id === at?.[pole] ? now[pole] : net.pins[0]}>
                {net.name} · {pinText(t, net.pins[0] ?? '', parts)}
              </MenuItem>
            ))}
          </TextField>
        ))}
      </Box>
    </section>
  );
}

interface FeedSelectProps {
  readonly now: FeedChoice;
  readonly volt: number | null;
  readonly choose: (feed: FeedChoice) => void;
}

/** Cells go from fresh to tired, and all readings with them; a bench supply stands where it is set. */
function FeedSelect({ now, volt, choose }: FeedSelectProps) {
  const { t } = useTranslation();
  if (volt === null) return null;
  return (
    <TextField
      select
      size="small"
      label={t('kits.circuit.fedBy')}
      value={now}
      onChange={({ target: { value } }) => choose(value === 'bench' ? 'bench' : 'own')}
    >
      {feedChoices.map((choice) => (
        <MenuItem key={choice} value={choice}>
          {t(`kits.circuit.feed.${choice}`, { volt: typedNumber(volt) })}
        </MenuItem>
      ))}
    </TextField>
  );
}

interface StatesProps {
  readonly circuit: Circuit;
  readonly notes: CircuitNotes;
  readonly choose: (state: SaidState) => void;
}

function States({ circuit, notes: { states = [] }, choose }: StatesProps) {
  const { t } = useTranslation();
  const movable = circuit.devices.flatMap((device) => {
    const { place, netAt } = device;
    const known = modelOf(device)?.states;
    return known && Object.keys(netAt).length > 1 ? [{ place, known }] : [];
  });
  if (movable.length === 0) return null;
  return (
    <section>
      <Typography variant="h2">{t('kits.circuit.states')}</Typography>
      <p>{t('kits.circuit.statesAbout')}</p>
      <Box sx={{ display: 'grid', gap: 1 }}>
        {movable.map(({ place, known }) => (
          <TextField
            key={place}
            select
            size="small"
            label={place}
            value={states.find((one) => one.place === place)?.state ?? known[0]}
            onChange={({ target: { value } }) => {
              const state = known.find((one): one is State => one === value);
              if (state) choose({ place, state });
            }}
          >
            {known.map((state) => (
              <MenuItem key={state} value={state}>
                {t(`fault.state.${state}`)}
              </MenuItem>
            ))}
          </TextField>
        ))}
      </Box>
    </section>
  );
}

interface JoinedProps {
  readonly circuit: Circuit;
  readonly parts: ReadonlyMap<string, Part>;
  readonly notes: CircuitNotes;
  readonly edit: (change: (joined: readonly JoinedPair[]) => JoinedPair[]) => void;
}

/** Pins at which something outside may join nets: those of wires and connectors. */
function Joined({ circuit, parts, notes: { joined = [] }, edit }: JoinedProps) {
  const { t } = useTranslation();
  const ends = circuit.devices.flatMap((device) =>
    modelOf(device)?.joinsOutside
      ? Object.keys(device.netAt).map((pin) => `${device.place}.${pin}`)
      : [],
  );
  if (ends.length < 2) return null;
  const pairs = ends.flatMap((one, index) =>
    ends.slice(index + 1).map((other) => ({ one, other })),
  );
  const text = ({ one, other }: { one: string; other: string }) =>
    t('kits.circuit.pair', { one: pinText(t, one, parts), other: pinText(t, other, parts) });
  return (
    <section>
      <Typography variant="h2">{t('kits.circuit.joined')}</Typography>
      <p>{t('kits.circuit.joinedAbout')}</p>
      {joined.map((pair) => (
        <Box key={text(pair)} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          <span style={{ flex: 1 }}>{text(pair)}</span>
          <Button
            color="inherit"
            onClick={() => edit((now) => now.filter((other) => text(other) !== text(pair)))}
          >
            {t('kits.circuit.takeApart')}
          </Button>
        </Box>
      ))}
      <TextField
        select
        size="small"
        fullWidth
        label={t('kits.circuit.joinTwo')}
        value=""
        onChange={({ target: { value } }) => {
          const pair = pairs.find((one) => text(one) === value);
          if (pair) edit((now) => [...now, pair]);
        }}
      >
        {pairs.map((pair) => (
          <MenuItem key={text(pair)} value={text(pair)}>
            {text(pair)}
          </MenuItem>
        ))}
      </TextField>
    </section>
  );
}
