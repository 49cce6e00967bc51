import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { useMemo, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { netlistPath } from '#contract/figures';
import { netsOf } from '#core/board/nets';
import type { Circuit } from '#core/circuit/circuit';
import { netDifferences, netText, readNetText } from '#core/circuit/netText';
import { pinsByPlace } from '#core/circuit/pinsOfPlace';
import { netsOfSpice, type TakenNetlist } from '#core/circuit/spicefile/netsOfSpice';
import { readSpice } from '#core/circuit/spicefile/readSpice';
import { shortDesignators } from '#core/parts/label';
import type { Part } from '#core/parts/part';
import { saying } from '#core/words/sayings';
import { InstructorOnly } from '../../app/InstructorOnly.tsx';
import { FileInput } from '../../ui/FileInput.tsx';
import { useKit } from '../KitFrame.tsx';
import { NetDoubts } from '../NetDoubts.tsx';
import { JoinOnBoard } from './JoinOnBoard.tsx';
import { PinTable } from './PinTable.tsx';
import { useCircuitNotes } from './useCircuitNotes.ts';

interface ConnectionsProps {
  readonly circuit: Circuit;
  readonly byPlace: ReadonlyMap<string, Part>;
}

/** Which pins are joined: as the board tells it, as a netlist says, or as somebody enters it. */
export function Connections({ circuit, byPlace }: ConnectionsProps) {
  const { t } = useTranslation();
  const { id, board, lines } = useKit();
  const { notes, keep } = useCircuitNotes();
  const input = useRef<HTMLInputElement>(null);
  const saidNets = notes.nets;
  // What was entered stands as it was, nets of one pin too.
  const now = netText(saidNets ?? circuit.nets);
  // What was typed is about the connections that stood there then.
  const [typed, setTyped] = useState({ about: now, text: now });
  const text = typed.about === now ? typed.text : now;
  const setText = (next: string) => setTyped({ about: now, text: next });
  const [wrong, setWrong] = useState<string>();
  const [taken, setTaken] = useState<TakenNetlist>();
  const parts = useMemo(() => lines.map(({ part }) => part), [lines]);
  const pins = useMemo(() => pinsByPlace(board, parts), [board, parts]);
  const read = useMemo(() => readNetText(text, (place) => pins.get(place)), [text, pins]);

  const save = async () => {
    if (!read.ok) return setWrong(saying(t, read.problem));
    const problem = await keep((now) => ({ ...now, nets: read.value }));
    setWrong(problem?.message);
    if (!problem) setTaken(undefined);
  };
  const takeFile = async (file: File) => {
    const places = new Map(
      parts.flatMap((part) => part.designators.map((place) => [place, part] as const)),
    );
    const found = netsOfSpice(readSpice(await file.text()), places);
    setTaken(found);
    setText(netText(found.nets));
  };
  const forget = async () => setWrong((await keep(({ nets: _, ...others }) => others))?.message);
  const differences =
    saidNets && board
      ? netDifferences(
          netsOf(board, byPlace),
          saidNets.map((net) => net.pins),
        )
      : [];
  return (
    <details className="circuit-behaviour" open={now === '' ? true : undefined}>
      <summary>
        <Typography variant="h2" component="span">
          {t('kits.circuit.connections')}
        </Typography>
      </summary>
      <Box sx={{ display: 'grid', gap: 1.5, mt: 1 }}>
        <p>{t(`kits.circuit.nets.${whence(board !== null, saidNets !== undefined)}`)}</p>
        {differences.length > 0 && <Differences differences={differences} />}
        {taken && <Told taken={taken} />}
        <InstructorOnly>
          <div>
            <Button variant="outlined" onClick={() => input.current?.click()}>
              {t('kits.circuit.takeNetlist')}
            </Button>
          </div>
          <FileInput
            label={t('kits.circuit.takeNetlist')}
            input={input}
            accept=".cir,.net,.sp,.spice,.ckt,text/plain"
            take={takeFile}
          />
          {board && read.ok && (
            <JoinOnBoard {...{ board, byPlace }} nets={read.value} set={setText} />
          )}
          <PinTable nets={read.ok ? read.value : null} {...{ pins, byPlace }} set={setText} />
          <TextField
            multiline
            minRows={4}
            maxRows={16}
            label={t('kits.circuit.netsTyped')}
            helperText={wrong ?? t('kits.circuit.netsHelp')}
            error={wrong !== undefined}
            value={text}
            onChange={({ target: { value } }) => setText(value)}
            slotProps={{ htmlInput: { spellCheck: false, className: 'circuit-nets' } }}
          />
          {read.ok && text !== now && (
            <NetDoubts {...{ board, parts }} circuitNotes={{ ...notes, nets: read.value }} />
          )}
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button variant="contained" disabled={text === now} onClick={() => void save()}>
              {t('kits.circuit.useNets')}
            </Button>
            {saidNets && (
              <Button color="inherit" onClick={() => void forget()}>
                {t(board ? 'kits.circuit.backToBoard' : 'kits.circuit.deleteNets')}
              </Button>
            )}
          </Box>
        </InstructorOnly>
        {now !== '' && (
          <a href={netlistPath(id)} download>
            {t('kits.circuit.giveNetlist')}
          </a>
        )}
      </Box>
    </details>
  );
}

/** Where the connections are from. */
const whence = (hasBoard: boolean, isSaid: boolean) =>
  hasBoard ? (isSaid ? 'notOfBoard' : 'ofBoard') : isSaid ? 'entered' : 'none';

function Differences({ differences }: { readonly differences: ReturnType<typeof netDifferences> }) {
  const { t } = useTranslation();
  const shown = 6;
  return (
    <Alert severity="warning">
      {t('kits.circuit.differences')}
      <ul>
        {differences.slice(0, shown).map(({ one, other, joined }) => (
          <li key={`${joined} ${one} ${other}`}>
            {t(`kits.circuit.joinedOnly.${joined}`, { one, other })}
          </li>
        ))}
      </ul>
      {differences.length > shown &&
        t('kits.circuit.moreDifferences', { count: differences.length - shown })}
    </Alert>
  );
}

function Told({ taken }: { readonly taken: TakenNetlist }) {
  const { t } = useTranslation();
  return (
    <Alert severity="info">
      {t('kits.circuit.netlistRead', { count: taken.nets.length })}
      <ul>
        {toldOf(t, taken).map((says) => (
          <li key={says}>{says}</li>
        ))}
      </ul>
    </Alert>
  );
}

function toldOf(
  t: TFunction,
  { notInKit, otherValue, leadsUnknown, notRead }: TakenNetlist,
): string[] {
  return [
    ...(notInKit.length > 0
      ? [t('kits.circuit.netlist.notInKit', { names: notInKit.join(', ') })]
      : []),
    ...(otherValue.length > 0
      ? [t('kits.circuit.netlist.otherValue', { places: shortDesignators(otherValue) })]
      : []),
    ...(leadsUnknown.length > 0
      ? [t('kits.circuit.netlist.leadsUnknown', { places: shortDesignators(leadsUnknown) })]
      : []),
    ...(notRead.length > 0
      ? [
          t('kits.circuit.netlist.notRead', {
            lines: notRead.slice(0, 5).join(' | '),
            count: notRead.length,
          }),
        ]
      : []),
  ];
}
