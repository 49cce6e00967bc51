import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { Link, useRevalidator } from 'react-router';
import { changeIron, type Workshop } from '#contract/workshops';
import { alloys } from '#core/joint/heat/alloys';
import { celsiusRange, type HeatTimes, type Iron } from '#core/joint/heat/iron';
import { tips } from '#core/joint/heat/tips';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { decimal } from '../../ui/decimal.ts';

const settings = Array.from(
  { length: (celsiusRange.to - celsiusRange.from) / celsiusRange.step + 1 },
  (_, index) => celsiusRange.from + index * celsiusRange.step,
);

const rows = [
  {
    key: 'ordinary',
    get name() {
      return t('workshops.ironAndSolder.anOrdinaryPad');
    },
  },
  {
    key: 'largePad',
    get name() {
      return t('workshops.ironAndSolder.aLargePad');
    },
  },
  {
    key: 'spokes',
    get name() {
      return t('workshops.ironAndSolder.aPadOnAPlaneWith');
    },
  },
  {
    key: 'plane',
    get name() {
      return t('workshops.ironAndSolder.aPadThatIsAllPlane');
    },
  },
] as const satisfies readonly { readonly key: keyof HeatTimes; readonly name: string }[];

/** What the room solders with, and what that means for the seconds of heat on the learners’ steps. */
export function IronAndSolder({ workshop }: { readonly workshop: Workshop }) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const [iron, setIron] = useState(workshop.iron);
  const { run } = useSave();
  const [times, setTimes] = useState(workshop.heatTimes);
  const change = async (next: Iron) => {
    const before = iron;
    setIron(next);
    const refused = await run(async () => {
      const changed = await call(changeIron, {
        params: { workshopId: workshop.id },
        body: next,
      });
      setTimes(changed.heatTimes);
      await revalidate();
    });
    if (!refused) return;
    setIron(before);
    enqueueSnackbar(refused.message, { variant: 'error' });
  };
  return (
    <Box
      component="section"
      id="iron"
      aria-label={t('workshops.ironAndSolder.ironAndSolder')}
      sx={{ mb: 4, maxWidth: 900 }}
    >
      <Typography variant="h2">{t('workshops.ironAndSolder.ironAndSolder')}</Typography>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', my: 1.5 }}>
        <TextField
          select
          size="small"
          label={t('workshops.ironAndSolder.tip')}
          value={iron.tip}
          onChange={({ target }) => void change({ ...iron, tip: target.value })}
          sx={{ minWidth: 120 }}
        >
          {tips.map(({ id, widthMm }) => (
            <MenuItem key={id} value={id}>
              {t('drill.heat.tipWidth', { mm: widthMm })}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          size="small"
          label={t('workshops.ironAndSolder.setTo')}
          value={iron.celsius}
          onChange={({ target }) => void change({ ...iron, celsius: Number(target.value) })}
          sx={{ minWidth: 120 }}
        >
          {settings.map((celsius) => (
            <MenuItem key={celsius} value={celsius}>
              {t('workshops.ironAndSolder.c', { celsius })}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          size="small"
          label={t('workshops.ironAndSolder.solder')}
          value={iron.alloy}
          onChange={({ target }) => void change({ ...iron, alloy: target.value })}
          sx={{ minWidth: 180 }}
        >
          {alloys.map(({ id, name, leadFree }) => (
            <MenuItem key={id} value={id}>
              {name}
              {leadFree ? t('workshops.ironAndSolder.leadFree') : ''}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      <table className="plain" aria-label={t('workshops.ironAndSolder.secondsOfHeat')}>
        <thead>
          <tr>
            <th scope="col">{t('workshops.ironAndSolder.joint')}</th>
            <th scope="col" className="number">
              {t('workshops.ironAndSolder.heatBeforeFeeding')}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, name }) => (
            <tr key={key}>
              <th scope="row">{name}</th>
              <td className={times[key] === null ? undefined : 'mono number'}>
                {times[key] === null
                  ? t('workshops.ironAndSolder.notByTouchAloneFeedA')
                  : t('workshops.ironAndSolder.seconds', { seconds: decimal(times[key], 1) })}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        <Trans
          i18nKey="workshops.ironAndSolder.estimatedByTheHeatingModelFor"
          components={{ to: <Link to="/practice/heat" /> }}
        />
      </p>
    </Box>
  );
}
