import DeleteOutline from '@mui/icons-material/DeleteOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import type { LearntPaces } from '#contract/pace';
import { arrangeSeats, bringSeatBack, removeSeat } from '#contract/workshopShelf';
import { changeSeating, maxSeats, type Seat, type Workshop } from '#contract/workshops';
import { experiences } from '#core/pace/experience';
import { shareOf } from '#core/pace/learnt/priors';
import { type Pairing, pairsOf } from '#core/pace/seating/pairs';
import { areSideBySide, sideBySide } from '#core/pace/seating/sideBySide';
import { isSomeoneElse } from '#core/pace/seating/someoneElse';
import { call } from '../../app/call.ts';
import { offerUndo } from '../../app/offerUndo.tsx';
import { useSave } from '../../app/useSave.ts';
import { useTyped } from '../../app/useTyped.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import '../../ui/plainTable.css';
import { decimal } from '../../ui/decimal.ts';
import { AddSeat } from '../AddSeat.tsx';
import { paceOfSeat } from '../learnt.ts';

interface SeatingProps {
  readonly workshop: Workshop;
  readonly paces: LearntPaces;
}

/** Who sits where, what each has soldered before, and who sits beside whom. */
export function Seating({ workshop, paces }: SeatingProps) {
  const { t } = useTranslation();
  const typed = useTyped(`seating ${workshop.id}`, typedSeats(workshop.seats));
  const seats = workshop.seats.map((seat) => ({ ...seat, ...typed.changed[seat.id] }));
  const setSeats = (next: (all: readonly Seat[]) => readonly Seat[]) =>
    typed.set(typedSeats(next(seats)));
  const { run, refusal, saving } = useSave();
  const [adding, setAdding] = useState(false);
  // Who sat where when this was opened: somebody else may change it meanwhile.
  const [opened] = useState(workshop.seats);
  const { enqueueSnackbar } = useSnackbar();
  const { revalidate } = useRevalidator();
  // What was decided by hand about a seat whose name is changed; the first guess counts for the others.
  const [decided, setDecided] = useState<Readonly<Record<string, boolean>>>({});
  const nameBefore = (id: string) => workshop.seats.find((seat) => seat.id === id)?.name ?? '';
  const isOther = ({ id, name }: Seat) => decided[id] ?? isSomeoneElse(nameBefore(id), name);
  const isChanged = JSON.stringify(seats) !== JSON.stringify(workshop.seats);

  const change = (number: number, changed: Partial<Seat>) =>
    setSeats((all) => all.map((seat) => (seat.number === number ? { ...seat, ...changed } : seat)));
  const pairWith = (number: number, partner: number | null) =>
    setSeats((all) =>
      all.map((seat) => ({ ...seat, partner: partnerAfter(seat, number, partner) })),
    );
  const pairAll = (pairing: Pairing) => {
    const pairs = pairsOf(
      seats.map((seat) => ({ seat: seat.number, pace: shareOf(paceOfSeat(seat, paces)) })),
      pairing,
    );
    const partners = new Map(pairs.flatMap(([a, b]) => [[a, b] as const, [b, a] as const]));
    setSeats((all) => all.map((seat) => ({ ...seat, partner: partners.get(seat.number) ?? null })));
  };

  const remove = async ({ id, number }: Seat) => {
    const params = { workshopId: workshop.id, seatId: id };
    const refused = await run(async () => {
      await call(removeSeat, { params });
      await revalidate();
    });
    if (refused) return;
    offerUndo(t('workshops.seating.removed', { number }), async () => {
      await call(bringSeatBack, { params });
      await revalidate();
    });
  };

  const arrange = async () => {
    const put = (order: readonly Seat[]) =>
      call(arrangeSeats, {
        params: { workshopId: workshop.id },
        body: { order: order.map(({ id }) => id) },
      }).then(() => revalidate());
    const refused = await run(() => put(sideBySide(workshop.seats)));
    if (!refused) offerUndo(t('workshops.seating.areSideBySide'), () => put(workshop.seats));
  };

  const save = async () => {
    const body = {
      version: workshop.version,
      seats: seats.map((seat) => ({
        id: seat.id,
        name: seat.name.trim(),
        experience: seat.experience,
        partner: seat.partner,
        newLink: asksWhetherOther(nameBefore(seat.id), seat.name) && isOther(seat),
      })),
    };
    const refused = await run(() =>
      call(changeSeating, { params: { workshopId: workshop.id }, body }),
    );
    if (!refused) {
      setDecided({});
      typed.saved();
      const renewed = body.seats.filter(({ newLink }) => newLink).length;
      enqueueSnackbar(
        renewed > 0
          ? t('workshops.seating.saved', { count: renewed })
          : t('workshops.seating.seatsSavedSeatsThatAreOpen'),
      );
    }
    if (!refused || refused.isConflict) await revalidate();
  };

  return (
    <Box component="section" aria-labelledby="seating" sx={{ mb: 4, maxWidth: 1100 }}>
      <Typography variant="h2" id="seating">
        {t('workshops.seating.whoSitsWhere')}
      </Typography>
      <FoundAgain typed={typed} />
      <Typography sx={{ mb: 1 }}>{t('workshops.seating.aNameIsOnePersonWhoever')}</Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center', mb: 1 }}>
        <span>{t('workshops.seating.pairUp')}</span>
        <Button variant="outlined" color="inherit" onClick={() => pairAll('mixed')}>
          {t('workshops.seating.quickBesideSlow')}
        </Button>
        <Button variant="outlined" color="inherit" onClick={() => pairAll('alike')}>
          {t('workshops.seating.equalsTogether')}
        </Button>
        <Button
          color="inherit"
          onClick={() => setSeats((all) => all.map((seat) => ({ ...seat, partner: null })))}
        >
          {t('workshops.seating.nobody')}
        </Button>
        {!isChanged && !areSideBySide(workshop.seats) && (
          <Button variant="outlined" color="inherit" onClick={() => void arrange()}>
            {t('workshops.seating.sideBySide')}
          </Button>
        )}
      </Box>
      <table className="plain plain-fields" aria-label={t('workshops.seating.seats')}>
        <thead>
          <tr>
            <th scope="col">{t('workshops.seating.seat')}</th>
            <th scope="col">{t('workshops.seating.name')}</th>
            <th scope="col">{t('workshops.seating.has')}</th>
            <th scope="col">{t('workshops.seating.beside')}</th>
            <th scope="col">{t('workshops.seating.pace')}</th>
            <th scope="col">{t('workshops.seating.remove')}</th>
          </tr>
        </thead>
        <tbody>
          {seats.map((seat) => (
            <tr key={seat.id}>
              <th scope="row" className="mono">
                {seat.number}
              </th>
              <td>
                <TextField
                  size="small"
                  value={seat.name}
                  onChange={({ target }) => change(seat.number, { name: target.value })}
                  slotProps={{
                    htmlInput: {
                      'aria-label': t('workshops.seating.nameAt', { number: seat.number }),
                    },
                  }}
                />
                {asksWhetherOther(nameBefore(seat.id), seat.name) && (
                  <FormControlLabel
                    control={
                      <Checkbox
                        size="small"
                        checked={isOther(seat)}
                        onChange={({ target }) =>
                          setDecided((all) => ({ ...all, [seat.id]: target.checked }))
                        }
                      />
                    }
                    label={t('workshops.seating.notAnyMoreNewLink', {
                      nameBefore: nameBefore(seat.id),
                    })}
                    sx={{ display: 'flex' }}
                  />
                )}
              </td>
              <td>
                <TextField
                  select
                  size="small"
                  value={seat.experience}
                  onChange={({ target }) =>
                    change(seat.number, { experience: target.value as Seat['experience'] })
                  }
                  slotProps={{
                    select: {
                      SelectDisplayProps: {
                        'aria-label': t('workshops.seating.experienceAt', { number: seat.number }),
                      },
                    },
                  }}
                  sx={{ minWidth: 180 }}
                >
                  {experiences.map((one) => (
                    <MenuItem key={one} value={one}>
                      {t(`experience.${one}`)}
                    </MenuItem>
                  ))}
                </TextField>
              </td>
              <td>
                <TextField
                  select
                  size="small"
                  value={seat.partner ?? ''}
                  onChange={({ target }) =>
                    pairWith(seat.number, target.value === '' ? null : Number(target.value))
                  }
                  slotProps={{
                    select: {
                      displayEmpty: true,
                      SelectDisplayProps: {
                        'aria-label': t('workshops.seating.besideSeat', { number: seat.number }),
                      },
                    },
                  }}
                  sx={{ minWidth: 140 }}
                >
                  <MenuItem value="">{t('workshops.seating.nobody2')}</MenuItem>
                  {seats
                    .filter(({ number }) => number !== seat.number)
                    .map(({ number, name }) => (
                      <MenuItem key={number} value={number}>
                        {number} {name}
                      </MenuItem>
                    ))}
                </TextField>
              </td>
              <td>{paceWords(seat, paces)}</td>
              <td>
                <IconButton
                  size="small"
                  disabled={seats.length === 1}
                  aria-label={t('workshops.seating.removeSeat', { number: seat.number })}
                  title={t('workshops.seating.removeSeat', { number: seat.number })}
                  onClick={() => void remove(seat)}
                >
                  <DeleteOutline />
                </IconButton>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {refusal && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {refusal.message}
          {refusal.isConflict &&
            ` ${newerSeats(
              opened,
              workshop.seats.filter(({ id }) => id in typed.changed),
            )}`}
        </Alert>
      )}
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
        {seats.length < maxSeats && (
          <Button variant="outlined" color="inherit" onClick={() => setAdding(true)}>
            {t('workshops.seating.addSeat')}
          </Button>
        )}
        <Button
          variant="contained"
          disabled={!isChanged}
          loading={saving}
          onClick={() => void save()}
        >
          {t('workshops.seating.saveTheSeats')}
        </Button>
        <Button
          color="inherit"
          disabled={!isChanged}
          onClick={() => setSeats(() => workshop.seats)}
        >
          {t('workshops.seating.asItWas')}
        </Button>
      </Box>
      {adding && <AddSeat added={() => undefined} close={() => setAdding(false)} />}
    </Box>
  );
}

/** What of the seats is changed here, by seat: what somebody else has changed at another comes in beside it. */
const typedSeats = (seats: readonly Seat[]) =>
  Object.fromEntries(
    seats.map(({ id, name, experience, partner }) => [id, { name, experience, partner }]),
  );

/** Whom a seat is paired with once seat `number` is paired with `partner`: both let go of whom they had. */
function partnerAfter(seat: Seat, number: number, partner: number | null): number | null {
  if (seat.number === number) return partner;
  if (seat.number === partner) return number;
  return seat.partner === number || (partner !== null && seat.partner === partner)
    ? null
    : seat.partner;
}

/** Only where somebody sat there before: an empty seat keeps its link for whoever comes. */
const asksWhetherOther = (before: string, after: string): boolean =>
  before !== '' && before.toLowerCase() !== after.trim().toLowerCase();

/** What somebody else has made of the seats since they were opened, and what saving again would do. */
function newerSeats(before: readonly Seat[], now: readonly Seat[]): string {
  const differs = now.filter((seat) => {
    const old = before.find(({ id }) => id === seat.id);
    return (
      old?.name !== seat.name || old.experience !== seat.experience || old.partner !== seat.partner
    );
  });
  const told = differs
    .map(({ number, name }) => `${number} (${name || t('workshops.seating.noName')})`)
    .join(', ');
  return [
    told && t('workshops.seating.theirsDifferAtSeat', { told }),
    t('workshops.seating.saveAgainToPutYoursIn'),
  ]
    .filter(Boolean)
    .join(' ');
}

/** `1.2 × plan, from 23 steps` */
function paceWords(seat: Seat, paces: LearntPaces): string {
  const share = decimal(shareOf(paceOfSeat(seat, paces)), 1);
  const count = paces.learners.find(({ id }) => id === seat.learnerId)?.count ?? 0;
  return count === 0
    ? t('workshops.seating.planAssumed', { share })
    : t('workshops.seating.planFromSteps', { share, count });
}
